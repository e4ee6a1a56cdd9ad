import { cpSync, appendFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import type { SiteDto, VisitDto } from '@huff/contract';
import { copyOfReadyFolder } from './support/readyFolders';
import { HuffServer } from './support/huffServer';
import { expect, test as shared, testWithOwnServer as test } from './support/test';
import { ARRIVE_WITHIN } from './support/arriveWithin';
import { setAltitude, technician } from './support/steps';
import { visitsAt } from './support/visitsAt';

const QUAY = 'Lantern Quay library';
const WAITS = 'Saved on this phone, not synced yet.';

/** Two statics read at the reading room, nothing saved yet. */
async function readTwo(page: Page): Promise<void> {
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Reading room air handler' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.read('R2', '.31');
  await tech.press('.27');
  await tech.keep();
}

const altitudeAt = async (page: Page, url: string) => {
  const { records } = (await (await page.request.get(`${url}/api/sites`)).json()) as { records: SiteDto[] };
  return records.find(({ name }) => name === QUAY)?.altitudeFt;
};

/** Opens the pages once, so that the phone has them. */
async function opened(page: Page): Promise<void> {
  await page.goto('/');
  await expect(page.getByRole('link', { name: /Glaze room/ })).toBeVisible();
  await page.evaluate(() => navigator.serviceWorker.ready);
}

test.describe('without a server', () => {
  test.use({ serviceWorkers: 'allow' });

  test('Today opened twice still has its visits, a table can be picked, units and a whole visit open', async ({
    page,
    huff,
  }) => {
    const tech = technician(page);
    await opened(page);
    await huff.stop();
    for (let i = 0; i < 2; i += 1) {
      await page.goto('/');
      await expect(page.getByRole('link', { name: /Glaze room/ })).toBeVisible();
      await expect(page.getByText(/No answer from the server\. Showing data on this phone/)).toBeVisible();
    }
    await page.getByRole('link', { name: /Glaze room/ }).click();
    await expect(page.getByRole('button', { name: /^Airflow 881 CFM/ })).toBeVisible();
    await page.goto('/quick');
    await tech.pickTable('AH 36');
    await page.goto('/sites');
    await expect(page.getByRole('button', { name: 'Unit Roof 2 stacks' })).toBeVisible();
  });

  test('saved and the page left at once, then a week and a day away: it is there, and arrives once', async ({
    page,
    huff,
  }) => {
    await page.clock.install();
    await opened(page);
    await huff.stop();
    await readTwo(page);
    // Pressed, and the page left in the same task: no time to write anything down later.
    await page.getByRole('button', { name: 'Save this visit' }).evaluate((button: HTMLElement) => {
      button.click();
      location.href = 'about:blank';
    });
    await expect(page).toHaveURL('about:blank');
    await page.clock.fastForward(8 * 86_400_000);
    await page.goto('/');
    await page.getByRole('link', { name: /1 record not synced yet/ }).click();
    await expect(page.getByRole('group', { name: 'Sending' }).getByText('Static at R2: −0.31 in. w.c.')).toBeVisible();
    await huff.start();
    await page.getByRole('button', { name: 'Try now' }).click();
    await expect(page.getByText(/^Everything on this phone is synced/)).toBeVisible();
    const made = (await visitsAt(page.request, huff.url)).filter(({ readings }) =>
      readings.some(({ value }) => value === -0.31 && readings.length === 2),
    );
    expect(made.map(({ title }) => title)).toContain(`${QUAY}, Reading room air handler`);
  });

  test('touched and the page reloaded in the same task: what was touched is still there', async ({ page }) => {
    await opened(page);
    const tech = technician(page);
    await page.goto('/sites');
    await tech.startAt('Reading room air handler');
    await tech.station('Inspect');
    const said = (state: string) =>
      page
        .getByRole('radiogroup', { name: 'Blower wheel', exact: true })
        .getByRole('radio', { name: state, exact: true });
    for (const state of ['clean', 'caked']) {
      // No time to write anything down: neither the touch that opens the check nor the one after it.
      await said(state).evaluate((radio: HTMLElement) => {
        radio.click();
        location.reload();
      });
      await tech.station('Inspect');
      await expect(said(state)).toHaveAttribute('aria-checked', 'true');
    }
  });

  test('a newer app comes while a check is open: nothing of it is lost', async ({ page }) => {
    const web = mkdtempSync(path.join(tmpdir(), 'huff-web-'));
    cpSync(fileURLToPath(new URL('../app/dist', import.meta.url)), web, { recursive: true });
    const server = new HuffServer(copyOfReadyFolder('demo'), web);
    await server.start();
    try {
      await page.goto(`${server.url}/`);
      await page.evaluate(() => navigator.serviceWorker.ready);
      const tech = technician(page);
      await page.goto(`${server.url}/sites`);
      await page.getByRole('button', { name: 'Unit Reading room air handler' }).click();
      await page.getByRole('button', { name: /^Start a visit/ }).click();
      await tech.read('R2', '.31');
      await page.keyboard.press('Escape');
      appendFileSync(path.join(web, 'sw.js'), '\n// a newer build\n');
      await page.evaluate(async () => {
        const registration = await navigator.serviceWorker.ready;
        const taken = new Promise((resolve) => navigator.serviceWorker.addEventListener('controllerchange', resolve));
        await registration.update();
        await taken;
      });
      await expect(page.getByRole('button', { name: /^Port R2.*−0\.31/ })).toBeVisible();
      await page.reload();
      await expect(page.getByRole('button', { name: /^Port R2.*−0\.31/ })).toBeVisible();
    } finally {
      await server.stop();
      rmSync(server.dataFolder, { recursive: true, force: true });
      rmSync(web, { recursive: true, force: true });
    }
  });
});

shared.describe('two tabs of one phone', () => {
  shared(
    'on one open check: what is read in each is in both, after they are closed as well',
    async ({ page, context }) => {
      await page.goto('/sites');
      await page.getByRole('button', { name: 'Unit Upstairs air handler' }).click();
      await page.getByRole('button', { name: /^Start a visit/ }).click();
      const other = await context.newPage();
      await other.goto('/quick');
      await technician(page).read('R2', '.11');
      await page.keyboard.press('Escape');
      await expect(other.getByRole('button', { name: /^Port R2.*−0\.11/ })).toBeVisible();
      await technician(other).read('S1', '.22');
      await other.keyboard.press('Escape');
      await expect(page.getByRole('button', { name: /^Port S1.*0\.22/ })).toBeVisible();
      await page.close();
      await other.close();
      const later = await context.newPage();
      await later.goto('/quick');
      await expect(later.getByRole('button', { name: /^Port R2.*−0\.11/ })).toBeVisible();
      await expect(later.getByRole('button', { name: /^Port S1.*0\.22/ })).toBeVisible();
    },
  );

  shared(
    'on one saved visit without a signal: both readings wait, and both arrive',
    async ({ page, context, request }) => {
      const address = '/visits/de300000-0003-4000-8000-000000000007';
      const block = (one: Page) => one.route('**/api/sync', (route) => route.abort());
      const other = await context.newPage();
      for (const one of [page, other]) {
        await one.goto(address);
        await expect(one.getByRole('button', { name: /^Port R2/ })).toBeVisible();
        await block(one);
      }
      await technician(page).read('R2', '.41');
      await page.keyboard.press('Escape');
      await technician(other).read('S1', '.42');
      await other.keyboard.press('Escape');
      await expect(page.getByText(WAITS)).toBeVisible();
      await page.close();
      await other.unroute('**/api/sync');
      await expect(other.getByText(WAITS)).toHaveCount(0, ARRIVE_WITHIN);
      const visit = (await (await request.get(`/api${address}`)).json()) as VisitDto;
      expect(visit.readings.map(({ value }) => value)).toEqual(expect.arrayContaining([-0.41, 0.42]));
    },
  );
});

test('refused, then mended: the server’s sentence is shown, nothing else waits for it', async ({ page, huff }) => {
  await page.goto('/sites');
  await expect(page.getByRole('button', { name: 'Unit Roof 2 stacks' })).toBeVisible();
  // A phone with an older idea of what is right.
  await page.route('**/api/sync', (route) => {
    const body = (route.request().postData() ?? '').replace(/"altitudeFt":900/g, '"altitudeFt":40000');
    return route.continue({ postData: body });
  });
  await setAltitude(page, QUAY, '900');
  await expect(page.getByText('620 ft', { exact: true })).toBeVisible();
  await readTwo(page);
  await page.getByRole('button', { name: 'Save this visit' }).click();
  await expect(page.getByText(WAITS)).toHaveCount(0);
  await page.goto('/');
  await page.getByRole('link', { name: /^1 change needs you/ }).click();
  await expect(page.getByText('Altitude must be between −1,000 and 15,000 ft.')).toBeVisible();
  await page.getByLabel('Altitude, ft').fill('910');
  await page.getByRole('button', { name: 'Send as is' }).click();
  await expect(page.getByText(/^Everything on this phone is synced/)).toBeVisible();
  expect(await altitudeAt(page, huff.url)).toBe(910);
});

test('two phones change one thing: the second sees both, chooses, and both agree', async ({ page, browser, huff }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
  const second = await context.newPage();
  for (const one of [page, second]) {
    await one.goto(`${huff.url}/sites`);
    await expect(one.getByRole('button', { name: 'Unit Roof 2 stacks' })).toBeVisible();
  }
  await second.route('**/api/sync', (route) => route.abort());
  await setAltitude(second, QUAY, '800');
  await setAltitude(page, QUAY, '700');
  await expect.poll(() => altitudeAt(page, huff.url)).toBe(700);
  await second.unroute('**/api/sync');
  await second.goto(`${huff.url}/waiting`);
  const field = second.getByRole('group', { name: 'Altitude, ft' });
  await expect(field.getByRole('button', { name: 'Use theirs: 700, by Technician' })).toBeVisible({ timeout: 20_000 });
  // Until then the first stands.
  expect(await altitudeAt(page, huff.url)).toBe(700);
  await field.getByRole('button', { name: 'Use yours: 800' }).click();
  await expect(second.getByText(/^Everything on this phone is synced/)).toBeVisible();
  expect(await altitudeAt(page, huff.url)).toBe(800);
  await page.reload();
  await expect(page.getByText('800 ft', { exact: true })).toBeVisible();
  await context.close();
});

test('a change is taken back by a touch, at the server as well', async ({ page, huff }) => {
  await page.goto('/sites');
  await setAltitude(page, QUAY, '900');
  await expect.poll(() => altitudeAt(page, huff.url)).toBe(900);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('620 ft', { exact: true })).toBeVisible();
  await expect.poll(() => altitudeAt(page, huff.url)).toBe(620);
});

test('a visit of last year is found under earlier visits, opens, and takes one more reading', async ({
  page,
  huff,
}) => {
  const [demo] = (await visitsAt(page.request, huff.url)) as [VisitDto, ...VisitDto[]];
  const id = '77770000-0000-4000-8000-0000000000aa';
  const startedAt = new Date(Date.now() - 365 * 86_400_000).toISOString();
  const readings = demo.readings.map((reading, i) => ({
    ...reading,
    id: `77770000-0000-4000-8000-0000000001${String(i).padStart(2, '0')}`,
    takenAt: startedAt,
    replacesId: null,
  }));
  const old = { ...demo, id, title: 'Old mill, Last year’s unit', startedAt, readings, facts: [] };
  expect((await page.request.put(`${huff.url}/api/visits/${id}`, { data: old })).status()).toBe(204);
  await page.goto('/');
  await expect(page.getByRole('link', { name: /Glaze room/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /Last year’s unit/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Show earlier visits' }).click();
  await page.getByRole('link', { name: /Last year’s unit/ }).click();
  await technician(page).read('R1', '.4');
  await page.keyboard.press('Escape');
  await expect(page.getByText(WAITS)).toHaveCount(0);
  await expect
    .poll(
      async () => ((await (await page.request.get(`${huff.url}/api/visits/${id}`)).json()) as VisitDto).readings.length,
    )
    .toBe(readings.length + 1);
});

shared.describe('what is not the server, and what is not storage', () => {
  shared('a network’s sign-in page that answers 200 saves nothing: it goes on waiting', async ({ page }) => {
    await page.goto('/sites');
    await expect(page.getByRole('button', { name: 'Unit Upstairs air handler' })).toBeVisible();
    await page.route('**/api/sync', (route) =>
      route.fulfill({ status: 200, contentType: 'text/html', body: '<html>Sign in to this network</html>' }),
    );
    await page.getByRole('button', { name: 'Unit Closet air handler' }).click();
    await page.getByRole('button', { name: /^Start a visit/ }).click();
    await technician(page).read('R2', '.33');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /^Start over/ }).click();
    // Within the page: nothing is torn away while it is being written.
    await page.getByRole('button', { name: 'Back' }).click();
    await expect(page.getByText(/1 record not synced yet.*Does this network need a sign-in/)).toBeVisible();
    await page.unroute('**/api/sync');
    await expect(page.getByText(/not synced yet/)).toHaveCount(0, ARRIVE_WITHIN);
  });

  shared(
    'storage full: it is said, what is on the screen can be saved to a file, and the file loaded again',
    async ({ page, context }) => {
      await page.addInitScript(() => {
        const proto = IDBObjectStore.prototype as { put: (this: IDBObjectStore, ...args: unknown[]) => unknown };
        const { put } = proto;
        proto.put = function full(...args) {
          if (this.name === 'outbox') throw new DOMException('full', 'QuotaExceededError');
          return put.apply(this, args);
        };
      });
      await page.goto('/quick');
      await technician(page).read('R2', '.3');
      await page.keyboard.press('Escape');
      await expect(page.getByRole('alert').getByText(/storage is full or blocked/)).toBeVisible();
      await expect(page.getByRole('button', { name: /^Port R2.*−0\.30/ })).toBeVisible();
      const download = page.waitForEvent('download');
      await page.getByRole('button', { name: 'Save to file' }).click();
      const file = await (await download).createReadStream();
      let text = '';
      for await (const chunk of file) text += String(chunk);
      expect(text).toContain('-0.3');
      // The page is closed. Where there is room again the file is loaded, and what is in it arrives.
      const { operations } = JSON.parse(text) as { operations: { recordId: string }[] };
      await page.close();
      const next = await context.newPage();
      await next.goto('/waiting');
      const chooser = next.waitForEvent('filechooser');
      await next.getByRole('button', { name: 'Load saved file' }).click();
      await (await chooser).setFiles({ name: 'saved.json', mimeType: 'application/json', buffer: Buffer.from(text) });
      await expect(next.getByText(`${operations.length} changes loaded from the file.`)).toBeVisible();
      await expect(next.getByText('Everything on this phone is synced.')).toBeVisible();
      const visit = (await (await next.request.get(`/api/visits/${operations[0]!.recordId}`)).json()) as {
        readings: object[];
      };
      expect(visit.readings).toHaveLength(1);
    },
  );

  shared('no storage at all: a check can be made all the same, and it is said what that means', async ({ page }) => {
    await page.addInitScript(() => Object.defineProperty(window, 'indexedDB', { value: undefined }));
    await page.goto('/quick');
    await technician(page).read('R2', '.3');
    await page.keyboard.press('Escape');
    await expect(page.getByText(/This browser saves nothing on this phone/)).toBeVisible();
    await expect(page.getByRole('button', { name: /^Port R2.*−0\.30/ })).toBeVisible();
  });
});

test('what an earlier app kept is carried over: the open check and what had not been sent', async ({ page, huff }) => {
  await page.goto('/');
  const demo = (await visitsAt(page.request, huff.url))[0]!;
  const old = (n: number, title: string): object => ({
    ...demo,
    id: `77770000-0000-4000-8000-00000000000${n}`,
    title,
    savedAt: '2026-01-02T03:04:05.000Z',
    startedAt: new Date().toISOString(),
    facts: [],
    readings: demo.readings.slice(0, 2).map((reading, i) => ({
      ...reading,
      id: `77770000-0000-4000-8000-0000000000${n}${i}`,
      replacesId: null,
    })),
  });
  await page.goto(`${huff.url}/favicon.ico`);
  await page.evaluate(
    async ([draft, unsent]) => {
      const done = <T>(request: IDBRequest<T>) =>
        new Promise<T>((resolve, reject) => {
          request.onsuccess = () => resolve(request.result);
          request.onerror = () => reject(new Error('no'));
        });
      await done(indexedDB.deleteDatabase('huff'));
      const opening = indexedDB.open('keyval-store', 1);
      opening.onupgradeneeded = () => opening.result.createObjectStore('keyval');
      const db = await done(opening);
      const store = db.transaction('keyval', 'readwrite').objectStore('keyval');
      const mutation = { mutationKey: ['save-visits'], state: { status: 'pending', variables: unsent } };
      const cache = { timestamp: 1, buster: '1', clientState: { queries: [], mutations: [mutation] } };
      await done(store.put(draft, 'huff-draft-visit'));
      await done(store.put(JSON.stringify(cache), 'huff-cache'));
      db.close();
    },
    [old(1, 'Old open check'), old(2, 'Old unsent visit')],
  );
  await page.goto(`${huff.url}/`);
  await expect(page.getByText('Resume: Old open check')).toBeVisible();
  await expect
    .poll(
      async () => (await visitsAt(page.request, huff.url)).find(({ title }) => title === 'Old unsent visit')?.readings,
    )
    .toHaveLength(2);
  await page.reload();
  await expect(page.getByText('Resume: Old open check')).toBeVisible();
  expect((await visitsAt(page.request, huff.url)).filter(({ title }) => title.startsWith('Old'))).toHaveLength(1);
});

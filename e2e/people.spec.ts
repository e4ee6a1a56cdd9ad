import type { Browser, BrowserContext, Page } from '@playwright/test';
import { expect, testInEmptyShop as test } from './support/test';

/** A phone on the shop's network: no page of the server's own computer. */
async function newPhone(
  browser: Browser,
  baseURL: string | undefined,
): Promise<{ page: Page; context: BrowserContext }> {
  const context = await browser.newContext({
    baseURL,
    extraHTTPHeaders: { 'X-Forwarded-For': '192.0.2.7' },
    userAgent: 'Mozilla/5.0 (Linux; Mobile) Test',
  });
  return { page: await context.newPage(), context };
}

const CODE = /^[2-9A-Z]{4}-[2-9A-Z]{4}-[2-9A-Z]{4}$/;
const codeOn = async (page: Page) => (await page.getByText(CODE).textContent())!;

/** The owner at the desk makes a code for somebody. @returns the code */
async function invite(desk: Page, name: string, role: string): Promise<string> {
  await desk.goto('/settings/people');
  await desk.getByRole('button', { name: 'Add person' }).click();
  await desk.getByLabel('Name', { exact: true }).fill(name);
  await desk.getByRole('radio', { name: new RegExp(`^${role}`) }).click();
  await desk.getByRole('button', { name: 'Make a code' }).click();
  return codeOn(desk);
}

async function join(phone: Page, code: string, name: string): Promise<void> {
  await phone.goto(`/join#${code}`);
  await expect(phone.getByText(`You are in, ${name}.`)).toBeVisible();
}

/** Makes a site, and sees that it is in the outbox or sent. */
async function makeSite(page: Page, name: string): Promise<void> {
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Add a site' }).click();
  await page.getByLabel(/^Name/).fill(name);
  await page.getByRole('button', { name: 'Save site' }).click();
  await expect(page.getByText(name).first()).toBeVisible();
}

const outbox = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<{ state: string; by?: { name: string } }[]>((resolve, reject) => {
        const opening = indexedDB.open('huff');
        opening.onerror = () => reject(new Error('no store'));
        opening.onsuccess = () => {
          const all = opening.result.transaction('outbox').objectStore('outbox').getAll();
          all.onsuccess = () => resolve(all.result as { state: string; by?: { name: string } }[]);
        };
      }),
  );

test('a phone is not let in without a code, and is after one scan at the desk', async ({ page, browser, baseURL }) => {
  const { page: phone, context } = await newPhone(browser, baseURL);
  await phone.goto('/');
  await expect(phone).toHaveURL(/\/sign-in$/);
  await phone.getByLabel('Code', { exact: true }).fill('AAAA-BBBB-CCCC');
  await phone.getByRole('button', { name: 'Use this code' }).click();
  await expect(phone.getByRole('alert')).toContainText('not valid any more');

  await page.goto('/settings/people');
  await page.getByRole('button', { name: 'Show code for your phone' }).click();
  const code = await codeOn(page);
  // This server is alone on its computer: anyone who makes a code is told so.
  await expect(page.getByText(/Codes made now open on this computer only/)).toBeVisible();
  await join(phone, code, 'Technician');
  // A slow signal: the next sync is not answered by the time they go on. They are in all the same.
  await phone.route('**/api/sync', async (route) => {
    await new Promise((go) => setTimeout(go, 1000));
    await route.continue();
  });
  await phone.getByRole('button', { name: 'Open today’s jobs' }).click();
  await expect(phone.getByRole('button', { name: /^Quick check/ })).toBeVisible();
  expect((await phone.request.get('/api/sites')).status()).toBe(200);
  await page.reload();
  await expect(page.getByText('Phone', { exact: true })).toBeVisible();
  await context.close();
});

test('a person who left works on at the phone, loses nothing, and sends it once let in again', async ({
  page,
  browser,
  baseURL,
}) => {
  const { page: phone, context } = await newPhone(browser, baseURL);
  await join(phone, await invite(page, 'Bo', 'technician'), 'Bo');
  await makeSite(phone, 'Tern Row 4');
  await expect.poll(() => outbox(phone)).toEqual([]);

  await page.goto('/settings/people');
  await page.getByRole('button', { name: /^Bo/ }).click();
  await page.getByRole('button', { name: 'Left the shop…' }).click();
  await page.getByRole('button', { name: 'Sign Bo out' }).click();
  await expect(page.getByRole('button', { name: /^Bo: left/ })).toBeVisible();

  await makeSite(phone, 'Tern Row 5');
  await phone.goto('/');
  await expect(phone.getByRole('status').getByText(/Sign in to sync/)).toBeVisible();
  expect((await outbox(phone)).filter(({ state }) => state === 'waiting').length).toBeGreaterThan(0);

  await page.getByRole('button', { name: /^Bo: left/ }).click();
  await page.getByRole('button', { name: 'Let in again' }).click();
  await join(phone, await codeOn(page), 'Bo');
  await expect.poll(() => outbox(phone)).toEqual([]);
  await context.close();
});

test('a passphrase locks the computer too; signed out, it asks again', async ({ page }) => {
  await page.goto('/settings/people');
  await page.getByLabel('Sign-in name').fill('Ada');
  await page.getByLabel('New passphrase').fill('short');
  await page.getByRole('button', { name: 'Set passphrase' }).click();
  await expect(page.getByRole('alert').getByText(/12 to 200 characters/)).toBeVisible();
  await page.getByLabel('New passphrase').fill('three wet coils and a drum');
  await page.getByRole('button', { name: 'Set passphrase' }).click();
  await expect(page.getByText('Passphrase saved.')).toBeVisible();
  await page.getByRole('button', { name: 'Sign out here' }).click();
  await expect(page).toHaveURL(/\/sign-in$/);
  await page.getByLabel('Name', { exact: true }).fill('ada');
  await page.getByLabel('Passphrase', { exact: true }).fill('three wet coils and a drumm');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('The name or the passphrase is wrong.');
  await page.getByLabel('Passphrase', { exact: true }).fill('three wet coils and a drum');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Quick check/ })).toBeVisible();
});

test('what one person did on a phone is not sent under the name of the next one', async ({
  page,
  browser,
  baseURL,
}) => {
  const { page: phone, context } = await newPhone(browser, baseURL);
  await join(phone, await invite(page, 'Bo', 'technician'), 'Bo');
  const forCy = await invite(page, 'Cy', 'technician');
  // Bo works without a signal.
  await phone.goto('/');
  await phone.route('**/api/sync', (route) => route.abort());
  await makeSite(phone, 'Tern Row 6');
  const made = (await outbox(phone)).filter(({ state }) => state === 'waiting').length;
  expect(made).toBeGreaterThan(0);
  await join(phone, forCy, 'Cy');
  await phone.unroute('**/api/sync');
  await phone.goto('/waiting');
  await expect(phone.getByText(/waits? for Bo to sign in on this phone/)).toBeVisible();
  expect((await outbox(phone)).map(({ by }) => by?.name)).toEqual(Array(made).fill('Bo'));
  const { records } = (await (await phone.request.get('/api/sites')).json()) as { records: object[] };
  expect(records).toEqual([]);
  await context.close();
});

test('a passkey of the phone’s own lock signs in, without a name', async ({ page, huff }) => {
  // Passkeys hold for names: at an address of figures there are none.
  const there = huff.url.replace('127.0.0.1', 'localhost');
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('WebAuthn.enable');
  await devtools.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      protocol: 'ctap2',
      transport: 'internal',
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
    },
  });
  await page.goto(`${there}/settings/people`);
  await page.getByRole('button', { name: 'Make a passkey' }).click();
  await expect(page.getByText('Passkey saved on this device.')).toBeVisible();
  await page.getByRole('button', { name: 'Sign out here' }).click();
  await expect(page).toHaveURL(/\/sign-in$/);
  await page.getByRole('button', { name: 'Use passkey' }).click();
  await expect(page.getByRole('button', { name: /^Quick check/ })).toBeVisible();
  await devtools.send('WebAuthn.disable');
});

test('a customer who asks for it is erased at the desk, and gone from the phones as well', async ({
  page,
  browser,
  baseURL,
}) => {
  await makeSite(page, 'Tern Row 6');
  const { page: phone, context } = await newPhone(browser, baseURL);
  await join(phone, await invite(page, 'Bo', 'technician'), 'Bo');
  await phone.goto('/sites');
  await phone.getByRole('button', { name: /Tern Row 6/ }).click();
  await expect(phone.getByRole('button', { name: 'Archive' })).toBeVisible();
  await expect(phone.getByRole('button', { name: 'Erase…' })).toHaveCount(0);

  await page.goto('/sites');
  await page.getByRole('button', { name: /Tern Row 6/ }).click();
  await page.getByRole('button', { name: 'Erase…' }).click();
  await expect(page.getByRole('button', { name: 'Erase permanently' })).toBeDisabled();
  await page.getByLabel('Site name').fill('tern row 6');
  await page.getByRole('button', { name: 'Erase permanently' }).click();
  await expect(page.getByText(/^Tern Row 6 is erased: 0 units/)).toBeVisible();
  await page.goto('/sites');
  await expect(page.getByRole('button', { name: 'Add a site' })).toBeVisible();
  await expect(page.getByText('Tern Row 6')).toHaveCount(0);

  await phone.goto('/sites');
  await expect(phone.getByText('Tern Row 6')).toHaveCount(0);
  await context.close();
});

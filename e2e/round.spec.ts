import { expect, testWithOwnServer as test } from './support/test';
import { ARRIVE_WITHIN } from './support/arriveWithin';

const LIBRARY = 'de300000-0006-4000-8000-000000000002';
const unit = (n: number) => `de300000-0002-4000-8000-${String(n).padStart(12, '0')}`;

interface Told {
  readonly visits: { unitId: string; startedAt: string; staticInWc: number | null }[];
  readonly marks: { unitId: string; column: string; word: string; at: string }[];
}

test('a round without a signal: what the day needs was carried along, what is read on the roof arrives', async ({
  page,
  context,
}) => {
  // The other pages come a moment after the first.
  const carried = [/\/pages-.*\.js$/, /\/api\/load/, /\/roof$/, /\/api\/visits\?unit=/].map((address) =>
    page.waitForResponse((answer) => address.test(answer.url())),
  );
  await page.goto('/');
  await Promise.all(carried);
  // The last question was answered, and stands on the phone.
  await page.waitForLoadState('networkidle');
  await context.setOffline(true);

  await page.getByRole('link', { name: 'Plan and load' }).click();
  const load = page.getByRole('region', { name: 'Truck load' });
  await expect(load.getByText(/^No signal\. Data from/)).toBeVisible();
  await expect(load.getByText('1 on the truck')).toBeVisible();

  await page.getByRole('link', { name: 'Sites' }).click();
  await page.getByRole('button', { name: 'Site Lantern Quay library' }).click();
  await page.getByRole('button', { name: 'Roof sheet' }).click();
  await expect(page.getByText(/^No signal\. Data from/)).toBeVisible();
  await page.getByRole('button', { name: /^Roof 2 stacks, Wheel: in range, / }).click();
  await page.getByRole('radio', { name: 'caked' }).click();
  await page.getByRole('button', { name: 'Coil', exact: true }).click();
  await page.getByRole('radio', { name: 'matted' }).click();
  await page.getByRole('button', { name: 'Static', exact: true }).click();
  await page.getByRole('button', { name: 'Read R1' }).click();
  for (const typed of ['0.33', '0.41']) {
    await page.keyboard.type(typed);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('region', { name: 'Roof 2 stacks, static' }).getByText('0.74 in. w.c.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Roof 2 stacks, Wheel: out of range, today' })).toBeVisible();
  await expect(page.getByText(/1 on today’s round/)).toBeVisible();

  await context.setOffline(false);
  const roof = async () => (await (await page.request.get(`/api/sites/${LIBRARY}/roof`)).json()) as Told;
  const ofStacks = async () => (await roof()).visits.find(({ unitId }) => unitId === unit(9))?.staticInWc;
  await expect.poll(ofStacks, ARRIVE_WITHIN).toBeCloseTo(0.74, 5);
  const marks = (await roof()).marks.filter(({ unitId }) => unitId === unit(9));
  expect(marks.find(({ column }) => column === 'wheel')?.word).toBe('outside');
  // What was not looked at today stands from before.
  const belt = marks.find(({ column }) => column === 'belt')!;
  expect(belt.at < marks.find(({ column }) => column === 'wheel')!.at).toBe(true);
});

test('@wide a round at the desk by the keyboard alone: looks by digits down a column, static typed unit by unit', async ({
  page,
}) => {
  test.skip((page.viewportSize()?.width ?? 0) < 1000, 'the desk is wide');
  await page.goto(`/sites/${LIBRARY}/roof`);
  const first = page.getByRole('button', { name: /^Roof 1 entrance, Wheel: / });
  await first.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('2');
  await expect(page.getByRole('button', { name: 'Roof 1 entrance, Wheel: out of range, today' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Roof 2 stacks, Wheel: / })).toBeFocused();
  await page.keyboard.press('1');
  await expect(page.getByRole('button', { name: 'Roof 2 stacks, Wheel: in range, today' })).toBeVisible();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: /^Roof 1 entrance, Static: / })).toBeFocused();
  // Into the drawing: its first port; the keypad goes on to the next by itself, then the sheet to the next unit.
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  for (const typed of ['0.28', '0.30']) {
    await page.keyboard.type(typed);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('button', { name: 'Roof 1 entrance, Static: in range, today' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Roof 2 stacks, Static: / })).toBeFocused();
  const visits = async () =>
    (
      (await (await page.request.get(`/api/visits?unit=${unit(8)}`)).json()) as {
        visits: { staticInWc: number | null }[];
      }
    ).visits;
  await expect
    .poll(async () =>
      (await visits()).some(({ staticInWc }) => staticInWc !== null && Math.abs(staticInWc - 0.58) < 1e-6),
    )
    .toBe(true);
});

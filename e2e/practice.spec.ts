import { drawCase, lookSeen, readCode } from '@huff/core/practice';
import { expect, test } from './support/test';

test('a whole drill by touch: looked at, named, fixed and verified, with its debrief', async ({ page }) => {
  test.setTimeout(120_000);
  await page.goto('/practice');
  await page.getByRole('textbox', { name: 'Case code' }).fill('o3oo khf3');
  await page.getByRole('button', { name: 'Open this case' }).click();
  await expect(page.getByText('case 0300-KHF3 · level 1')).toBeVisible();

  // Probes: the hose goes to a port, and what it shows is written down.
  for (const port of ['R2', 'S1']) {
    await page.getByRole('button', { name: new RegExp(`^Port ${port}`) }).click();
    await expect(page.getByRole('img', { name: new RegExp(`^Manometer at ${port}: .*, steady`) })).toBeVisible({
      timeout: 30_000,
    });
    await page.getByRole('button', { name: new RegExp(`^Record ${port}`) }).click();
  }
  await expect(page.getByRole('status').filter({ hasText: /^R2 −0\.\d\d · S1 0\.\d\d/ })).toBeVisible();

  await page.getByRole('button', { name: 'Filter door, on' }).click();
  await page.getByRole('button', { name: /^Take it off/ }).click();
  await page.getByRole('button', { name: 'Look: Filter', exact: true }).click();
  await expect(page.getByText(/^Gray felt from edge to edge/)).toBeVisible();
  await page.getByRole('radio', { name: 'loaded', exact: true }).click();
  await page.getByRole('button', { name: /^Put it back on/ }).click();
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'Name the cause' }).click();
  await page.getByRole('checkbox', { name: 'Loaded filter' }).click();
  await page.getByRole('button', { name: 'Name the cause' }).last().click();

  // The fix is chosen where it is chosen at a visit, and done at the unit.
  await page.getByRole('button', { name: 'Choose the fix' }).click();
  await page.getByRole('button', { name: /^Fix first.*Choose this plan/ }).click();
  await page.getByRole('button', { name: /^Start these fixes/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: /begin/i }).click();
  await page.getByRole('button', { name: 'Back to the unit' }).click();
  await page.getByRole('button', { name: /^Do the work/ }).click();

  // The same ports again: the simulated instruments read the unit as it is now.
  for (const port of ['R2', 'S1']) {
    await page.getByRole('button', { name: new RegExp(`^Port ${port}`) }).click();
    await expect(page.getByRole('img', { name: new RegExp(`^Manometer at ${port}: .*, steady`) })).toBeVisible({
      timeout: 30_000,
    });
    await page.getByRole('button', { name: new RegExp(`^Record ${port}`) }).click();
  }
  await page.getByRole('button', { name: 'Verify it' }).click();
  await expect(page.getByLabel(/^Static at R2: −0\.\d\d before, −0\.\d\d now/)).toBeVisible();
  await page.getByRole('button', { name: 'Back to the unit' }).click();
  await page.getByRole('button', { name: 'See the debrief' }).click();
  await expect(page.getByRole('heading', { name: 'You found it' })).toBeVisible({ timeout: 20_000 });
  await expect(page.getByText('on target')).toBeVisible();
  await expect(page.getByRole('img', { name: /^Look: filter, / }).first()).toBeVisible();

  // It counts in the record of who did it.
  await page.getByRole('button', { name: 'Next drill' }).click();
  await page.getByRole('button', { name: /^Progress and class/ }).click();
  await expect(page.getByRole('table', { name: 'The gray filter, 0300-KHF3' }).getByText('Technician')).toBeVisible();
});

test('@wide a drill by the keyboard alone, and a case code that is the same as on Node', async ({ page }) => {
  const named = readCode('0200-KH2Q');
  if (!named.ok) throw new Error(named.why);
  const practice = drawCase(named.coded);
  await page.goto('/practice');
  await page.getByRole('textbox', { name: 'Case code' }).focus();
  await page.keyboard.type(practice.code);
  await page.keyboard.press('Enter');
  await expect(page.getByText(`“${practice.words}”`)).toBeVisible();
  await expect(page.getByText(practice.history)).toBeVisible();
  const press = async (name: RegExp | string) => {
    await page.getByRole('button', { name }).first().focus();
    await page.keyboard.press('Enter');
  };
  await press('Ducts and registers');
  await press(/^Go there/);
  await press('Look: Return opening');
  const sight = lookSeen(practice, 'returnSize')!;
  await expect(page.getByText(sight.words)).toBeVisible();
  await page
    .getByRole('radiogroup', { name: /^What you call it/ })
    .getByRole('radio', { name: 'too small' })
    .focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('Escape');
  await press('Name the cause');
  await page.getByRole('checkbox', { name: 'Return that is too small' }).focus();
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Name the cause' }).last().focus();
  await page.keyboard.press('Enter');
  // It rests on a look alone: the coach says what is missing, and it can be named all the same.
  await expect(page.getByText(/^Not yet: no static was read/)).toBeVisible();
  await press('Name it anyway');
  await press('See the debrief');
  await expect(page.getByRole('heading', { name: 'You found it' })).toBeVisible({ timeout: 20_000 });
});

test('hands in a live cabinet stop the drill, and the reason is said', async ({ page }) => {
  await page.goto('/practice/packedWheel');
  await page.getByRole('button', { name: /^Begin this drill/ }).click();
  await page.getByRole('button', { name: 'Blower door, on' }).click();
  await page.getByRole('button', { name: /^Take it off/ }).click();
  await page.getByRole('button', { name: 'Look: Blower wheel' }).click();
  await expect(page.getByRole('heading', { name: 'Stopped' })).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('alert').filter({ hasText: 'The power was on.' })).toBeVisible();
  await expect(page.getByText('Lock out and verify dead before hands go in.')).toBeVisible();
});

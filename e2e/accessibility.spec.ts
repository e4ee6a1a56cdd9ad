import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import type { AxeResults } from 'axe-core';
import { expect, test } from './support/test';
import { technician } from './support/steps';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

type Axe = { run: (options: object) => Promise<AxeResults> };

/** Serious and critical violations on the page as it stands, with where they are; of all rules, or of some. */
async function axe(page: Page, ...rules: string[]): Promise<string[]> {
  const { violations: found } = await page.evaluate(
    (options) => (window as unknown as { axe: Axe }).axe.run(options),
    // Nothing is asked of what passes.
    { resultTypes: ['violations'], ...(rules.length > 0 ? { runOnly: rules } : {}) },
  );
  return found
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(' | ')}`);
}

/** The paper under everything: what the theme changes first of all. */
const paperColor = (page: Page) =>
  page.evaluate(() => {
    const painted = [...document.querySelectorAll('#root div')].map((one) => getComputedStyle(one).backgroundColor);
    return painted.find((color) => color !== 'rgba(0, 0, 0, 0)') ?? '';
  });

const CONTROLS = '[role=button],[role=radio],[role=tab],[role=checkbox],[role=switch],a[href],input,button';

/** Controls that are drawn and too small for a glove: under 48 px high or wide. */
const smallControls = (page: Page) =>
  page.evaluate((controls) => {
    const LEAST = 47.5;
    return [...document.querySelectorAll(controls)].flatMap((one) => {
      const { width, height } = one.getBoundingClientRect();
      if (width === 0 || height === 0 || one.closest('[aria-hidden=true]')) return [];
      if (width >= LEAST && height >= LEAST) return [];
      return [`${one.getAttribute('aria-label') ?? one.textContent}: ${Math.round(width)} × ${Math.round(height)}`];
    });
  }, CONTROLS);

/** What is wrong on the page in daylight; on a phone, whose colours a wide screen has too, in the attic as well. */
async function violations(page: Page): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
  const found = [...(await smallControls(page)), ...(await axe(page))];
  if (isWide(page)) return found;
  const daylight = await paperColor(page);
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect.poll(() => paperColor(page)).not.toBe(daylight);
  const inTheAttic = await axe(page, 'color-contrast');
  await page.emulateMedia({ colorScheme: 'light' });
  await expect.poll(() => paperColor(page)).toBe(daylight);
  return [...found, ...inTheAttic.map((one) => `in the attic: ${one}`)];
}

const isWide = (page: Page) => page.viewportSize()!.width > 1000;

test.describe('@wide accessible', () => {
  const pages: [string, string | RegExp][] = [
    ['/', /^Glaze room|Kiln Lane/],
    ['/sites', 'Glaze room furnace'],
    ['/sites/de300000-0006-4000-8000-000000000002', 'Reading room air handler'],
    ['/sites/de300000-0006-4000-8000-000000000002/roof', 'Order of work'],
    ['/units/de300000-0002-4000-8000-000000000003', /^Filter drop/],
    ['/units/de300000-0002-4000-8000-000000000001', 'Test port locations'],
    ['/settings/rules', 'Target range'],
    ['/settings/data', 'Choose a file'],
    ['/settings/people', 'Show code for your phone'],
    ['/sign-in', 'With a code'],
    ['/join', 'Use this code'],
    ['/settings/stock', 'Run capacitor 10 µF'],
    ['/schedule', 'Load'],
    ['/units/de300000-0002-4000-8000-000000000003/compare', 'Pressure profile'],
    ['/guide', 'Wrap up'],
    ['/settings/tables/type', 'A dash stays blank'],
    ['/settings', 'Minutes and cost by fix'],
    [
      '/calculators/sheaves?motorRpm=1745&leastPitchIn=2.8&mostPitchIn=3.8&turns=5&turnsOpen=2.5&blowerPitchIn=7',
      '823',
    ],
    ['/settings/tables', 'AH 36, constant torque'],
    ['/settings/tables/import', 'Or paste it'],
    ['/settings/tables/de300000-0001-4000-8000-000000000001', 'AH 36, constant torque'],
    ['/visits/de300000-0003-4000-8000-000000000001', 'Filter-out retest'],
    ['/calculators', 'Duct friction'],
    ['/calculators/traverse?shape=round&diameterIn=14&readings=800~x', 'Tape the probe at'],
    ['/calculators/electricHeat?volts=238&amps=41.2&returnF=70&supplyF=101.5', '983'],
    ['/nowhere', 'No such page'],
  ];
  for (const [path, text] of pages) {
    test(path, async ({ page }) => {
      await page.goto(path);
      await expect(page.getByText(text).first()).toBeVisible();
      expect(await violations(page)).toEqual([]);
    });
  }

  const steps: Record<string, readonly (readonly [step: string, text: string])[]> = {
    air: [
      ['Inspect', 'Inspect before you measure'],
      ['Airflow', 'Methods'],
      ['Temperatures', 'predicted drop'],
      ['Fix', 'Speed tap'],
      ['Verify', 'Nothing to verify yet'],
    ],
    'the call': [
      ['Complaint', 'Complaint'],
      ['Electrical', 'Likelihood before testing'],
      ['Heating', 'Touch each one as it happens'],
      ['Refrigerant', 'Not ready to judge charge'],
    ],
    'the rest of the call': [
      ['Building pressure', 'Outdoor-air percentage'],
      ['Maintenance', 'Drain and maintenance'],
      ['Findings', 'Findings'],
      ['Wrap up', 'Agreed'],
    ],
  };
  for (const [name, ofVisit] of Object.entries(steps)) {
    test(`the steps of a visit: ${name}`, async ({ page }) => {
      const tech = technician(page);
      await page.goto('/visits/de300000-0003-4000-8000-000000000001');
      for (const [step, text] of ofVisit) {
        await tech.station(step);
        await expect(page.getByText(text).first()).toBeVisible();
        expect(await violations(page)).toEqual([]);
      }
    });
  }

  test('a method opened from Airflow', async ({ page }) => {
    const tech = technician(page);
    await page.goto('/visits/de300000-0003-4000-8000-000000000001');
    await tech.station('Airflow');
    await page
      .getByRole('button', { name: /^Duct traverse.*open/ })
      .first()
      .click();
    await expect(page.getByRole('dialog', { name: 'Duct traverse' })).toBeVisible();
    expect(await violations(page)).toEqual([]);
  });

  test('ready plans and the Belt drive', async ({ page }) => {
    const tech = technician(page);
    await page.goto('/visits/de300000-0003-4000-8000-000000000009');
    await tech.station('Fix');
    await tech.takePlan('Least work');
    expect(await violations(page)).toEqual([]);
    // On a wide screen it stands beside the plans.
    if (!isWide(page)) await page.getByRole('button', { name: /^Belt drive/ }).click();
    await expect(page.getByRole('img', { name: /^Blower sheave 7\.00 in\./ }).first()).toBeVisible();
    expect(await violations(page)).toEqual([]);
  });

  test('sheets: tables, keypad, unit, working', async ({ page }) => {
    const tech = technician(page);
    await page.goto('/quick');
    await tech.whatStandsHere();
    expect(await violations(page)).toEqual([]);
    await page.getByRole('button', { name: /^Blower table/ }).click();
    await expect(page.getByRole('button', { name: /^AH 36/ })).toBeVisible();
    expect(await violations(page)).toEqual([]);
    await page.getByRole('button', { name: /Enter a table/ }).click();
    await expect(page.getByRole('dialog', { name: 'Blower table' })).toBeVisible();
    expect(await violations(page)).toEqual([]);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /^Nameplate max static/ }).click();
    expect(await violations(page)).toEqual([]);
    await page.keyboard.press('Escape');
    await tech.openPort('R2');
    await tech.press('31');
    expect(await violations(page)).toEqual([]);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /^TESP/ }).click();
    await expect(page.getByRole('dialog', { name: 'Total external static (TESP)' })).toBeVisible();
    expect(await violations(page)).toEqual([]);
  });
});

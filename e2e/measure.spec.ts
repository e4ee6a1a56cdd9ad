import { expect, test, testWithOwnServer } from './support/test';
import { setAltitude, technician } from './support/steps';

test('air handler: look, pressure with the filter-out retest, drop, and a traverse that is settled', async ({
  page,
}) => {
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Reading room air handler' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.station('Inspect');
  await tech.see('Filter', 'loaded');
  await tech.see('Ice', 'none');
  await expect(page.getByText('Filter: loaded')).toBeVisible();
  await tech.station('Pressure');
  await tech.read('R1', '.16');
  await expect(page.getByRole('dialog', { name: 'Read R2' })).toBeVisible();
  await tech.press('.31');
  await tech.keep();
  await tech.press('.27');
  await tech.keep();
  await page.getByRole('button', { name: 'Filter out, read R2', exact: true }).click();
  await tech.press('.17');
  await tech.keep();
  await tech.press('.3');
  await tech.keep();
  await expect(page.getByText(/996 CFM at 0\.47.*uses 0\.15, not the 0\.11/)).toBeVisible();

  await tech.station('Temperatures');
  await page.getByRole('button', { name: /^Measure temperatures/ }).click();
  await tech.fill({
    'Return dry bulb': '75.2',
    'Return wet bulb': '76',
    'Outdoor dry bulb': '91',
    'Supply dry bulb': '51.3',
  });
  await page.getByRole('button', { name: 'Save temperatures' }).click();
  await expect(page.getByText('The wet bulb cannot be above the dry bulb.').first()).toBeVisible();
  await tech.fill({ 'Return wet bulb': '62.6' });
  await page.getByRole('button', { name: 'Save temperatures' }).click();
  await expect(page.getByRole('button', { name: /^ΔT 23\.9 °F/ })).toBeVisible();
  await expect(page.getByText(/a good coil would give/)).toBeVisible();

  await tech.station('Airflow');
  await page.getByRole('button', { name: /^Duct traverse.*open/ }).click();
  await page.getByRole('dialog').getByRole('radio', { name: 'three-hole sweep' }).click();
  await tech.fill({
    'Inside width': '20',
    'Inside depth': '12',
    'Readings by hole': '860 930 820',
    'Straight duct upstream': '112',
    'Straight duct downstream': '45',
  });
  await page.getByRole('button', { name: /^Save (airflow|[\d,]+ CFM)/ }).click();
  await expect(
    page.getByText(/Blower table says 951, Duct traverse 1,450 CFM: further apart than their errors/).first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Exclude Duct traverse' }).click();
  await page.getByRole('radio', { name: 'Instrument in doubt' }).click();
  await expect(page.getByText('Excluded: Instrument in doubt')).toBeVisible();
  await page.getByRole('button', { name: 'Save this visit' }).click();
  await expect(page).toHaveURL(/\/visits\//);
  await page.reload();
  await expect(page.getByRole('button', { name: /^ΔT 23\.9 °F/ })).toBeVisible();
  await tech.station('Inspect');
  await expect(page.getByText('Filter: loaded')).toBeVisible();
});

test('furnace with cased coil: every stage has its drop, and the gas rise agrees with the table', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Glaze room furnace' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.whatStandsHere();
  await page.getByRole('button', { name: /^Show (air and assumptions|more details)/ }).click();
  await page.getByRole('dialog').getByRole('radio', { name: 'heating' }).click();
  await tech.sayNumber(/^Nameplate rise, lowest/, '35');
  await tech.sayNumber(/^Nameplate rise, highest/, '65');
  for (const [port, figure] of [
    ['R1', '.05'],
    ['R2', '.12'],
    ['S1', '.26'],
    ['S2', '.08'],
  ] as const) {
    await tech.read(port, figure);
    await page.keyboard.press('Escape');
  }
  await expect(page.getByRole('button', { name: /^Coil: Uses 0\.18/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Filter: Uses 0\.07/ })).toBeVisible();
  await tech.station('Airflow');
  await page.getByRole('button', { name: /^Gas heat rise.*open/ }).click();
  await tech.fill({
    'Gas metered': '1',
    'Time for that': '52',
    'Entering air': '68',
    'Leaving air': '124',
    'Minutes firing': '12',
  });
  await expect(page.getByRole('dialog').getByText(/^(Save 943 CFM|943)$/)).toBeVisible();
  await page.getByRole('button', { name: /^Save (airflow|[\d,]+ CFM)/ }).click();
  await expect(page.getByRole('img', { name: /Blower table 881 .*Gas heat rise 943/ })).toBeVisible();
  await tech.station('Temperatures');
  await expect(page.getByText('56.0 °F rise, the nameplate allows 35 to 65.')).toBeVisible();
});

test('packaged unit: flashes are a request, and the dehumidify switch takes budget', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Office packaged unit' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.read('R1', '.3');
  await tech.press('.36');
  await tech.keep();
  await expect(page.getByRole('button', { name: /^TESP 0\.66/ })).toBeVisible();
  await tech.station('Airflow');
  await page.getByRole('button', { name: /^Constant-airflow setting.*open/ }).click();
  const sheet = page.getByRole('dialog', { name: 'Constant-airflow setting' });
  await tech.fill({ Flashes: '20' });
  await sheet.getByRole('radio', { name: 'on, no sensor' }).click();
  // The flash count shows the cut request already: it is not cut again.
  await expect(sheet.getByText('2,000').first()).toBeVisible();
  await sheet.getByRole('radio', { name: 'switch table' }).click();
  await tech.fill({ 'Switch setting, CFM': '2000' });
  await expect(sheet.getByText('1,700').first()).toBeVisible();
  await sheet.getByRole('button', { name: /^Save (airflow|[\d,]+ CFM)/ }).click();
  await expect(page.getByText(/dehumidify switch is on without a sensor/)).toBeVisible();
});

test('make-up air unit: static against outdoors and airflow against its design', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Make-up air unit' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.read('S1', '.5');
  await expect(page.getByRole('button', { name: /^TESP 0\.50/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Airflow 4,2\d\d CFM, ± 42\d/ })).toBeVisible();
  await tech.read('R1', '.06');
  await page.keyboard.press('Escape');
  await tech.read('R2', '.15');
  await page.keyboard.press('Escape');
  await expect(page.getByText('takes 0.09; in the cabinet, not counted')).toBeVisible();
});

test('@wide ice holds the readings, and filters in series bring a port of their own', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Hall air handler' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await expect(page.getByRole('button', { name: /^Port R0, behind the filter grille/ })).toBeVisible();
  await tech.station('Inspect');
  await tech.see('Ice', 'on the coil');
  await expect(
    page.getByRole('alert').getByText(/^Stop\. Ice blocks the coil.*run the fan until the coil is clear/),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Ice, on the coil: fixed/ }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('@wide the bench: an address carries the figures, and a result goes to the open visit', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Reading room air handler' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await tech.read('R2', '.31');
  await tech.press('.27');
  await tech.keep();
  // As an earlier Huff wrote the address.
  await page.goto('/bench/electricHeat?volts=238&amps=41.2&returnF=70&supplyF=101.5');
  await expect(page.getByText('983', { exact: true })).toBeVisible();
  await page.getByLabel(/^Altitude/).fill('40000');
  await page.getByLabel(/^Altitude/).blur();
  await expect(page.getByText('Altitude must be between −1,000 and 15,000 ft.').first()).toBeVisible();
  await page.getByLabel(/^Altitude/).fill('5000');
  await expect(page).toHaveURL(/altitudeFt=5000/);
  await page.reload();
  await expect(page.getByText('1,182', { exact: true })).toBeVisible();
  await page.getByLabel(/^Altitude/).fill('');
  await page.getByRole('button', { name: 'Add to visit' }).click();
  await tech.station('Airflow');
  await expect(page.getByRole('img', { name: /Electric heat rise 1,014/ })).toBeVisible();
});

testWithOwnServer('the altitude is the site’s, and comes with each check there', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/sites');
  await setAltitude(page, 'Saltgrass Row 4', 'high');
  await expect(page.getByText(/^Altitude must be a number/)).toBeVisible();
  await page.getByLabel(/^Altitude/).fill('5000');
  await page.getByRole('button', { name: 'Save site' }).click();
  await expect(page.getByText('5,000 ft', { exact: true })).toBeVisible();
  await tech.startAt('Upstairs air handler');
  await tech.station('Airflow');
  await page.getByRole('button', { name: /^Electric heat rise.*open/ }).click();
  await tech.fill({ 'Heater volts': '238', 'Element amps': '41.2', 'Entering air': '70', 'Leaving air': '101.5' });
  // 1,182 by the elements alone; the blower's own 300 W are in the rise as well.
  await expect(page.getByRole('dialog').getByText(/^(Save 1,218 CFM|1,218)$/)).toBeVisible();
});

test('a photo is made small, kept with what it shows, and is there after a reload', async ({ page }) => {
  const tech = technician(page);
  await page.goto('/visits/de300000-0003-4000-8000-000000000002');
  await tech.station('Inspect');
  const picture = Buffer.from(
    await page.evaluate(() => {
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [3000, 2000];
      const brush = canvas.getContext('2d')!;
      for (let i = 0; i < 400; i += 1) {
        brush.fillStyle = `hsl(${i * 7}, 70%, 50%)`;
        brush.fillRect((i * 37) % 3000, (i * 91) % 2000, 160, 120);
      }
      return canvas.toDataURL('image/png').split(',')[1]!;
    }),
    'base64',
  );
  const choose = async (name: string, buffer: Buffer) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Photo of Filter', exact: true }).click();
    await (await chooser).setFiles({ name, mimeType: 'image/png', buffer });
  };
  await choose('notes.png', Buffer.from('no picture'));
  await expect(page.getByText('notes.png is not a readable picture. Choose a photo.')).toBeVisible();
  await choose('filter.png', picture);
  await expect(page.getByRole('img', { name: 'Filter, photo 1 of 1' })).toBeVisible();
  // Sent, before the page is left.
  const photos = async () =>
    (
      (await (await page.request.get('/api/visits/de300000-0003-4000-8000-000000000002/photos')).json()) as {
        photos: { id: string }[];
      }
    ).photos;
  await expect.poll(async () => (await photos()).length).toBe(1);
  await page.reload();
  await tech.station('Inspect');
  const shown = page.getByRole('img', { name: 'Filter, photo 1 of 1' });
  await expect(shown).toBeVisible();
  const [photo] = await photos();
  const image = await page.request.get(`/api/photos/${photo!.id}/image`);
  expect(image.headers()['content-type']).toContain('image/jpeg');
  expect((await image.body()).length).toBeLessThan(700_000);
  const small = await page.request.get(`/api/photos/${photo!.id}/image?size=small`);
  expect((await small.body()).length).toBeLessThan(30_000);
});

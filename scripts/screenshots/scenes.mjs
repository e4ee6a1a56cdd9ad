import { execFileSync } from 'node:child_process';
import path from 'node:path';
import { ensurePdfText } from '../setup/pdfText.mjs';

const ready = (page, text) => page.getByText(text).first().waitFor();

async function press(page, figure) {
  for (const key of figure) await page.getByRole('button', { name: key === '.' ? 'point' : key, exact: true }).click();
}

async function checkAtReadingRoom(page) {
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Reading room air handler' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  for (const [port, figure] of [
    ['R1', '.16'],
    ['R2', '.31'],
    ['S1', '.27'],
  ]) {
    await page.getByRole('button', { name: new RegExp(`^Port ${port},`) }).click();
    await press(page, figure);
    await page.getByRole('button', { name: /^Save/ }).click();
    await page.keyboard.press('Escape');
  }
  await page.getByRole('button', { name: /^Airflow \d/ }).waitFor();
}

const station = (page, name) =>
  page
    .getByRole('group', { name: 'Steps' })
    .getByRole('button', { name: new RegExp(`^${name},`) })
    .click();

/** A saved visit of the demo at one of its stations. */
const visitAt = (n, name) => async (page) => {
  await page.goto(`/visits/de300000-0003-4000-8000-00000000000${n}`);
  await page.getByRole('group', { name: 'Steps' }).waitFor();
  if (name) await station(page, name);
};

const plans = (page) => page.getByRole('group', { name: 'Ready plans' });

/** Fix of a demo visit with its first ready plan taken over. */
const fixAt = (n) => async (page) => {
  await visitAt(n, 'Fix')(page);
  await plans(page).getByRole('button').first().click();
  await ready(page, 'Start these fixes');
};

/** A blurred photo of a table, read: the cells that were not read for sure. */
async function photoTable(page) {
  await page.goto('/settings/tables/type');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'photo', exact: true }).click(),
  ]);
  await chooser.setFiles('e2e/photos/blurred.jpg');
  await page.getByRole('button', { name: /^Read the table/ }).click();
  await page.getByRole('button', { name: /^Confirm/ }).waitFor({ timeout: 60_000 });
  await page.getByRole('img', { name: /^Photo of tap/ }).waitFor();
}

/** Sites, unit and visit beside each other. */
async function desk(page) {
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Upstairs air handler' }).click();
  await ready(page, 'Pressure profile');
  await page.waitForTimeout(900);
}

/** Causes of a demo visit, searched to the end. */
const causesAt = (n) => async (page) => {
  await visitAt(n, 'Causes')(page);
  await ready(page, /^fit /);
  await page.waitForTimeout(1500);
};

/** A visit with the simulated set connected, its values at rest on the pressure profile. */
async function probes(page) {
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Unit Glaze room furnace' }).click();
  await page.getByRole('button', { name: /^Start a visit/ }).click();
  await page.getByRole('button', { name: 'Connect probes' }).click();
  await page.getByRole('button', { name: 'Connect simulated set' }).click();
  await ready(page, 'Manometer A');
  await page.keyboard.press('Escape');
  await page.waitForTimeout(12_000);
}

/** A named drill, begun. */
async function beginDrill(page, id) {
  await page.goto(`/practice/${id}`);
  await page.getByRole('button', { name: /^Begin this drill/ }).click();
  await page.getByRole('button', { name: /^Disconnect, / }).waitFor();
}

/** A demo visit at a station of the call, its cautions read. */
const callAt = (n, name) => async (page) => {
  await page.goto(`/visits/de300000-0003-4000-8000-${String(n).padStart(12, '0')}`);
  await page.getByRole('group', { name: 'Steps' }).waitFor();
  await station(page, name);
  const read = page.getByRole('button', { name: /: read$/ });
  await page.waitForTimeout(300);
  for (let i = 0; i < 4 && (await read.count()) > 0; i += 1) {
    await read.first().click();
    await page.waitForTimeout(200);
  }
};

/** A circuit short of charge, typed on its ladder. */
async function shortOfCharge(page) {
  await page.goto('/visits/de300000-0003-4000-8000-000000000012');
  await station(page, 'Inspect');
  await page.getByRole('radiogroup', { name: 'Ice', exact: true }).getByRole('radio', { name: 'none' }).click();
  await callAt(12, 'Refrigerant')(page);
  // A gauge asks first what it is on.
  await page.getByRole('button', { name: /^evaporating,/ }).click();
  await page.getByRole('dialog').getByRole('radio', { name: 'R-410A' }).click();
  await page.getByRole('dialog', { name: 'Suction pressure' }).waitFor();
  // The keypad goes from mark to mark.
  for (const [asked, figure] of [
    ['Suction pressure', '118'],
    ['High side pressure', '330'],
    ['Liquid line', '102'],
    ['Suction line', '64'],
  ]) {
    await page.getByRole('dialog', { name: asked }).waitFor();
    await page.keyboard.type(figure);
    await page.keyboard.press('Enter');
  }
  await page.getByRole('dialog').waitFor({ state: 'detached' });
  // Minutes and return air were typed with the temperature drop.
  await page.getByRole('button', { name: /^outdoors,/ }).click();
  await page.getByRole('dialog').waitFor();
  await page.keyboard.type('88');
  await page.keyboard.press('Enter');
  await page.getByRole('dialog').waitFor({ state: 'detached' });
  await page.mouse.click(200, 60);
}

/** The owner's page as it comes out of a printer: the PDF, seen by another program. */
async function reportPage(page) {
  const pdf = await page.request.get('/api/visits/de300000-0003-4000-8000-000000000014/report.pdf');
  const program = await ensurePdfText();
  const png = execFileSync(path.join(path.dirname(program), 'pdftoppm'), ['-r', '96', '-l', '1', '-png', '-'], {
    input: await pdf.body(),
    maxBuffer: 64_000_000,
  });
  await page.setViewportSize({ width: 816, height: 1056 });
  await page.setContent(`<img style="position:fixed;inset:0" src="data:image/png;base64,${png.toString('base64')}">`);
}

/** One picture of each main view: its name, how wide, and the way there. */
export const SCENES = [
  {
    name: 'today',
    play: async (page) => {
      await page.goto('/');
      await ready(page, 'Glaze room');
    },
  },
  { name: 'quick-check', play: checkAtReadingRoom },
  {
    name: 'unit',
    play: async (page) => {
      await page.goto('/units/de300000-0002-4000-8000-000000000003');
      await ready(page, /^Filter drop/);
    },
  },
  { name: 'desk-wide', wide: true, play: desk },
  {
    name: 'schedule',
    play: async (page) => {
      await page.goto('/schedule');
      await page.getByRole('radio', { name: 'seven days' }).click();
      await ready(page, 'on the truck');
      await page.getByRole('region', { name: 'Truck load' }).scrollIntoViewIfNeeded();
    },
  },
  { name: 'airflow', play: visitAt(1, 'Airflow') },
  { name: 'electrical', play: callAt(15, 'Electrical') },
  { name: 'refrigerant', play: shortOfCharge },
  { name: 'wrap-up', play: callAt(14, 'Wrap up') },
  { name: 'report-page', play: reportPage },
  {
    name: 'roof-wide',
    wide: true,
    play: async (page) => {
      await page.goto('/sites/de300000-0006-4000-8000-000000000002/roof');
      for (const [cell, digit] of [
        ['Roof 1 entrance, Filter', '1'],
        ['Roof 1 entrance, Wheel', '2'],
        ['Roof 2 stacks, Filter', '2'],
        ['Roof 2 stacks, Belt', '1'],
      ]) {
        await page.getByRole('button', { name: new RegExp(`^${cell}`) }).click();
        await page.keyboard.press(digit);
      }
      await page.getByRole('button', { name: /^Roof 2 stacks, Static/ }).click();
      await page.getByRole('button', { name: 'Read R1' }).click();
      for (const typed of ['0.27', '0.34']) {
        await page.keyboard.type(typed);
        await page.keyboard.press('Enter');
      }
      await page.getByRole('button', { name: /^Roof 2 stacks, Static: .* today/ }).click();
    },
  },
  { name: 'causes', play: causesAt(1) },
  { name: 'causes-wide', wide: true, play: causesAt(1) },
  { name: 'probes', play: probes },
  {
    name: 'drill',
    play: async (page) => {
      await beginDrill(page, 'smallReturn');
      await page.getByRole('button', { name: /^Port R1/ }).click();
      await page.waitForTimeout(9_000);
      await page.getByRole('button', { name: /^Record R1/ }).click();
      await page.getByRole('button', { name: /^Disconnect, / }).click();
      for (const name of [/^Switch off/, /^Lock it out/, /^Verify it is dead/])
        await page.getByRole('button', { name }).click();
      await page.keyboard.press('Escape');
      await page.getByRole('button', { name: /^Blower door, / }).click();
      await page.getByRole('button', { name: /^Take it off/ }).click();
      await page.keyboard.press('Escape');
      await page.waitForTimeout(6_000);
    },
  },
  {
    name: 'debrief',
    play: async (page) => {
      await beginDrill(page, 'firstLook');
      for (const port of ['R2', 'S1']) {
        await page.getByRole('button', { name: new RegExp(`^Port ${port}`) }).click();
        await page.waitForTimeout(9_000);
        await page.getByRole('button', { name: new RegExp(`^Record ${port}`) }).click();
      }
      await page.getByRole('button', { name: /^Filter door, / }).click();
      await page.getByRole('button', { name: /^Take it off/ }).click();
      await page.getByRole('button', { name: 'Look: Filter', exact: true }).click();
      await page.getByRole('radio', { name: 'loaded', exact: true }).click();
      await page.keyboard.press('Escape');
      await page.getByRole('button', { name: 'Name the cause' }).click();
      await page.getByRole('checkbox', { name: 'Loaded filter' }).click();
      await page.getByRole('button', { name: 'Name the cause' }).last().click();
      await page.getByRole('button', { name: 'See the debrief' }).click();
      await ready(page, 'Shortest good path');
    },
  },
  { name: 'fix', play: fixAt(1) },
  { name: 'photo-table', play: photoTable },
  {
    // Last: it decides a plan and reads again.
    name: 'verify',
    play: async (page) => {
      await fixAt(1)(page);
      await page.getByRole('button', { name: /^Start these fixes/ }).click();
      await page.getByRole('dialog').getByRole('button', { name: /begin/i }).click();
      for (const [port, figure] of [
        ['R1', '.17'],
        ['R2', '.25'],
        ['S1', '.21'],
      ]) {
        await page.getByRole('button', { name: new RegExp(`^Static at ${port}:`) }).click();
        await press(page, figure);
        await page.getByRole('button', { name: /^Save/ }).last().click();
        await page.keyboard.press('Escape');
      }
      await page
        .getByRole('group', { name: 'Before, predicted, after' })
        .evaluate((table) => table.scrollIntoView({ block: 'start' }));
    },
  },
];

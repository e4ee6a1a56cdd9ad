const ready = (page, text) => page.getByText(text).first().waitFor();

async function press(page, figure) {
  for (const key of figure) await page.getByRole('button', { name: key === '.' ? 'point' : key, exact: true }).click();
}

async function checkAtReadingRoom(page) {
  await page.goto('/sites');
  await page.getByRole('button', { name: 'Check Reading room air handler' }).click();
  for (const [port, figure] of [
    ['R1', '.16'],
    ['R2', '.31'],
    ['S1', '.27'],
  ]) {
    await page.getByRole('button', { name: new RegExp(`^Port ${port},`) }).click();
    await press(page, figure);
    await page.getByRole('button', { name: /^Keep/ }).click();
    await page.keyboard.press('Escape');
  }
  await page.getByRole('button', { name: /^Airflow 940/ }).waitFor();
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
  { name: 'quick-check-wide', wide: true, play: checkAtReadingRoom },
  {
    name: 'keypad',
    play: async (page) => {
      await checkAtReadingRoom(page);
      await page.getByRole('button', { name: /^Port S1,/ }).click();
      await press(page, '27');
    },
  },
  {
    name: 'advice-attic',
    dark: true,
    play: async (page) => {
      await checkAtReadingRoom(page);
      await page.getByRole('button', { name: /^Speed, / }).click();
    },
  },
  {
    name: 'table-import',
    play: async (page) => {
      await page.goto('/shop/tables/import');
      await page.getByLabel('Text of the table').fill('tap,0.10,0.20,0.30\nlow,820,805,785\nhigh,1210,1l75,\n');
      await page.getByRole('button', { name: 'Read this text' }).click();
      await ready(page, 'One thing to mend');
    },
  },
];

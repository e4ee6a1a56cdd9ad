import { expect, type Page } from '@playwright/test';

/** Sets the altitude of a site from the list of sites; ends on the site's page. */
export async function setAltitude(page: Page, site: string, to: string): Promise<void> {
  await page.getByRole('button', { name: `Site ${site}` }).click();
  await page.getByRole('button', { name: /^(Change|Say address)/ }).click();
  await page.getByLabel(/^Altitude/).fill(to);
  await page.getByRole('button', { name: 'Save site' }).click();
}

/** What a technician does, by the names they see. */
export function technician(page: Page) {
  const keys = () => page.getByRole('button', { name: 'delete', exact: true });
  const keypad = () => page.getByRole('dialog', { name: /^Read/ });
  const unit = () => page.getByRole('dialog', { name: 'Equipment' });
  return {
    /** Opens the sheet that says the equipment, if it is not open. */
    async whatStandsHere() {
      if (await unit().isVisible()) return;
      await page
        .getByRole('button', { name: /Set up equipment$/ })
        .first()
        .click();
      await expect(unit()).toBeVisible();
    },

    /** Back from the sheet to the drawing. */
    async toDrawing() {
      if (await unit().isVisible()) await unit().getByRole('button', { name: 'Back', exact: true }).click();
    },

    async pickTable(name: string) {
      await this.whatStandsHere();
      await unit()
        .getByRole('button', { name: /^Blower table/ })
        .click();
      await page.getByRole('button', { name: new RegExp(`^${name}`) }).click();
    },

    async sayTap(tap: string) {
      await this.whatStandsHere();
      await unit()
        .getByRole('radiogroup', { name: 'Speed in use' })
        .getByRole('radio', { name: tap, exact: true })
        .click();
    },

    async sayTons(tons: string) {
      await this.whatStandsHere();
      await unit()
        .getByRole('radiogroup', { name: 'Nominal tons' })
        .getByRole('radio', { name: tons, exact: true })
        .click();
    },

    /** A number of the unit, typed on the keypad. */
    async sayNumber(row: RegExp, figure: string) {
      await this.whatStandsHere();
      await unit().getByRole('button', { name: row }).click();
      await page.keyboard.type(figure);
      await page.keyboard.press('Enter');
    },

    /** Starts a visit at a unit of the list. */
    async startAt(name: string) {
      await page.getByRole('button', { name: `Unit ${name}` }).click();
      await page.getByRole('button', { name: /^Start a visit/ }).click();
    },

    async openPort(port: string) {
      await this.toDrawing();
      await page.getByRole('button', { name: new RegExp(`^Port ${port},`) }).click();
      await expect(keypad()).toBeVisible();
    },

    /** Opens a station of the visit by its name. */
    async station(name: string) {
      await this.toDrawing();
      await page
        .getByRole('group', { name: 'Steps' })
        .getByRole('button', { name: new RegExp(`^${name},`) })
        .click();
    },

    /** Says what was seen at a thing. */
    async see(item: string, state: string) {
      await page
        .getByRole('radiogroup', { name: item, exact: true })
        .getByRole('radio', { name: state, exact: true })
        .click();
    },

    /** Types into the fields of an open sheet, by the beginnings of their labels. */
    async fill(values: Readonly<Record<string, string>>) {
      for (const [label, value] of Object.entries(values)) {
        const sheet = await this.topSheet(label);
        const figures = () => value.split(/[ ,;]+/);
        if (await keys().isVisible()) {
          // The keypad asks for it already.
          for (const one of figures()) await this.typeAt(label, one);
          continue;
        }
        const field = sheet.getByRole('textbox', { name: new RegExp(`^${label}`) });
        // At the desk it is a form; on a phone it is typed on the drawing, with the keypad.
        const spot = sheet.getByRole('button', { name: new RegExp(`^${label}.*Type it$`) });
        await expect(field.or(spot).first()).toBeVisible();
        if (await field.count()) await field.fill(value);
        else for (const one of figures()) await this.typeAt(label, one);
      }
    },

    /** Types a figure where it is read on the drawing; of several points the next one. */
    async typeAt(label: string, value: string) {
      const sheet = await this.topSheet(label);
      const unread = sheet.getByRole('button', {
        name: new RegExp(`^${label}.*(not read|if known|assumed).*Type it$`),
      });
      const spot = sheet.getByRole('button', { name: new RegExp(`^${label}.*Type it$`) });
      if (!(await keys().isVisible())) await ((await unread.count()) > 0 ? unread : spot).first().click();
      // A meter is clocked by the watch, or its seconds are typed.
      const watch = page.getByRole('button', { name: 'Enter seconds' });
      await expect(keys().or(watch)).toBeVisible();
      if (await watch.isVisible()) await watch.click();
      const head = page.getByRole('dialog').last().getByRole('heading').first();
      const asked = (await head.textContent()) ?? '';
      await page.keyboard.type(value);
      await page.keyboard.press('Enter');
      // It closes, or asks for the next.
      await expect(head).not.toHaveText(asked);
    },

    /** The sheet that is on top; a keypad that asks for something else is put away. */
    async topSheet(label: string) {
      const own = page
        .getByRole('dialog')
        .last()
        .getByRole('heading', { name: new RegExp(`^(${label}|(Point|Outlet|Reading) \\d)`) });
      if ((await keys().isVisible()) && (await own.count()) === 0) {
        await page.keyboard.press('Escape');
        await expect(keys()).toHaveCount(0);
      }
      return page.getByRole('dialog').last();
    },

    /** Presses the keys of a figure: "0.31". */
    async press(figure: string) {
      for (const key of figure) {
        await keypad()
          .getByRole('button', { name: key === '.' ? 'point' : key, exact: true })
          .click();
      }
    },

    /** Takes one of the ready plans over, once they are searched. */
    async takePlan(name: string) {
      await page.getByRole('button', { name: new RegExp(`${name}.*Choose this plan`, 'i') }).click();
      await expect(page.getByRole('button', { name: /^Start these fixes/ })).toBeEnabled();
    },

    /** Decides what is chosen, with its cautions read. */
    async begin() {
      await page.getByRole('button', { name: /^Start these fixes/ }).click();
      await page.getByRole('dialog').getByRole('button', { name: /begin/i }).click();
    },

    /** Reads ports again from the list of Prove, in the order given. */
    async readAgain(values: Readonly<Record<string, string>>) {
      for (const [port, figure] of Object.entries(values)) {
        await page.getByRole('button', { name: new RegExp(`^Static at ${port}:`) }).click();
        await this.press(figure);
        await this.keep();
        await page.keyboard.press('Escape');
      }
    },

    async keep() {
      await keypad().getByRole('button', { name: /^Save/ }).click();
    },

    async read(port: string, figure: string) {
      await this.openPort(port);
      await this.press(figure);
      await this.keep();
    },
  };
}

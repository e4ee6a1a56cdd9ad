import { expect, type Locator, type Page } from '@playwright/test';

/** What a visit cost its technician so far. */
export interface Cost {
  readonly touches: number;
  readonly figures: number;
}

/** A technician on a call in an empty shop, on a phone: every touch and every figure is counted. */
export class OnACall {
  private touches = 0;
  private figures = 0;
  /** What the first useful verdict had cost. */
  first?: Cost;
  /** What the page that was handed over had cost. */
  end?: Cost;

  constructor(readonly page: Page) {}

  get cost(): Cost {
    return { touches: this.touches, figures: this.figures };
  }

  private async tap(what: Locator): Promise<void> {
    await what.first().click();
    this.touches += 1;
  }

  /** Touches a button by the beginning of its name. */
  touch = (name: RegExp) => this.tap(this.page.getByRole('button', { name }));

  /** Chooses one of a group; without a group in whatever sheet is open. */
  async choose(name: string, group?: string): Promise<void> {
    const within = group ? this.page.getByRole('radiogroup', { name: group, exact: true }) : this.page;
    await this.tap(within.getByRole('radio', { name, exact: true }));
  }

  /** Begins with what the customer said. */
  async said(words: string): Promise<void> {
    await this.page.goto('/');
    await this.touch(/^Quick check/);
    await this.go('Complaint');
    await this.choose(words, 'Complaint');
    await expect(this.page.getByText(`“${words}”`)).toBeVisible();
  }

  async go(station: string): Promise<void> {
    await this.tap(
      this.page.getByRole('group', { name: 'Steps' }).getByRole('button', { name: new RegExp(`^${station},`) }),
    );
  }

  /** Reads the cautions of a step, one after the other. */
  async cautions(): Promise<void> {
    const next = this.page.getByRole('button', { name: /: read$/ });
    await this.page.waitForTimeout(150);
    for (let i = 0; i < 5 && (await next.count()) > 0; i += 1) {
      const name = (await next.first().getAttribute('aria-label'))!;
      await this.tap(next);
      await expect(this.page.getByRole('button', { name, exact: true })).toHaveCount(0);
    }
  }

  /** Types a figure at whatever asks for it now. */
  async figure(text: string): Promise<void> {
    const asked = this.page.getByRole('dialog').last();
    await expect(asked).toBeVisible();
    const before = await asked.getAttribute('aria-label');
    await this.page.keyboard.type(text);
    await this.page.keyboard.press('Enter');
    this.figures += 1;
    this.touches += 1;
    // It closes, or asks for the next.
    await expect(this.page.getByRole('dialog', { name: before!, exact: true })).toHaveCount(0);
  }

  /** Touches a spot of a drawing or a line of a list, and types its figure. */
  async read(spot: RegExp, figure: string): Promise<void> {
    await this.touch(spot);
    await this.figure(figure);
  }

  /** Types a mark of the ladder and those that the keypad asks for after it; closes it where it goes on asking. */
  async gauges(first: RegExp, ...figures: readonly string[]): Promise<void> {
    await this.touch(first);
    for (const one of figures) await this.figure(one);
    await this.closeKeypad();
  }

  /** Closes a keypad that goes on asking. */
  async closeKeypad(): Promise<void> {
    if ((await this.page.getByRole('dialog').count()) === 0) return;
    await this.touch(/^not known/);
    await expect(this.page.getByRole('dialog')).toHaveCount(0);
  }

  /** Types words into a field. */
  async write(label: RegExp, words: string): Promise<void> {
    await this.page.getByRole('textbox', { name: label }).fill(words);
    this.touches += 1;
  }

  /** Types the points of a traverse, each asked for in turn. */
  async points(count: number, figure: string): Promise<void> {
    await this.touch(/point 1: not read. Type it$/);
    for (let i = 0; i < count; i += 1) {
      await this.page.keyboard.type(figure);
      await this.page.keyboard.press('Enter');
      this.figures += 1;
    }
    if ((await this.page.getByRole('button', { name: 'delete', exact: true }).count()) > 0)
      await this.page.keyboard.press('Escape');
  }

  /** Reads statics, the first port by its ring, the others as they are asked for in turn. */
  async statics(first: string, ...figures: readonly string[]): Promise<void> {
    await this.touch(new RegExp(`^Port ${first},`));
    for (const one of figures) {
      const asked = this.page.getByRole('dialog', { name: /^Read / });
      const name = await asked.getAttribute('aria-label');
      await this.page.keyboard.type(one);
      await this.page.keyboard.press('Enter');
      this.figures += 1;
      this.touches += 1;
      await expect(this.page.getByRole('dialog', { name: name!, exact: true })).toHaveCount(0);
    }
    if ((await this.page.getByRole('dialog', { name: /^Read / }).count()) > 0) await this.page.keyboard.press('Escape');
  }

  /** Touches a point and says what was found there. */
  async mark(spot: RegExp, state: string): Promise<void> {
    await this.touch(spot);
    await this.tap(this.page.getByRole('dialog').last().getByRole('radio', { name: state, exact: true }));
    await expect(this.page.getByRole('dialog')).toHaveCount(0);
  }

  /** Types one row of a blower table from its paper, and keeps it. */
  private async table(tap: string, figures: readonly string[]): Promise<void> {
    await this.touch(/^Blower table/);
    await this.touch(/^Enter a table/);
    await expect(this.page.getByRole('button', { name: 'next cell' })).toBeVisible();
    for (const one of figures) {
      await this.page.keyboard.type(one);
      await this.page.keyboard.press('Enter');
      this.figures += 1;
      this.touches += 1;
    }
    await this.touch(/^Save$/);
    await this.touch(/^Save table/);
    await this.choose(tap, 'Speed in use');
  }

  /** What the equipment is, as far as it is asked. */
  async unit({
    kind,
    motor,
    tons,
    equipment,
    table,
  }: {
    readonly kind?: string;
    readonly motor?: RegExp;
    readonly tons?: string;
    readonly equipment?: string;
    readonly table?: { readonly tap: string; readonly figures: readonly string[] };
  }) {
    await this.touch(/Set up equipment$/);
    if (kind) await this.choose(kind, 'Air path');
    if (motor) await this.tap(this.page.getByRole('radio', { name: motor }));
    if (equipment) await this.choose(equipment, 'System');
    if (tons) await this.choose(tons, 'Nominal tons');
    if (table) await this.table(table.tap, table.figures);
    await this.tap(this.page.getByRole('dialog').last().getByRole('button', { name: 'Back', exact: true }));
  }

  /** Keeps the equipment, with its belt, as a new unit of a new site. */
  async keepUnit(site: string, unit: string, belt: string): Promise<void> {
    await this.touch(/Set up equipment$/);
    await this.touch(/^Sheaves and belt/);
    await this.write(/^Belt size/, belt);
    await this.touch(/^Save drive/);
    await this.touch(/^Show (air and assumptions|more details)/);
    await this.touch(/^Save as unit/);
    const asked = this.page.getByRole('textbox', { name: 'Site', exact: true });
    // A known address is filled in already.
    if ((await asked.inputValue()) !== site) await this.write(/^Site$/, site);
    await this.write(/^Unit$/, unit);
    await this.touch(/^Save new unit/);
    await this.tap(this.page.getByRole('dialog').last().getByRole('button', { name: 'Back', exact: true }));
  }

  /** What the sheet of a site's roof says to take up. */
  async takesUp(site: string, ...lines: readonly string[]): Promise<void> {
    await this.page.getByRole('button', { name: 'Back', exact: true }).click();
    await this.page.getByRole('link', { name: 'Sites' }).click();
    await this.page.getByRole('button', { name: new RegExp(`^Site ${site}`) }).click();
    await this.page.getByRole('button', { name: 'Roof sheet' }).click();
    for (const line of lines) await expect(this.page.getByText(line, { exact: true })).toBeVisible();
  }

  /** The first thing that is worth having come for. */
  async verdict(words: RegExp | string): Promise<void> {
    await expect(this.page.getByText(words).first()).toBeVisible();
    this.first ??= this.cost;
  }

  /** Hands over: the owner's page says what was found and done, and it is saved. */
  async handOver(...says: readonly (RegExp | string)[]): Promise<void> {
    await this.go('Wrap up');
    const paper = this.page.getByRole('main');
    for (const words of says) await expect(paper.getByText(words).first()).toBeVisible();
    await this.touch(/^Save the visit/);
    this.end ??= this.cost;
    await expect(this.page).toHaveURL(/\/visits\//);
  }
}

import { type Quantity, shownUnit, SI_MEASURES, toShown, US_MEASURES, type Measures } from '@huff/core';

/** Quantities whose unit ends the head of a column, the longest unit first: "in. w.c." ends no column of inches. */
const QUANTITIES: readonly Quantity[] = ['cfmPerTon', 'inWc', 'in', 'ft'];
/** Everything a person may choose, so that a list of one phone is read on another. */
const SYSTEMS: readonly Measures[] = [US_MEASURES, SI_MEASURES, { ...SI_MEASURES, flow: 'm3h' }];

const stemOf = (head: string, quantity: Quantity) => {
  const unit = ` ${shownUnit(quantity, US_MEASURES).text}`;
  return head.endsWith(unit) ? head.slice(0, -unit.length) : undefined;
};

/** The quantity that ends a column's head, in US units as the records describe it. */
function unitOf(head: string) {
  for (const quantity of QUANTITIES) {
    const stem = stemOf(head, quantity);
    if (stem !== undefined) return { stem, quantity };
  }
  return undefined;
}

/** A column as a file has it: which head it has, and its figures as they are stored. */
export interface HeadedColumn {
  readonly head: string;
  readonly stored: (figure: number) => number;
}

const digits = (figure: number, count: number) => Number(figure.toPrecision(count));

/**
 * The heads under which a file may bring a column.
 *
 * @param head in US units, "altitude ft"
 * @example headsOf('altitude ft').map(({ head }) => head) // ['altitude ft', 'altitude m']
 */
export function headsOf(head: string): readonly HeadedColumn[] {
  const unit = unitOf(head);
  if (!unit) return [{ head, stored: (figure) => figure }];
  const { stem, quantity } = unit;
  const made = new Map(
    SYSTEMS.map((measures): [string, HeadedColumn] => {
      const { text, per } = shownUnit(quantity, measures);
      const name = `${stem} ${text}`;
      // Six digits: 508 mm are 20 in. again, not 20.000001.
      return [name, { head: name, stored: (figure) => (per === 1 ? figure : digits(figure / per, 6)) }];
    }),
  );
  return [...made.values()];
}

/** A column as it is written for whoever asks: its head with their unit, and what a figure is in it. */
export function writtenIn(head: string): { readonly head: string; readonly shown: (figure: number) => number } {
  const unit = unitOf(head);
  if (!unit) return { head, shown: (figure) => figure };
  const { stem, quantity } = unit;
  const { text, per } = shownUnit(quantity);
  return {
    head: `${stem} ${text}`,
    shown: (figure) => (per === 1 ? figure : digits(toShown(figure, quantity), 8)),
  };
}

/** Units of a blower table's file: "units,Pa,L/s" above its header. */
export interface TableUnits {
  readonly staticInWc: (figure: number) => number;
  readonly flowCfm: (figure: number) => number;
}

const same = (figure: number) => figure;
export const US_TABLE_UNITS: TableUnits = { staticInWc: same, flowCfm: same };

const named = (text: string, quantity: Quantity) => {
  const plain = (words: string) => words.toLowerCase().replaceAll(/[\s.]/g, '');
  return SYSTEMS.map((measures) => shownUnit(quantity, measures)).find((unit) => plain(unit.text) === plain(text));
};

/** The units a file names; undefined where one of them is none of ours. */
export function tableUnitsOf(staticUnit: string, flowUnit: string): TableUnits | undefined {
  const [statics, flows] = [named(staticUnit, 'inWc'), named(flowUnit, 'cfm')];
  if (!statics || !flows) return undefined;
  const stored = (per: number) => (figure: number) => (per === 1 ? figure : digits(figure / per, 6));
  return { staticInWc: stored(statics.per), flowCfm: stored(flows.per) };
}

/** A blower table in the units of whoever asks, which its file names; US units need no naming. */
export function writtenTableUnits() {
  const [statics, flows] = [shownUnit('inWc'), shownUnit('cfm')];
  const isUs = statics.per === 1 && flows.per === 1;
  return {
    rows: isUs ? [] : [['units', statics.text, flows.text]],
    // What a row of airflows with RPM and horsepower begins with.
    flowHead: isUs ? 'CFM' : 'airflow',
    shownStatic: (figure: number) => (statics.per === 1 ? figure : digits(figure * statics.per, 8)),
    // Four places always: three after a point would be read as thousands.
    shownFlow: (figure: number) => (flows.per === 1 ? figure : (figure * flows.per).toFixed(4)),
  };
}

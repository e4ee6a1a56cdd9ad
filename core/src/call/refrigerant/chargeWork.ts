import { inputFaults, soundInputs } from '../../base/forms/solveTool';
import type { FieldError, FieldSet, RawInputs, ToolUnit } from '../../base/forms/tool';
import { toolText } from '../../base/forms/units';
import { unreplaced, type Fact } from '../facts/facts';
import { REFRIGERANTS } from './refrigerants';

const optional = (label: string, unit: ToolUnit, min: number, max: number, hint?: string) =>
  ({ kind: 'number', label, unit, min, max, optional: true, hint }) as const;

/** What may be done to a charge. */
const CHARGE_WORKS = [
  { id: 'recovered', text: 'recovered' },
  { id: 'added', text: 'added' },
  { id: 'weighedIn', text: 'weighed in' },
  { id: 'leakFound', text: 'leak found' },
  { id: 'leakFixed', text: 'leak repaired' },
  { id: 'held', text: 'held pressure' },
  { id: 'evacuated', text: 'evacuated' },
] as const;
export type ChargeWorkId = (typeof CHARGE_WORKS)[number]['id'];

const UNSAID = 'unsaid';

/** One thing that was done to the charge of a circuit. Certified work: the person who did it signs the visit. */
export const CHARGE_WORK_FORM = {
  fields: {
    what: { kind: 'choice', label: 'Work done', options: CHARGE_WORKS },
    circuit: {
      kind: 'choice',
      label: 'Circuit',
      options: ['1', '2', '3'].map((id) => ({ id, text: id })),
    },
    refrigerant: {
      kind: 'choice',
      label: 'Refrigerant',
      // None is taken: a record must not name one that nobody said.
      options: [{ id: UNSAID, text: 'not entered' }, ...REFRIGERANTS.map((id) => ({ id, text: id }))],
    },
    ounces: optional('From the scale', 'oz', 0.1, 20_000),
    cylinder: { kind: 'text', label: 'Cylinder', most: 40, optional: true, hint: 'Its number.' },
    where: { kind: 'text', label: 'Where', most: 120, optional: true, hint: 'Joint, valve, coil.' },
    pressurePsig: optional('Pressure held', 'psig', 1, 800),
    minutes: optional('For', 'minutes', 1, 10_000),
    microns: optional('Down to', 'microns', 1, 50_000),
    riseMicrons: optional('Rise, valve closed', 'microns', 0, 50_000),
  },
  hides: ({ what }: RawInputs) => HIDDEN[(what as ChargeWorkId | undefined) ?? 'recovered'] ?? [],
} as const satisfies FieldSet;

const AMOUNT = ['ounces', 'cylinder'];
const TESTED = ['pressurePsig', 'minutes'];
const VACUUM = ['microns', 'riseMicrons'];

/** What is not asked of each kind of work. */
const HIDDEN: Readonly<Record<ChargeWorkId, readonly string[]>> = {
  recovered: ['where', ...TESTED, ...VACUUM],
  added: ['where', ...TESTED, ...VACUUM],
  weighedIn: ['where', ...TESTED, ...VACUUM],
  leakFound: [...AMOUNT, ...TESTED, ...VACUUM],
  leakFixed: [...AMOUNT, ...TESTED, ...VACUUM],
  held: [...AMOUNT, 'where', ...VACUUM],
  evacuated: [...AMOUNT, 'where', 'pressurePsig'],
};

const NEEDS: Readonly<Partial<Record<ChargeWorkId, readonly [field: string, message: string]>>> = {
  recovered: ['ounces', 'Enter the weight from the scale, in ounces.'],
  added: ['ounces', 'Enter the weight from the scale, in ounces.'],
  weighedIn: ['ounces', 'Enter the weight from the scale, in ounces.'],
  leakFound: ['where', 'Enter where the leak is.'],
  leakFixed: ['where', 'Enter what was repaired.'],
  held: ['pressurePsig', 'Enter the pressure it held.'],
  evacuated: ['microns', 'Enter how low the vacuum went.'],
};

/** What is wrong with it, field by field. */
export function chargeWorkFaults(raw: RawInputs): FieldError[] {
  const faults = inputFaults(CHARGE_WORK_FORM, raw);
  if (faults.length > 0) return faults;
  const { what, refrigerant } = soundInputs(CHARGE_WORK_FORM, raw);
  if (refrigerant === UNSAID) return [{ field: 'refrigerant', message: 'Enter the refrigerant from the nameplate.' }];
  const needed = NEEDS[what];
  const value = needed && raw[needed[0]];
  return needed && (value === undefined || value === '') ? [{ field: needed[0], message: needed[1] }] : [];
}

export type ChargeWork = ReturnType<typeof soundInputs<(typeof CHARGE_WORK_FORM)['fields']>>;

/** A work as it stands, with the fact that says it. */
export type KeptChargeWork = ChargeWork & { readonly factId: string; readonly takenAt?: string };

/** What was done to the charge at a visit, in the order it was done; what was taken back is not among it. */
export function chargeWorks(facts: readonly Fact[]): readonly KeptChargeWork[] {
  return unreplaced(facts).flatMap(({ id, kind, inputs, takenAt }): KeptChargeWork[] => {
    if (kind !== 'charge' || chargeWorkFaults(inputs).length > 0) return [];
    return [{ ...soundInputs(CHARGE_WORK_FORM, inputs), factId: id, takenAt }];
  });
}

/**
 * A work in a sentence, as it goes on the report.
 *
 * @example chargeWorkWords({ what: 'added', circuit: '1', refrigerant: 'R-410A', ounces: 12, cylinder: '14' }) // 'Added 12 oz of R-410A from cylinder 14.'
 */
export function chargeWorkWords(work: ChargeWork, circuits = 1): string {
  const { what, circuit, refrigerant, ounces, cylinder, where, pressurePsig, minutes, microns, riseMicrons } = work;
  const amount = ounces === undefined ? refrigerant : `${toolText(ounces, 'oz')} of ${refrigerant}`;
  const on = circuits > 1 ? ` on circuit ${circuit}` : '';
  const time = minutes === undefined ? '' : ` for ${minutes} min`;
  switch (what) {
    case 'recovered':
      return `Recovered ${amount}${cylinder === undefined ? '' : ` into cylinder ${cylinder}`}${on}.`;
    case 'added':
      return `Added ${amount}${cylinder === undefined ? '' : ` from cylinder ${cylinder}`}${on}.`;
    case 'weighedIn':
      return `Weighed in ${amount}${cylinder === undefined ? '' : ` from cylinder ${cylinder}`}${on}.`;
    case 'leakFound':
      return `Found a leak: ${where ?? 'place not entered'}${on}.`;
    case 'leakFixed':
      return `Repaired a leak: ${where ?? 'place not entered'}${on}.`;
    case 'held':
      return `Held ${pressurePsig === undefined ? 'pressure' : toolText(pressurePsig, 'psig')}${time}${on}.`;
    case 'evacuated':
      return `Evacuated${microns === undefined ? '' : ` to ${microns} microns`}${time}${riseMicrons === undefined ? '' : `, rose to ${riseMicrons} microns with the valve closed`}${on}.`;
  }
}

/** What went into a circuit less what came out of it, oz. */
export const netOunces = (works: readonly ChargeWork[]): number =>
  works.reduce(
    (sum, { what, ounces = 0 }) =>
      sum + (what === 'recovered' ? -ounces : what === 'added' || what === 'weighedIn' ? ounces : 0),
    0,
  );

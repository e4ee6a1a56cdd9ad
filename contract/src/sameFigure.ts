import {
  CHARGE_WORK_FORM,
  LADDER_FORM,
  MOTOR_PLATE_FORM,
  PLATE_FORM,
  toolOf,
  unreplaced,
  type RawInputs,
  type ToolFields,
} from '@huff/core';
import type { FactDto } from './fact';
import type { VisitDto } from './visit';

/** Where a figure may be typed: what is written of the unit, a method or a circuit of the visit, or a point that is read. */
export type FormId =
  | 'plate'
  | 'motorPlate'
  | 'setup'
  | 'measuredDrop'
  | 'coolingDrop'
  | 'electricHeat'
  | 'gasHeat'
  | 'traverse'
  | 'motorLoad'
  | 'ladder'
  | 'charge'
  | 'check';

/** A field of a form. `to` brings its value to the figure's, `as` the figure's to its own; both absent where they are the same. */
interface Place {
  readonly form: FormId;
  readonly field: string;
  readonly to?: (value: unknown) => unknown;
  readonly as?: (value: unknown) => unknown;
}

const at = (form: FormId, field: string, more: Pick<Place, 'to' | 'as'> = {}): Place => ({ form, field, ...more });
const everywhere = (field: string, ...forms: readonly FormId[]): Place[] => forms.map((form) => at(form, field));

/** Words of a choice that mean the same. @param pairs the figure's word, and the form's */
const worded = (...pairs: readonly (readonly [string, string])[]): Pick<Place, 'to' | 'as'> => ({
  to: (value) => pairs.find(([, own]) => own === value)?.[0],
  as: (value) => pairs.find(([base]) => base === value)?.[1],
});
const SINGLE_THREE = worded(['one', 'single'], ['three', 'three']);

const OUNCES_A_POUND = 16;
const listAt = (i: number): Pick<Place, 'to'> => ({
  to: (value) => (Array.isArray(value) ? (value as unknown[])[i] : undefined),
});

/**
 * Figures that are asked in more than one place: typed in one, known in all. The order of places says nothing: the last one typed at this visit
 * counts, then what is written of the unit.
 */
export const SAME_FIGURE: Readonly<Record<string, readonly Place[]>> = {
  returnInCooling: everywhere('returnF', 'measuredDrop', 'coolingDrop', 'ladder'),
  supplyInCooling: everywhere('supplyF', 'measuredDrop', 'coolingDrop'),
  returnWetBulb: [...everywhere('returnWetF', 'measuredDrop', 'coolingDrop'), at('ladder', 'returnWetBulbF')],
  returnHumidity: everywhere('returnRhPercent', 'measuredDrop', 'coolingDrop'),
  moistureBy: everywhere('moisture', 'measuredDrop', 'coolingDrop'),
  outdoors: [...everywhere('outdoorF', 'measuredDrop', 'coolingDrop', 'ladder'), at('check', 'outdoorAirF')],
  minutesInCooling: [...everywhere('minutes', 'measuredDrop', 'coolingDrop'), at('ladder', 'minutesRunning')],
  returnInHeating: everywhere('returnF', 'electricHeat', 'gasHeat'),
  supplyInHeating: everywhere('supplyF', 'electricHeat', 'gasHeat'),
  minutesInHeating: everywhere('minutes', 'electricHeat', 'gasHeat'),
  airAtMeter: everywhere('airF', 'electricHeat', 'gasHeat', 'traverse'),
  humidityAtMeter: everywhere('airRhPercent', 'electricHeat', 'gasHeat', 'traverse'),
  nominalVolts: [at('motorPlate', 'plateVolts'), at('plate', 'volts'), at('setup', 'lineVolts')],
  supplyPhases: [
    ...everywhere('phases', 'motorPlate', 'motorLoad', 'plate'),
    at('electricHeat', 'phase', SINGLE_THREE),
  ],
  motorFullLoadAmps: everywhere('plateAmps', 'motorPlate', 'motorLoad'),
  motorServiceFactor: everywhere('serviceFactor', 'motorPlate', 'motorLoad'),
  motorVolts: [at('motorLoad', 'volts'), at('check', 'motorVolts')],
  motorAmps: [at('motorLoad', 'amps'), at('check', 'ampsCooling')],
  leg12: [at('motorLoad', 'legVolts', listAt(0)), at('check', 'legVolts12')],
  leg23: [at('motorLoad', 'legVolts', listAt(1)), at('check', 'legVolts23')],
  leg31: [at('motorLoad', 'legVolts', listAt(2)), at('check', 'legVolts31')],
  heaterVolts: [at('electricHeat', 'volts'), at('check', 'kitVolts')],
  breaker: [at('plate', 'breakerAmps'), at('check', 'kitBreakerA')],
  heatKit: [at('plate', 'heatKitKw'), at('check', 'kitPlateKw')],
  refrigerant: everywhere('refrigerant', 'plate', 'ladder', 'charge'),
  metering: everywhere('metering', 'plate', 'ladder'),
  subcoolingAsked: [at('plate', 'subcoolingF'), at('ladder', 'plateSubcoolingF')],
  superheatAsked: [at('plate', 'superheatF'), at('ladder', 'plateSuperheatF')],
  chartOutdoors: everywhere('chartOutdoorF', 'plate', 'ladder'),
  chartAsked: everywhere('chartAskedF', 'plate', 'ladder'),
  chargeOfPlate: [
    at('plate', 'chargeLb', {
      to: (value) => (typeof value === 'number' ? value * OUNCES_A_POUND : undefined),
      as: (value) => (typeof value === 'number' ? value / OUNCES_A_POUND : undefined),
    }),
    at('ladder', 'plateChargeOz'),
  ],
};

/** How a place is called where a figure is taken over from it. */
const FORM_NAMES: Readonly<Partial<Record<FormId, string>>> = {
  plate: 'the nameplate',
  motorPlate: 'the motor’s nameplate',
  setup: 'the unit',
  ladder: 'Refrigerant',
  charge: 'the charge work',
  check: 'a reading',
};
const nameOf = (form: FormId): string => FORM_NAMES[form] ?? `“${toolOf(form)?.name ?? form}”`;

/** A figure that was typed elsewhere. */
export interface KnownFigure {
  readonly value: unknown;
  /** "the nameplate": where it was typed. */
  readonly from: string;
}

const isBlank = (value: unknown) =>
  value === undefined ||
  value === null ||
  value === '' ||
  value === 'unknown' ||
  (Array.isArray(value) && value.length === 0);

/** What a fact says at a place; undefined where it says nothing of it. */
function saidBy({ kind, inputs }: FactDto, { form, field, to = (value) => value }: Place): unknown {
  if (form === 'check')
    return kind === 'check' && inputs.point === field && !isBlank(inputs.value) ? to(inputs.value) : undefined;
  return kind === form && !isBlank(inputs[field]) ? to(inputs[field]) : undefined;
}

/** What is written of the unit at a place. */
function writtenAt({ plate, setup }: VisitDto, { form, field, to = (value) => value }: Place): unknown {
  const record: RawInputs | null | undefined =
    form === 'plate'
      ? plate
      : form === 'motorPlate'
        ? setup?.motorPlate
        : form === 'setup'
          ? { lineVolts: setup?.lineVolts }
          : undefined;
  const value = record?.[field];
  return isBlank(value) ? undefined : to(value);
}

/** The figure as it was typed last, at any of its places but those of one form. */
function knownElsewhere(
  visit: VisitDto,
  facts: readonly FactDto[],
  places: readonly Place[],
  form: FormId,
): KnownFigure | undefined {
  const others = places.filter((place) => place.form !== form);
  for (let i = facts.length - 1; i >= 0; i -= 1)
    for (const place of others) {
      const value = saidBy(facts[i]!, place);
      if (!isBlank(value)) return { value, from: nameOf(place.form) };
    }
  for (const place of others) {
    const value = writtenAt(visit, place);
    if (!isBlank(value)) return { value, from: nameOf(place.form) };
  }
  return undefined;
}

/** The fields of a form; a point that is read is checked by its own point. */
export function fieldsOfForm(form: FormId): ToolFields {
  if (form === 'ladder') return LADDER_FORM.fields;
  if (form === 'charge') return CHARGE_WORK_FORM.fields;
  if (form === 'plate') return PLATE_FORM.fields;
  if (form === 'motorPlate') return MOTOR_PLATE_FORM.fields;
  return toolOf(form)?.fields ?? {};
}

/** A value typed elsewhere that this form would refuse is not taken over. */
function suits(form: FormId, id: string, value: unknown): boolean {
  const field = fieldsOfForm(form)[id];
  if (!field) return true;
  if (field.kind === 'choice') return field.options.some((option) => option.id === value);
  if (field.kind === 'number') return typeof value === 'number' && value >= field.min && value <= field.max;
  return true;
}

/**
 * What a form of a visit begins with: figures that were typed elsewhere, each with where. What was typed in the form itself goes before it.
 *
 * @returns by field
 * @example knownFor(visit, 'ladder').get('outdoorF') // { value: 88, from: '“Temperature drop”' }
 */
export function knownFor(visit: VisitDto, form: FormId): ReadonlyMap<string, KnownFigure> {
  const facts = unreplaced(visit.facts ?? []);
  const known = new Map<string, KnownFigure>();
  for (const places of Object.values(SAME_FIGURE))
    for (const place of places) {
      if (place.form !== form) continue;
      const figure = knownElsewhere(visit, facts, places, form);
      const value = figure && (place.as ? place.as(figure.value) : figure.value);
      // A list is not made of one of its figures.
      if (!figure || isBlank(value) || (place.to && !place.as) || !suits(form, place.field, value)) continue;
      known.set(place.field, { value, from: figure.from });
    }
  return known;
}

/** The same as inputs. */
export const knownInputsFor = (visit: VisitDto, form: FormId): RawInputs =>
  Object.fromEntries([...knownFor(visit, form)].map(([field, { value }]) => [field, value]));

import 'reflect-metadata';
import {
  CHARGE_WORK_FORM,
  chargeWorkFaults,
  checkFault,
  FLOW_METHOD_IDS,
  HAND_OVER_FORM,
  handOverFaults,
  inputFaults,
  LADDER_FORM,
  lineFault,
  lookItem,
  OWN_FINDING_FORM,
  ownFindingFaults,
  PART_FORM,
  partFaults,
  planRecordFault,
  toolOf,
  VISIT_ONLY_FACTS,
  type Fact,
  type FactKind,
  type RawInputs,
} from '@huff/core';
import { IsIn, IsOptional, registerDecorator, type ValidationArguments } from 'class-validator';
import { Id, Moment, Nested } from './fields';
import { LIMITS } from './limits';
import { RunConditionsDto } from './runConditions';

export const FACT_KINDS: readonly FactKind[] = [...FLOW_METHOD_IDS, ...VISIT_ONLY_FACTS];

const noteFault = (value: unknown, what: string) => lineFault(value, LIMITS.noteLength, what);

function lookFault(inputs: RawInputs): string | undefined {
  const item = typeof inputs.item === 'string' ? lookItem(inputs.item) : undefined;
  if (!item) return 'A look names what was looked at.';
  if (!item.states.some((state) => state.id === inputs.state)) {
    return `${item.name} is one of ${item.states.map((state) => state.id).join(', ')}.`;
  }
  const note = inputs.note === undefined ? undefined : noteFault(inputs.note, 'The note');
  if (note) return note;
  const outcomes: unknown[] = [undefined, 'dealtWith', 'declined'];
  return outcomes.includes(inputs.outcome) ? undefined : 'A finding is dealtWith or declined.';
}

function checkAndNoteFault(inputs: RawInputs): string | undefined {
  return checkFault(inputs) ?? (inputs.note === undefined ? undefined : noteFault(inputs.note, 'The note'));
}

function asideFault(inputs: RawInputs): string | undefined {
  if (lineFault(inputs.method, { min: 1, max: 40 }, 'The method')) return 'Say which method is set aside.';
  return noteFault(inputs.reason, 'The reason');
}

function planFault(inputs: RawInputs): string | undefined {
  if (JSON.stringify(inputs).length > LIMITS.planBytes.max) return 'This plan is too large to be kept.';
  return planRecordFault(inputs);
}

/** What is wrong with the inputs of a fact of this kind; undefined when they are sound. */
function factFault(kind: unknown, inputs: unknown): string | undefined {
  if (typeof inputs !== 'object' || inputs === null || Array.isArray(inputs)) return 'Inputs must be an object.';
  if (kind === 'look') return lookFault(inputs as RawInputs);
  if (kind === 'setAside') return asideFault(inputs as RawInputs);
  if (kind === 'plan') return planFault(inputs as RawInputs);
  if (kind === 'check') return checkAndNoteFault(inputs as RawInputs);
  if (kind === 'handOver') return handOverFaults(inputs as RawInputs)[0]?.message;
  if (kind === 'part') return partFaults(inputs as RawInputs)[0]?.message;
  if (kind === 'finding') return ownFindingFaults(inputs as RawInputs)[0]?.message;
  if (kind === 'charge') return chargeWorkFaults(inputs as RawInputs)[0]?.message;
  if (kind === 'takenBack') return undefined;
  if (kind === 'ladder') return inputFaults(LADDER_FORM, inputs as RawInputs)[0]?.message;
  const tool = typeof kind === 'string' ? toolOf(kind) : undefined;
  return tool && inputFaults(tool, inputs as RawInputs)[0]?.message;
}

/** The inputs suit the kind of fact, as core judges it. */
function SuitsKind(): PropertyDecorator {
  const faultOf = (args?: ValidationArguments) => {
    const { kind, inputs, replacesId } = (args?.object ?? {}) as Partial<FactDto>;
    if (kind === 'takenBack' && !replacesId) return 'Say which record is taken back.';
    return factFault(kind, inputs);
  };
  return (target, propertyName) =>
    registerDecorator({
      name: 'suitsKind',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: {
        validate: (_: unknown, args) => faultOf(args) === undefined,
        defaultMessage: (args) => faultOf(args) ?? '',
      },
    });
}

/** Something recorded at a visit beside statics. Never changed: a correction is a new fact that names the old one. */
export class FactDto implements Fact {
  @Id('The fact’s id')
  id!: string;

  @IsIn(FACT_KINDS, { message: `The kind must be one of ${FACT_KINDS.join(', ')}.` })
  kind!: FactKind;

  @SuitsKind()
  inputs!: Record<string, unknown>;

  @Moment('The time of the fact')
  takenAt!: string;

  /** How the unit ran while it was taken; facts of before do not say. */
  @Nested(() => RunConditionsDto, 'Conditions must say mode and tap.')
  @IsOptional()
  conditions?: RunConditionsDto | null;

  @Id('The corrected fact’s id')
  @IsOptional()
  replacesId?: string | null;

  /** Told by the server, never taken from a client: what to add to the time, where the phone’s clock was off. */
  clockOffsetMs?: number;
}

const LOOK_INPUTS = ['item', 'state', 'note', 'outcome'];
const ASIDE_INPUTS = ['method', 'reason'];
const PLAN_INPUTS = [
  'form',
  'moves',
  'words',
  'from',
  'promise',
  'chance',
  'minutes',
  'cost',
  'cautionsRead',
  'withdrawn',
];
const OWN_INPUTS: Partial<Record<FactKind, readonly string[]>> = {
  look: LOOK_INPUTS,
  setAside: ASIDE_INPUTS,
  plan: PLAN_INPUTS,
  check: ['point', 'value', 'state', 'note'],
  ladder: Object.keys(LADDER_FORM.fields),
  handOver: Object.keys(HAND_OVER_FORM.fields),
  part: Object.keys(PART_FORM.fields),
  finding: Object.keys(OWN_FINDING_FORM.fields),
  charge: Object.keys(CHARGE_WORK_FORM.fields),
  takenBack: [],
};

/** The inputs a kind of fact knows, without what a client may have added. */
export function knownInputs(kind: FactKind, inputs: Record<string, unknown>): Record<string, unknown> {
  const known = OWN_INPUTS[kind] ?? Object.keys(toolOf(kind)?.fields ?? {});
  return Object.fromEntries(known.filter((id) => inputs[id] !== undefined).map((id) => [id, inputs[id]]));
}

import { flowAtStatic, lagFactors, tapRow } from '../fan';
import { wordOnTarget, wordUnder, type VerdictWord } from '../judge';
import { applyMoves } from '../moves';
import { predict } from '../model';
import type { Conditions, PressureReading } from '../readings';
import type { PortId, Stretch, System } from '../system';
import type { VisitAssessment } from '../visit';
import { measuredPath } from '../judge';
import type { PlanRecord } from './planRecord';
import { promiseOf } from './planRecord';

/** One quantity before, as promised, and after. */
export interface ProofLine {
  readonly id: 'flow' | 'tesp' | 'drop' | 'rise' | 'watts' | 'amps';
  readonly name: string;
  readonly unit: 'cfm' | 'inWc' | 'deltaF' | 'watts' | 'amps';
  readonly before?: number;
  readonly promised?: number;
  readonly after?: number;
  /** After less promised, as a share of promised; undefined until it is read again. */
  readonly error?: number;
  readonly word: VerdictWord;
}

/** A reading taken again under other conditions than before. */
export interface ConditionChange {
  readonly port: string;
  readonly sentence: string;
}

export interface Proof {
  readonly lines: readonly ProofLine[];
  readonly changes: readonly ConditionChange[];
  /** Ports of before that were not read again yet. */
  readonly lacking: readonly PortId[];
  /** The unit as it was proven: its path measured anew. */
  readonly proven?: { readonly system: System; readonly flowCfm: number; readonly tespInWc: number };
  /** How near the plan was, in words; undefined until airflow and static are read again. */
  readonly sentence?: string;
}

const CONDITION_WORDS: readonly [keyof Conditions, string][] = [
  ['door', 'door'],
  ['filter', 'filter'],
  ['coil', 'coil'],
  ['mode', 'mode'],
  ['tap', 'tap'],
];

const MINUTES_APART = 10;

/** In which conditions two readings of one port differ, in words. The tap is the plan's to change. */
function conditionChange(before: PressureReading, after: PressureReading, tapChanged: boolean): string | undefined {
  const differing = CONDITION_WORDS.flatMap(([key, name]) => {
    const [a, b] = [before.conditions[key], after.conditions[key]];
    if (a === undefined || b === undefined || a === null || b === null || a === b) return [];
    return key === 'tap' && tapChanged ? [] : [`${name} ${a} then, ${b} now`];
  });
  const [m, n] = [before.conditions.minutesRunning, after.conditions.minutesRunning];
  if (typeof m === 'number' && typeof n === 'number' && Math.abs(m - n) > MINUTES_APART)
    differing.push(`${m} minutes running then, ${n} now`);
  return differing.length === 0 ? undefined : differing.join('; ');
}

/** Airflow by the fan as the plan left it, at a static; the same blower keeps what sets it off its table. */
function flowByFan(system: System, tespInWc: number): number | undefined {
  const { table, tap, lags } = system.fan;
  const row = tapRow(table, tap);
  if (!row) return undefined;
  const { speed, flow } = lagFactors(lags);
  const read = flowAtStatic(table, row, tespInWc / (speed * speed));
  return read.kind === 'flow' ? read.flowCfm * speed * flow : undefined;
}

const line = (
  base: Pick<ProofLine, 'id' | 'name' | 'unit' | 'before' | 'promised' | 'after'>,
  word: VerdictWord,
): ProofLine => ({
  ...base,
  word,
  error:
    base.after !== undefined && base.promised !== undefined && base.promised !== 0
      ? base.after / base.promised - 1
      : undefined,
});

const measuredDrop = (assessment: VisitAssessment) => assessment.drop.value;

/**
 * What was promised against what was read again, and the unit's model put right by it.
 *
 * Airflow after is by the same means as before: where only the table told it, the plan's fan at the static read now; where another
 * method was repeated, what all agree on.
 *
 * @param plan as it was decided
 * @param before the visit up to the plan
 * @param after what was read since
 */
export function proofOf(plan: PlanRecord, before: VisitAssessment, after: VisitAssessment): Proof {
  const { goal } = plan.from;
  const measured = plan.from.system;
  const applied = applyMoves(measured, plan.moves);
  const changedSystem = applied.ok ? applied.system : measured;
  const now = promiseOf(predict(measured, goal));
  const tesp = after.judgement.tespInWc;
  const otherMethod = after.flow?.counted.some((id) => id !== 'blowerTable') ? after.flow.flowCfm : undefined;
  const flow = tesp === undefined ? undefined : (otherMethod ?? flowByFan(changedSystem, tesp));
  const band = (value: number | undefined): VerdictWord =>
    value === undefined ? 'cantSay' : wordOnTarget(value, goal.target, goal.rules.edgeShare);
  const under = (value: number | undefined): VerdictWord =>
    value === undefined ? 'cantSay' : wordUnder(value, goal.maxTesp.value, goal.rules.edgeShare);
  const { promise } = plan;
  const lines: ProofLine[] = [
    line(
      { id: 'flow', name: 'Airflow', unit: 'cfm', before: now?.flowCfm, promised: promise.flowCfm, after: flow },
      band(flow),
    ),
    line(
      {
        id: 'tesp',
        name: 'External static',
        unit: 'inWc',
        before: now?.tespInWc,
        promised: promise.tespInWc,
        after: tesp,
      },
      under(tesp),
    ),
  ];
  const dropBefore = measuredDrop(before);
  if (dropBefore !== undefined || measuredDrop(after) !== undefined)
    lines.push(
      line(
        {
          id: 'drop',
          name: 'Temperature drop',
          unit: 'deltaF',
          before: dropBefore,
          promised: promise.dropF,
          after: measuredDrop(after),
        },
        after.drop.word,
      ),
    );
  if (before.rise?.value !== undefined || after.rise?.value !== undefined)
    lines.push(
      line(
        {
          id: 'rise',
          name: 'Heating rise',
          unit: 'deltaF',
          before: before.rise?.value,
          promised: promise.riseF,
          after: after.rise?.value,
        },
        after.rise?.word ?? 'cantSay',
      ),
    );
  const [ampsBefore, ampsAfter] = [before.motor?.amps, after.motor?.amps];
  if (ampsBefore !== undefined || ampsAfter !== undefined) {
    const plate = measured.motor?.plateAmps;
    const most = plate === undefined ? undefined : plate * (measured.motor?.serviceFactor ?? 1);
    lines.push(
      line(
        { id: 'amps', name: 'Motor amps', unit: 'amps', before: ampsBefore, promised: promise.amps, after: ampsAfter },
        ampsAfter === undefined || most === undefined ? 'cantSay' : wordUnder(ampsAfter, most, 0.9),
      ),
    );
  }
  const watts = after.motor?.watts;
  if (promise.watts !== undefined)
    lines.push(
      line(
        { id: 'watts', name: 'Power', unit: 'watts', before: now?.watts, promised: promise.watts, after: watts },
        'cantSay',
      ),
    );
  const tapChanged = changedSystem.fan.tap !== measured.fan.tap;
  const changes = [...after.counted].flatMap(([port, reading]): ConditionChange[] => {
    const old = before.counted.get(port);
    const sentence = old && conditionChange(old, reading, tapChanged);
    return sentence ? [{ port, sentence: `${port}: ${sentence}. Not the same conditions: read it again alike.` }] : [];
  });
  return {
    lines,
    changes,
    lacking: [...before.counted.keys()].filter((port) => !after.counted.has(port)),
    proven:
      flow === undefined || tesp === undefined
        ? undefined
        : {
            flowCfm: flow,
            tespInWc: tesp,
            system: { ...changedSystem, path: provenPath(after, tesp, flow, changedSystem.path) },
          },
    sentence: flow === undefined || tesp === undefined ? undefined : proofSentence(lines),
  };
}

/** The path measured after the work; the parts of a stretch read together keep the shares of the plan. */
function provenPath(after: VisitAssessment, tesp: number, flow: number, planned: readonly Stretch[]): Stretch[] {
  const path = measuredPath(after.judgement.stretches, tesp, flow);
  return path.length > 0 ? path : [...planned];
}

function proofSentence(lines: readonly ProofLine[]): string {
  const flow = lines.find((l) => l.id === 'flow')!;
  const tesp = lines.find((l) => l.id === 'tesp')!;
  const percent = Math.abs((flow.error ?? 0) * 100);
  const side = (flow.error ?? 0) < 0 ? 'less' : 'more';
  const near =
    percent < 1 ? 'The airflow came out as predicted' : `The air moves ${percent.toFixed(0)} % ${side} than predicted`;
  const off = (tesp.after ?? 0) - (tesp.promised ?? 0);
  const statics =
    Math.abs(off) < 0.005
      ? 'the static too'
      : `the static is ${Math.abs(off).toFixed(2)} ${off < 0 ? 'lower' : 'higher'}`;
  const verdict =
    flow.word === 'inside' || flow.word === 'atTheEdge' ? 'It is in the band.' : 'It is not in the band yet.';
  return `${near}, ${statics}. ${verdict}`;
}

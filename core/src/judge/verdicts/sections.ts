import { COIL_EXPONENT, DUCT_EXPONENT, FILTER_EXPONENT, resistanceFromPoint } from '../../air/path';
import { countedPressures, type PressureReading } from '../../air/readings';
import type { Layout, PortId, StageKind, Section } from '../../air/system';
import { flowWords, staticWords, percentText, staticText } from '../../base/words';
import { cleanDropInWc, LOADED_FACTOR, type FilterFacts } from '../../air/filter';
import { ruleSource, stageBudget, type Rules } from './rules';
import { wordUnder, type Verdict, type WorkingInput } from '../../base/verdict/verdict';
import type { Sourced } from '../../base/numbers/source';

/** The airflow at which drops were read, and the one they are judged at. */
export interface JudgedAt {
  readonly flowCfm: number;
  readonly targetCfm?: number;
}

/** A section between two read ports (or the room), with what it takes and whether that is too much. */
export interface JudgedSection {
  /** Its first stage, and the one after its last, as places in the layout. */
  readonly fromStage: number;
  readonly toStage: number;
  readonly stages: readonly StageKind[];
  readonly side: 'return' | 'supply';
  /** undefined while a port that bounds it has not been read */
  readonly dropInWc?: number;
  /** Share of the nameplate this section may take. */
  readonly budgetShare: number;
  /** What sets it, where that is not the share of its kind. */
  readonly budgetName?: string;
  /** Share of the nameplate it takes. */
  readonly share?: number;
  readonly verdict: Verdict;
}

interface Mark {
  readonly afterStage: number;
  readonly pressureInWc: number;
  readonly reading?: PressureReading;
}

const EXPONENT: Partial<Record<StageKind, number>> = { filter: FILTER_EXPONENT, coil: COIL_EXPONENT };

/** n of a section: its own when it is one stage, that of a duct when several were read together. */
const exponentOf = (stages: readonly StageKind[]) =>
  (stages.length === 1 ? EXPONENT[stages[0]!] : undefined) ?? DUCT_EXPONENT;

/** What a section would take at the target airflow, in. w.c. */
const dropAtTarget = (dropInWc: number, stages: readonly StageKind[], at: JudgedAt | undefined) =>
  at?.targetCfm === undefined ? dropInWc : dropInWc * Math.pow(at.targetCfm / at.flowCfm, exponentOf(stages));

const atTarget = (dropInWc: number, judged: number, at: JudgedAt | undefined) =>
  at?.targetCfm === undefined || Math.abs(judged - dropInWc) < 0.005
    ? ''
    : `, ${staticText(judged)} at the target’s ${flowWords(at.targetCfm)}`;

/** Over this a filter of a known kind is loaded, in. w.c. at the airflow it is judged at; undefined when its kind is not known. */
function cleanFilterLimit(stages: readonly StageKind[], at?: JudgedAt, filters?: FilterFacts): number | undefined {
  if (stages.length !== 1 || stages[0] !== 'filter' || !filters || !at) return undefined;
  const clean = cleanDropInWc(filters, at.targetCfm ?? at.flowCfm);
  return clean === undefined ? undefined : LOADED_FACTOR * clean;
}

const input = (name: string, reading: PressureReading): WorkingInput => ({
  name,
  value: reading.staticInWc,
  unit: 'inWc',
  source: 'typed',
});

function portMarks(layout: Layout, counted: ReadonlyMap<PortId, PressureReading>, side: 'return' | 'supply'): Mark[] {
  return layout.ports
    .filter((port) => port.side === side)
    .flatMap((port) => {
      const reading = counted.get(port.id);
      return reading ? [{ afterStage: port.afterStage, pressureInWc: reading.staticInWc, reading }] : [];
    });
}

/** The marks between which the air loses pressure outside the cabinet, with the room (zero) at both ends. */
function marksOf(layout: Layout, counted: ReadonlyMap<PortId, PressureReading>) {
  const room: Mark = { afterStage: 0, pressureInWc: 0 };
  const rooms: Mark = { afterStage: layout.stages.length, pressureInWc: 0 };
  return {
    return: [room, ...portMarks(layout, counted, 'return')],
    supply: [...portMarks(layout, counted, 'supply'), rooms],
  };
}

function judgeSection(
  layout: Layout,
  side: 'return' | 'supply',
  from: Mark,
  to: Mark,
  maxTesp: Sourced,
  rules: Rules,
  at?: JudgedAt,
  filters?: FilterFacts,
): JudgedSection {
  const stages = layout.stages.slice(from.afterStage, to.afterStage).map((s) => s.kind);
  const budgetShare = stages.reduce((sum, kind) => sum + stageBudget(layout, kind, rules), 0);
  const dropInWc = from.pressureInWc - to.pressureInWc;
  const judged = dropAtTarget(dropInWc, stages, at);
  const share = judged / maxTesp.value;
  const clean = cleanFilterLimit(stages, at, filters);
  const limitInWc = clean ?? budgetShare * maxTesp.value;
  const source = clean === undefined ? ruleSource(rules, 'stageShare') : 'ruleOfThumb';
  const readings = [from.reading, to.reading].filter((r) => r !== undefined);
  const base = {
    unit: 'inWc' as const,
    readingIds: readings.map((r) => r.id),
    working: {
      formula: readings.length === 2 ? 'drop = first port − second port' : 'drop = difference to the room (0.00)',
      inputs: [
        ...readings.map((r) => input(r.port, r)),
        { name: 'nameplate maximum', value: maxTesp.value, unit: 'inWc' as const, source: maxTesp.source },
        {
          name: 'share it may take',
          value: budgetShare,
          unit: 'share' as const,
          source: ruleSource(rules, 'stageShare'),
        },
        ...(at?.targetCfm === undefined
          ? []
          : [
              { name: 'airflow', value: at.flowCfm, unit: 'cfm' as const, source: 'computed' as const },
              { name: 'drop at the target airflow', value: judged, unit: 'inWc' as const, source: 'computed' as const },
            ]),
      ],
    },
  };
  const verdict: Verdict =
    dropInWc < -1e-9
      ? {
          ...base,
          word: 'cantSay',
          sentence: `Pressure rises by ${staticText(-dropInWc)} where it should fall. Check for swapped ports or a probe tip facing away from the flow.`,
        }
      : {
          ...base,
          word: wordUnder(judged, limitInWc, rules.edgeShare),
          value: dropInWc,
          limit: {
            high: limitInWc,
            source,
            name: clean === undefined ? 'budget' : `${LOADED_FACTOR} × a clean filter of its kind`,
          },
          sentence: `Uses ${staticWords(dropInWc)}${atTarget(dropInWc, judged, at)}, ${percentText(share)} of nameplate static; ${
            clean === undefined
              ? `budget ${percentText(budgetShare)}`
              : `a clean one of its kind uses ${staticText(clean / LOADED_FACTOR)}, a loaded one over ${staticText(clean)}`
          }.`,
        };
  return {
    fromStage: from.afterStage,
    toStage: to.afterStage,
    stages,
    side,
    budgetShare: limitInWc / maxTesp.value,
    ...(clean === undefined ? {} : { budgetName: 'loaded over' }),
    verdict,
    ...(verdict.word === 'cantSay' ? {} : { dropInWc, share }),
  };
}

/**
 * Where the external pressure goes: the sections between neighbouring counted ports, each against its share of the
 * nameplate at the target airflow (the share-of-nameplate school): Δp·(Qt/Q)ⁿ, so that little air does not hide a tight duct. A section of several stages may take the sum of their shares.
 *
 * @returns sections in order of flow; only those with a reading at their boundary to the equipment
 */
export function judgeSections(
  layout: Layout,
  readings: readonly PressureReading[],
  maxTesp: Sourced,
  rules: Rules,
  at?: JudgedAt,
  filters?: FilterFacts,
): JudgedSection[] {
  const counted = countedPressures(layout, readings);
  const marks = marksOf(layout, counted);
  return (['return', 'supply'] as const).flatMap((side) =>
    marks[side]
      .slice(1)
      .map((to, i) => judgeSection(layout, side, marks[side][i]!, to, maxTesp, rules, at, filters))
      .filter((section) => section.stages.some((kind) => stageBudget(layout, kind, rules) > 0)),
  );
}

/**
 * The measured path as resistances, from the judged sections and the airflow that made their drops.
 *
 * @param tespInWc the whole external drop: taken as one lump of n = 2 when a section can't be said
 * @param flowCfm airflow > 0, CFM
 */
export function measuredPath(sections: readonly JudgedSection[], tespInWc: number, flowCfm: number): Section[] {
  const drops = sections.map((s) => s.dropInWc);
  const sum = drops.reduce<number>((total, drop) => total + (drop ?? Number.NaN), 0);
  if (Math.abs(sum - tespInWc) > 1e-6 || Number.isNaN(sum)) {
    return [
      {
        stages: ['returnDuct', 'supplyDuct'],
        side: 'supply',
        resistance: resistanceFromPoint(tespInWc, flowCfm, DUCT_EXPONENT),
      },
    ];
  }
  return sections.map(({ stages, side }, i) => ({
    stages,
    side,
    resistance: resistanceFromPoint(drops[i]!, flowCfm, exponentOf(stages)),
  }));
}

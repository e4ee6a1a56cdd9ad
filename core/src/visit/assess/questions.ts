import { driveState, type BeltDrive } from '../../air/drive';
import type { Judgement, Rules, UnitFacts } from '../../judge/verdicts';
import { applyMoves, dueMoves, type MoveContext } from '../../fix/moves';
import { operate } from '../../air/operate';
import type { PressureReading } from '../../air/readings';
import { layoutOf, type Layout, type PortId, type System } from '../../air/system';
import { flowWords, flowText, staticText } from '../../base/words';
import type { Looks } from '../../fix/causes';
import type { Question } from './openQuestion';

/** What questions are asked from. */
export interface QuestionFacts {
  readonly unit: UnitFacts;
  readonly counted: ReadonlyMap<PortId, PressureReading>;
  readonly judgement: Judgement;
  readonly rules: Rules;
  /** The one airflow of the visit, CFM. */
  readonly flowCfm?: number;
  /** It rests on a measurement, not on the book. */
  readonly measured?: boolean;
  readonly drive?: BeltDrive;
  readonly system?: System;
  readonly context?: MoveContext;
  readonly looks: Looks;
  /** Ids of questions somebody answered. */
  readonly answered: ReadonlySet<string>;
}

/** Under these a side's static is too low for its air, in. w.c. at the target airflow or at 400 CFM per ton. (J) */
const LEAST_SUPPLY_IN_WC = 0.05;
const LEAST_WET_COIL_IN_WC = 0.1;
const LEAST_RETURN_IN_WC = 0.06;

/** A side that is low for its air holds the verdict until the duct and the probe were looked at. */
const CHECKED = { holdsVerdict: true, answer: 'Checked: reading is right' } as const;

const staticOf = (counted: QuestionFacts['counted'], port: PortId | undefined) => port && counted.get(port)?.staticInWc;

/** Signs, order and lift: statics that cannot be as they were read. */
function nonsense(layout: Layout, counted: QuestionFacts['counted']): Question[] {
  const found: Question[] = [];
  for (const { id, side } of layout.ports) {
    const p = staticOf(counted, id);
    if (p === undefined) continue;
    if (side === 'return' && p > 0)
      found.push({
        id: `sign ${id}`,
        holdsVerdict: true,
        sentence: `${id} reads ${staticText(p)}, but the return side should be negative. Is it a supply port, or are the hoses swapped?`,
      });
    if (side === 'supply' && p < 0)
      found.push({
        id: `sign ${id}`,
        holdsVerdict: true,
        sentence: `${id} reads ${staticText(p)}, but the supply side should be positive. Are the hoses swapped, or is the wheel backwards?`,
      });
  }
  layout.ports.slice(1).forEach((to, i) => {
    const from = layout.ports[i]!;
    const [a, b] = [staticOf(counted, from.id), staticOf(counted, to.id)];
    if (a === undefined || b === undefined || from.side !== to.side || b <= a + 0.005) return;
    found.push({
      id: `rise ${to.id}`,
      holdsVerdict: true,
      sentence: `Pressure rises from ${from.id} (${staticText(a)}) to ${to.id} (${staticText(b)}), where it must fall. Are the ports swapped, or is a tip facing away from the flow?`,
    });
  });
  const [inlet, outlet] = [staticOf(counted, layout.inletPort), staticOf(counted, layout.outletPort)];
  if (inlet !== undefined && outlet !== undefined && outlet <= inlet)
    found.push({
      id: 'lift',
      holdsVerdict: true,
      sentence: `${layout.outletPort} is not above ${layout.inletPort}. Is the blower running? Are the ports swapped?`,
    });
  return found;
}

/** A static that is low for its side, scaled to the airflow: not good news, but something to look at. */
function lowSides({ unit, counted, judgement, flowCfm, looks }: QuestionFacts): Question[] {
  const layout = layoutOf(unit);
  const { target } = judgement;
  if (!target || flowCfm === undefined) return [];
  const square = (flowCfm / target.flowCfm) ** 2;
  const found: Question[] = [];
  // The last port before the ducts: what it reads is supply duct alone.
  const last = layout.ports.filter((port) => port.side === 'supply').at(-1)?.id;
  const supply = staticOf(counted, last);
  const isWhole = looks.get('ducts')?.state === 'whole';
  if (!isWhole && supply !== undefined && supply >= 0 && supply < LEAST_SUPPLY_IN_WC * square)
    found.push({
      id: 'low supply',
      ...CHECKED,
      sentence: `${last} reads ${staticText(supply)} at ${flowWords(flowCfm)}: an open or loose supply duct, or a probe in dead air. Check before you trust the static.`,
    });
  const [beforeCoil, afterCoil] = [staticOf(counted, 'S1'), staticOf(counted, 'S2')];
  if (unit.layout === 'furnaceCasedCoil' && unit.tons && beforeCoil !== undefined && afterCoil !== undefined) {
    const least = LEAST_WET_COIL_IN_WC * Math.pow(flowCfm / unit.tons / 400, 1.8);
    if (beforeCoil - afterCoil >= 0 && beforeCoil - afterCoil < least)
      found.push({
        id: 'low coil',
        ...CHECKED,
        sentence: `The coil takes ${staticText(beforeCoil - afterCoil)} at ${flowWords(flowCfm)}, less than a clean wet one. Was S1 measured after the coil?`,
      });
  }
  const inlet = staticOf(counted, layout.inletPort);
  const filterBefore = layout.stages.some((stage) => stage.kind === 'filter' && stage.external);
  const isFiltered = ['clean', 'loaded', 'uneven'].includes(looks.get('filter')?.state ?? '');
  if (!isFiltered && inlet !== undefined && filterBefore && inlet <= 0 && -inlet < LEAST_RETURN_IN_WC * square)
    found.push({
      id: 'low return',
      ...CHECKED,
      sentence: `${layout.inletPort} reads ${staticText(inlet)}: return and filter together have almost no pressure drop. Is the filter missing or bypassed, or did you measure before it?`,
    });
  return found;
}

function driveQuestions({ drive }: QuestionFacts): Question[] {
  if (drive?.measuredRpm === undefined) return [];
  const { ratioRpm, slip } = driveState(drive);
  if (slip === undefined || slip >= -0.005) return [];
  return [
    {
      id: 'slip',
      holdsVerdict: true,
      sentence: `${Math.round(drive.measuredRpm)} RPM measured is more than the ${Math.round(ratioRpm)} the sheaves allow. Check pitch diameters, turns open and motor RPM.`,
    },
  ];
}

/** A thing that was seen and is due, but whose mending would carry the air out of a band it is in: one of the two is wrong. */
function dueAgainstAir({ system, context, flowCfm, measured }: QuestionFacts): Question[] {
  // Only air that was measured can contradict what was seen; the book is doubted by it.
  if (!system || !context || flowCfm === undefined || !measured) return [];
  const { target } = context.goal;
  if (flowCfm < target.lowCfm) return [];
  return dueMoves(system, context).flatMap((move): Question[] => {
    const done = applyMoves(system, [{ id: move.id, inputs: move.defaults(system, context), asSeen: true }]);
    const then = done.ok ? operate(done.system) : undefined;
    if (then?.kind !== 'crossing' || then.flowCfm <= target.highCfm || then.flowCfm <= flowCfm * 1.02) return [];
    return [
      {
        id: `due ${move.id}`,
        sentence: `“${move.name}” is needed, yet it would raise airflow from ${flowText(flowCfm)} to ${flowWords(then.flowCfm)}, past the target. Is that right, or is the airflow wrong?`,
      },
    ];
  });
}

/** A fix that is due and would cost air instead of bringing it: what was seen, or what was read, is wrong. */
function dueThatCosts({ system, context }: QuestionFacts): Question[] {
  if (!system || !context) return [];
  const now = operate(system);
  if (now.kind === 'offTable') return [];
  return dueMoves(system, context).flatMap((move): Question[] => {
    if (move.does === 'restoresDuct') return [];
    const done = applyMoves(system, [{ id: move.id, inputs: move.defaults(system, context), asSeen: true }]);
    const then = done.ok ? operate(done.system) : undefined;
    if (then?.kind !== 'crossing' || then.flowCfm >= now.flowCfm * 0.995) return [];
    return [
      {
        id: `costs ${move.id}`,
        moveId: move.id,
        holdsVerdict: true,
        answer: 'Checked: it is right',
        sentence: `“${move.name}” is needed, but it would lower airflow from ${flowText(now.flowCfm)} to ${flowWords(then.flowCfm)}. Check what you saw, the filter's size and kind, and the ports.`,
      },
    ];
  });
}

/** Everything about a visit's readings that contradicts itself. */
export function questionsOf(facts: QuestionFacts): Question[] {
  const { unit, counted, judgement, flowCfm } = facts;
  const found = [
    ...nonsense(layoutOf(unit), counted),
    ...lowSides(facts),
    ...driveQuestions(facts),
    ...dueAgainstAir(facts),
    ...dueThatCosts(facts),
  ];
  const { tespInWc, maxTesp, target } = judgement;
  if (tespInWc !== undefined && tespInWc > 0 && tespInWc < facts.rules.lowTespShare * maxTesp.value) {
    const low = flowCfm !== undefined && target !== undefined && flowCfm < target.lowCfm;
    found.push({
      id: 'lowStatic',
      sentence: low
        ? 'Low static with low airflow: suspect a caked wheel, slipping belt, slow motor or backwards wheel, not the ducts.'
        : 'Very low static is not good by itself. An open duct, missing filter or dead blower reads like this.',
    });
  }
  return found.filter(({ id }) => !facts.answered.has(id));
}

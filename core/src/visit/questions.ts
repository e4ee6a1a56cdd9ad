import { driveState, type BeltDrive } from '../drive';
import type { Judgement, Rules, UnitFacts } from '../judge';
import { applyMoves, dueMoves, type MoveContext } from '../moves';
import { operate } from '../operate';
import type { PressureReading } from '../readings';
import { layoutOf, type Layout, type PortId, type System } from '../system';
import { flowWords, flowText, staticText } from '../words';

/** Something that looks wrong: asked, never refused. */
export interface Question {
  readonly id: string;
  readonly sentence: string;
}

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
}

/** Under these a side's static is too low for its air, in. w.c. at the target airflow or at 400 CFM a ton. (J) */
const LEAST_SUPPLY_IN_WC = 0.05;
const LEAST_WET_COIL_IN_WC = 0.1;
const LEAST_RETURN_IN_WC = 0.06;

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
        sentence: `${id} reads ${staticText(p)}, but the return side pulls. Supply port, or hoses swapped?`,
      });
    if (side === 'supply' && p < 0)
      found.push({
        id: `sign ${id}`,
        sentence: `${id} reads ${staticText(p)}, but the supply side pushes. Hoses swapped, or the wheel turning backwards?`,
      });
  }
  layout.ports.slice(1).forEach((to, i) => {
    const from = layout.ports[i]!;
    const [a, b] = [staticOf(counted, from.id), staticOf(counted, to.id)];
    if (a === undefined || b === undefined || from.side !== to.side || b <= a + 0.005) return;
    found.push({
      id: `rise ${to.id}`,
      sentence: `Pressure rises from ${from.id} (${staticText(a)}) to ${to.id} (${staticText(b)}), where it must fall. Ports mixed up, or a tip turned away from the flow?`,
    });
  });
  const [inlet, outlet] = [staticOf(counted, layout.inletPort), staticOf(counted, layout.outletPort)];
  if (inlet !== undefined && outlet !== undefined && outlet <= inlet)
    found.push({
      id: 'lift',
      sentence: `${layout.outletPort} is not above ${layout.inletPort}: is the blower running, and are the ports the right way round?`,
    });
  return found;
}

/** A static that is low for its side, scaled to the airflow: not good news, but something to look at. */
function lowSides({ unit, counted, judgement, flowCfm }: QuestionFacts): Question[] {
  const layout = layoutOf(unit);
  const { target } = judgement;
  if (!target || flowCfm === undefined) return [];
  const square = (flowCfm / target.flowCfm) ** 2;
  const found: Question[] = [];
  // The last port before the ducts: what it reads is supply duct alone.
  const last = layout.ports.filter((port) => port.side === 'supply').at(-1)?.id;
  const supply = staticOf(counted, last);
  if (supply !== undefined && supply >= 0 && supply < LEAST_SUPPLY_IN_WC * square)
    found.push({
      id: 'low supply',
      sentence: `${last} reads ${staticText(supply)} at ${flowWords(flowCfm)}: an open or loose supply duct, or a probe in dead air. Look before trusting the static.`,
    });
  const [beforeCoil, afterCoil] = [staticOf(counted, 'S1'), staticOf(counted, 'S2')];
  if (unit.layout === 'furnaceCasedCoil' && unit.tons && beforeCoil !== undefined && afterCoil !== undefined) {
    const least = LEAST_WET_COIL_IN_WC * Math.pow(flowCfm / unit.tons / 400, 1.8);
    if (beforeCoil - afterCoil >= 0 && beforeCoil - afterCoil < least)
      found.push({
        id: 'low coil',
        sentence: `The coil takes ${staticText(beforeCoil - afterCoil)} at ${flowWords(flowCfm)}, less than a clean wet one: was S1 read after the coil?`,
      });
  }
  const inlet = staticOf(counted, layout.inletPort);
  const filterBefore = layout.stages.some((stage) => stage.kind === 'filter' && stage.external);
  if (inlet !== undefined && filterBefore && inlet <= 0 && -inlet < LEAST_RETURN_IN_WC * square)
    found.push({
      id: 'low return',
      sentence: `${layout.inletPort} reads ${staticText(inlet)}: return and filter together take hardly anything. Filter missing or bypassed, or read before it?`,
    });
  return found;
}

/** Readings that were taken on another speed or in another mode than the one that is judged. */
function otherState({ unit, counted }: QuestionFacts): Question[] {
  const taps = new Set([...counted.values()].flatMap(({ conditions: { tap } }) => (tap ? [tap] : [])));
  const stray = [...taps].filter((tap) => unit.tap !== undefined && tap !== unit.tap);
  if (stray.length === 0) return [];
  return [
    {
      id: 'tap',
      sentence: `Statics were read on tap ${stray.join(' and ')}, the visit says ${unit.tap}. If the speed was changed in between, read them again.`,
    },
  ];
}

function driveQuestions({ drive }: QuestionFacts): Question[] {
  if (drive?.measuredRpm === undefined) return [];
  const { ratioRpm, slip } = driveState(drive);
  if (slip === undefined || slip >= -0.005) return [];
  return [
    {
      id: 'slip',
      sentence: `${Math.round(drive.measuredRpm)} RPM measured is more than the ${Math.round(ratioRpm)} the sheaves give: a belt never gains. Check pitch diameters, turns open and the motor’s RPM.`,
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
    const done = applyMoves(system, [{ id: move.id, inputs: move.defaults(system, context) }]);
    const then = done.ok ? operate(done.system) : undefined;
    if (then?.kind !== 'crossing' || then.flowCfm <= target.highCfm || then.flowCfm <= flowCfm * 1.02) return [];
    return [
      {
        id: `due ${move.id}`,
        sentence: `“${move.name}” is due, and yet it would take the air from ${flowText(flowCfm)} to ${flowWords(then.flowCfm)}, past the band. Is it really so, or is the airflow wrong?`,
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
    ...otherState(facts),
    ...driveQuestions(facts),
    ...dueAgainstAir(facts),
  ];
  const { tespInWc, maxTesp, target } = judgement;
  if (tespInWc !== undefined && tespInWc > 0 && tespInWc < facts.rules.lowTespShare * maxTesp.value) {
    const low = flowCfm !== undefined && target !== undefined && flowCfm < target.lowCfm;
    found.push({
      id: 'lowStatic',
      sentence: low
        ? 'Low static and low air together: a caked wheel, a slipping belt, a slow motor or a backwards wheel, not the ducts.'
        : 'Very low static is not good news by itself: an open duct, a missing filter or a dead fan reads like this.',
    });
  }
  return found;
}

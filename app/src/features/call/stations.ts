import type { VisitDto } from '@huff/contract';
import { complaintOf } from '@huff/core';
import { BuildingPlace } from './BuildingPlace';
import { CallPlace } from './CallPlace';
import { FoundPlace } from './FoundPlace';
import { HeatPlace } from './HeatPlace';
import { PowerPlace } from './PowerPlace';
import { RefrigerantPlace } from './refrigerant/RefrigerantPlace';
import { UpkeepPlace } from './UpkeepPlace';
import type { StationPlan } from '../visitState/station';

const checkedPoints = (visit: VisitDto): string[] =>
  (visit.facts ?? []).flatMap(({ kind, inputs }) => (kind === 'check' ? [String(inputs.point)] : []));

/** The complaint that stands: the last one said. */
export const complaintSaid = (visit: VisitDto) =>
  complaintOf(
    (visit.facts ?? []).findLast(({ kind, inputs }) => kind === 'check' && inputs.point === 'complaint')?.inputs
      .state as string | undefined,
  );

/** Begun when something of it was read, done when it has so many. */
const byPoints =
  (name: string, of: RegExp, most: number): StationPlan['progress'] =>
  ({ whole }) => {
    const count = new Set(checkedPoints(whole).filter((point) => of.test(point))).size;
    return {
      name,
      state: count >= most ? 'done' : count > 0 ? 'started' : 'empty',
      lacks: count === 0 ? 'nothing read' : undefined,
    };
  };

const POWER =
  /^(lineVolts|legVolts|supplyBreaker|doorSwitch|transformer|lowFuse|callVolts|coil|relay|contacts|motor|tapVolts|request|harness|tester|capacitor|windings|module|wheel|belt|overload|proving|speedSwitch|jumper)/;
const HEAT = /^(heat|limit|inducer|pressureS|igniter|valve|flame|element|blowerOnHeat)/;

export const call: StationPlan = {
  id: 'call',
  progress: ({ whole }) => {
    const complaint = complaintSaid(whole);
    return { name: 'Call', state: complaint ? 'done' : 'empty', lacks: complaint ? undefined : 'what was said' };
  },
  Place: CallPlace,
};
export const power: StationPlan = {
  id: 'power',
  progress: byPoints('Power', POWER, 4),
  Place: PowerPlace,
};
export const heat: StationPlan = { id: 'heat', progress: byPoints('Heat', HEAT, 3), Place: HeatPlace };
export const refrigerant: StationPlan = {
  id: 'refrigerant',
  progress: ({ whole }) => {
    const read = (whole.facts ?? []).some(({ kind }) => kind === 'ladder');
    return { name: 'Refrigerant', state: read ? 'started' : 'empty', lacks: read ? undefined : 'behind its gate' };
  },
  Place: RefrigerantPlace,
};
export const building: StationPlan = {
  id: 'building',
  progress: byPoints('Building', /^(exhaustCfm|makeUp|outdoorAir|buildingInWc|doorsPull|economizer|backDraft)/, 4),
  Place: BuildingPlace,
};
export const upkeep: StationPlan = {
  id: 'upkeep',
  progress: byPoints('Upkeep', /^(upkeep|drain|float)/, 10),
  Place: UpkeepPlace,
};
export const found: StationPlan = {
  id: 'found',
  progress: ({ assessment }) => {
    const open = assessment.findings.filter(({ outcome }) => !outcome).length;
    return {
      name: 'Found',
      state: assessment.findings.length > 0 ? 'started' : 'empty',
      lacks: open > 0 ? `${open} open` : undefined,
    };
  },
  Place: FoundPlace,
};

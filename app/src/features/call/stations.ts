import type { VisitDto } from '@huff/contract';
import { complaintOf, unreplaced } from '@huff/core';
import { type PointStep, stepOfPoint } from '@huff/core/call';
import { BuildingStep } from './BuildingStep';
import { ComplaintStep } from './ComplaintStep';
import { FindingsStep } from './FindingsStep';
import { HeatingStep } from './HeatingStep';
import { ElectricalStep } from './ElectricalStep';
import { RefrigerantStep } from './refrigerant/RefrigerantStep';
import { MaintenanceStep } from './MaintenanceStep';
import type { StationPlan } from '../visitState/station';

const checkedPoints = (visit: VisitDto): string[] =>
  unreplaced(visit.facts ?? []).flatMap(({ kind, inputs }) => (kind === 'check' ? [String(inputs.point)] : []));

/** The complaint that stands: the last one said. */
export const complaintSaid = (visit: VisitDto) =>
  complaintOf(
    unreplaced(visit.facts ?? []).findLast(({ kind, inputs }) => kind === 'check' && inputs.point === 'complaint')
      ?.inputs.state as string | undefined,
  );

/** How many of a step's own points were read, tried or seen at a visit. */
const pointsRead = (visit: VisitDto, step: PointStep) =>
  new Set(checkedPoints(visit).filter((point) => stepOfPoint(point) === step)).size;

/** Begun when one of its points was read, done when so many were. */
const byPoints =
  (name: string, step: PointStep, most: number): StationPlan['progress'] =>
  ({ whole }) => {
    const count = pointsRead(whole, step);
    return {
      name,
      state: count >= most ? 'done' : count > 0 ? 'started' : 'empty',
      lacks: count === 0 ? 'nothing read' : undefined,
    };
  };

export const call: StationPlan = {
  id: 'call',
  progress: ({ whole }) => {
    const complaint = complaintSaid(whole);
    return {
      name: 'Complaint',
      state: complaint ? 'done' : 'empty',
      lacks: complaint ? undefined : 'not entered',
      says: complaint?.words,
    };
  },
  Place: ComplaintStep,
};
export const power: StationPlan = {
  id: 'power',
  progress: byPoints('Electrical', 'power', 4),
  Place: ElectricalStep,
};
export const heat: StationPlan = { id: 'heat', progress: byPoints('Heating', 'heat', 3), Place: HeatingStep };
export const refrigerant: StationPlan = {
  id: 'refrigerant',
  progress: ({ whole }) => {
    const read = pointsRead(whole, 'refrigerant') > 0 || (whole.facts ?? []).some(({ kind }) => kind === 'ladder');
    return { name: 'Refrigerant', state: read ? 'started' : 'empty', lacks: read ? undefined : 'waits for airflow' };
  },
  Place: RefrigerantStep,
};
export const building: StationPlan = {
  id: 'building',
  progress: byPoints('Building pressure', 'building', 4),
  Place: BuildingStep,
};
export const upkeep: StationPlan = {
  id: 'upkeep',
  progress: byPoints('Maintenance', 'upkeep', 10),
  Place: MaintenanceStep,
};
export const found: StationPlan = {
  id: 'found',
  progress: ({ assessment }) => {
    const open = assessment.findings.filter(({ outcome }) => !outcome).length;
    return {
      name: 'Findings',
      state: assessment.findings.length > 0 ? 'started' : 'empty',
      lacks: open > 0 ? `${open} open` : undefined,
    };
  },
  Place: FindingsStep,
};

import type { PartedVisit, VisitDto } from '@huff/contract';
import type { Station } from '../../ui/stations';
import type { Assessment } from './useAssessment';

export const STATION_IDS = ['look', 'pressure', 'airflow', 'drop', 'fix', 'prove'] as const;
export type StationId = (typeof STATION_IDS)[number];

/** How far fixing and proving are: decided, read again. */
function changing(parted: PartedVisit, assessment: Assessment): (Station & { id: StationId })[] {
  const { plan, after } = parted;
  const provenAt = plan && assessment.judgement.tespInWc !== undefined;
  return [
    {
      id: 'fix',
      name: 'Fix',
      state: plan ? 'done' : assessment.advice.kind === 'cantSay' ? 'empty' : 'started',
      lacks: plan ? undefined : 'nothing decided',
    },
    {
      id: 'prove',
      name: 'Prove',
      state: provenAt ? 'done' : plan && (after?.readings.length ?? 0) > 0 ? 'started' : 'empty',
      lacks: plan ? (provenAt ? undefined : 'not read again') : 'nothing to prove',
    },
  ];
}

/** How far each station of a visit is, and what it still lacks. @param assessment of the part that stands now */
export function stationsOf(
  visit: VisitDto,
  assessment: Assessment,
  parted: PartedVisit,
): (Station & { id: StationId })[] {
  const { judgement, airflow, counted, looks, flow, drop, rise } = assessment;
  const heating = visit.mode === 'heating';
  const change = heating ? rise : drop;
  return [
    {
      id: 'look',
      name: 'Look',
      state: looks.size >= 5 ? 'done' : looks.size > 0 ? 'started' : 'empty',
      lacks: looks.size === 0 ? 'nothing looked at' : undefined,
    },
    {
      id: 'pressure',
      name: 'Pressure',
      state: judgement.tespInWc !== undefined ? 'done' : counted.size > 0 ? 'started' : 'empty',
      lacks: judgement.tespInWc === undefined ? judgement.tesp.sentence : undefined,
    },
    {
      id: 'airflow',
      name: 'Airflow',
      state: flow ? (flow.disagreement || flow.usualOnly ? 'started' : 'done') : 'empty',
      lacks: flow ? undefined : airflow.sentence,
    },
    {
      id: 'drop',
      name: heating ? 'Rise' : 'Drop',
      state: change?.value === undefined ? 'empty' : 'done',
      lacks: change?.value === undefined ? (change?.sentence ?? 'not read') : undefined,
    },
    ...changing(parted, assessment),
  ];
}

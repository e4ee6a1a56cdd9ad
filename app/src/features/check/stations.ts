import type { VisitDto } from '@huff/contract';
import type { Station } from '../../ui/stations';
import type { Assessment } from './useAssessment';

export const STATION_IDS = ['look', 'pressure', 'airflow', 'drop', 'speed'] as const;
export type StationId = (typeof STATION_IDS)[number];

/** How far each station of a visit is, and what it still lacks. */
export function stationsOf(visit: VisitDto, assessment: Assessment): (Station & { id: StationId })[] {
  const { judgement, advice, counted, looks, flow, drop } = assessment;
  const heatOnly = visit.layout === 'makeUpAir';
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
      state: flow ? (flow.disagreement ? 'started' : 'done') : 'empty',
      lacks: flow ? undefined : judgement.airflow.sentence,
    },
    ...(heatOnly
      ? []
      : [
          {
            id: 'drop' as const,
            name: 'Drop',
            state: drop.value === undefined ? ('empty' as const) : ('done' as const),
            lacks: drop.value === undefined ? drop.sentence : undefined,
          },
        ]),
    { id: 'speed', name: 'Speed', state: advice.kind === 'cantSay' ? 'empty' : 'done' },
  ];
}

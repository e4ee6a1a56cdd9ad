import type { VisitDto } from '@huff/contract';
import type { Station } from '../../ui/stations';
import type { Assessment } from './useAssessment';

export type StationId = 'unit' | 'pressure' | 'airflow' | 'speed';

/** How far each station of a check is. */
export function stationsOf(
  visit: VisitDto,
  { judgement, advice, counted }: Assessment,
): (Station & { id: StationId })[] {
  const said = [visit.table, visit.tons, visit.tap].filter(Boolean).length;
  return [
    { id: 'unit', name: 'Unit', state: said === 3 ? 'done' : said > 0 ? 'started' : 'empty' },
    {
      id: 'pressure',
      name: 'Pressure',
      state: judgement.tespInWc !== undefined ? 'done' : counted.size > 0 ? 'started' : 'empty',
    },
    { id: 'airflow', name: 'Airflow', state: judgement.flowCfm !== undefined ? 'done' : 'empty' },
    { id: 'speed', name: 'Speed', state: advice.kind === 'cantSay' ? 'empty' : 'done' },
  ];
}

import { checkPoint } from '../../call/points';
import { lookItem } from '../../judge/look';
import { readingName } from '../../fix/explain';
import { READING_IDS } from '../../fix/observe';
import { sentenceCase } from '../../base/words';

const OPTIONS: Readonly<Record<string, string>> = {
  gauges: 'Gauges and line temperatures',
  filterOut: 'Static with the filter out',
  airflow: 'Airflow by a second method',
  outdoorCoil: 'Outdoor coil',
  'look outdoor': 'Look: outdoor coil',
  'look blower': 'Look: blower wheel',
  'look speed': 'Look: speed lead',
  'look returnSize': 'Look: return opening',
};

/** A step of a path in words. @example stepWords('look filter') // 'Look: filter' */
export function stepWords(id: string): string {
  const own = OPTIONS[id];
  if (own !== undefined) return own;
  if (id.startsWith('look ')) return `Look: ${(lookItem(id.slice(5))?.name ?? id.slice(5)).toLowerCase()}`;
  const reading = READING_IDS.find((one) => one === id);
  if (reading) return sentenceCase(readingName(reading));
  return checkPoint(id)?.name ?? sentenceCase(id);
}

import type { FactDto, VisitDto } from '@huff/contract';
import { FLOW_METHOD_IDS } from '@huff/core';
import type { Act } from '@huff/core/practice';

type Read = Extract<Act, { kind: 'read' }>;

/** Minutes of a reading. (J) Those of the search for causes. */
const MINUTES = { port: 1, filterOut: 3, drop: 4, room: 1, amps: 3, gauges: 10, method: 15, rpm: 2 } as const;

const read = (what: Read['what'], minutes: number): Read => ({ kind: 'read', what, minutes });

/** What a fact says was read. */
function ofFact({ kind, inputs }: FactDto, before: readonly FactDto[]): Act[] {
  const isFirst = !before.some((fact) => fact.kind === kind);
  if (kind === 'measuredDrop')
    return [
      ...(isFirst ? [read('drop', MINUTES.drop)] : [read('drop', MINUTES.room)]),
      ...(typeof inputs.roomF === 'number' ? [read('returnOverRoom', MINUTES.room)] : []),
    ];
  if (kind === 'motorLoad') return [read('amps', MINUTES.amps)];
  if (kind === 'ladder') {
    const isWhole = typeof inputs.suctionPsig === 'number' && typeof inputs.highPsig === 'number';
    return isWhole && isFirst ? [read('gauges', MINUTES.gauges)] : [];
  }
  if (kind === 'check' && inputs.point === 'capacitor') return [read('microfarads', 5)];
  if (kind === 'check' && inputs.point === 'outdoorWashed')
    return [{ kind: 'look', item: 'outdoorCoil', said: String(inputs.state) }];
  if (kind === 'look') return [{ kind: 'look', item: String(inputs.item), said: String(inputs.state) }];
  // What rests on the blower table is computed, not read.
  return (FLOW_METHOD_IDS as readonly string[]).includes(kind) ? [read('airflow', MINUTES.method)] : [];
}

/** What was read between two versions of a visit, as acts of a drill. */
export function readActs(before: VisitDto, after: VisitDto): Act[] {
  const known = new Set([...before.readings, ...(before.facts ?? [])].map(({ id }) => id));
  const readings = after.readings
    .filter(({ id }) => !known.has(id))
    .map(({ port, conditions }): Act => {
      const isOut = conditions.filter === 'out';
      return read(isOut ? `${port} filterOut` : port, isOut ? MINUTES.filterOut : MINUTES.port);
    });
  const facts = (after.facts ?? []).filter(({ id }) => !known.has(id));
  const isRpmNew =
    after.setup?.drive?.measuredRpm !== undefined && after.setup.drive.measuredRpm !== before.setup?.drive?.measuredRpm;
  return [
    ...readings,
    ...facts.flatMap((fact) => ofFact(fact, before.facts ?? [])),
    ...(isRpmNew ? [read('rpm', MINUTES.rpm)] : []),
  ];
}

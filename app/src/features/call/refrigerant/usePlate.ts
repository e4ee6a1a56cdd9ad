import type { ToolField } from '@huff/core';
import { LADDER_FORM } from '@huff/core/call';
import { units } from '../../../data/records';

/** Taken until it is said. The refrigerant is never taken: each makes another temperature of the same pressure. */
const BEGIN = { metering: 'valve', highPort: 'liquid' } as const;

/** What the unit's plate says of its circuits, by the ladder's fields. */
const PLATE_FIELDS = [
  ['refrigerant', 'refrigerant'],
  ['metering', 'metering'],
  ['subcoolingF', 'plateSubcoolingF'],
  ['superheatF', 'plateSuperheatF'],
  ['chartOutdoorF', 'chartOutdoorF'],
  ['chartAskedF', 'chartAskedF'],
] as const;

/** What stands on the unit's plate, and the way to keep there what was typed here. */
export function usePlate(unitId: string | null | undefined) {
  const kept = units.useList().records.find(({ record }) => record.id === unitId);
  const plate: Record<string, unknown> = kept?.record.plate ?? {};
  const known = Object.fromEntries(
    PLATE_FIELDS.flatMap(([from, to]) => {
      const field: ToolField = LADDER_FORM.fields[to];
      const fits = field.kind !== 'choice' || field.options.some(({ id }) => id === plate[from]);
      return fits && plate[from] !== undefined && plate[from] !== null ? [[to, plate[from]]] : [];
    }),
  );
  /** Absent where there is no unit, or nothing that its plate does not say already. */
  const keepOf = (own: Record<string, unknown>) => {
    const learnt = PLATE_FIELDS.filter(
      ([from, to]) => own[to] !== undefined && JSON.stringify(own[to]) !== JSON.stringify(plate[from]),
    );
    if (!kept || learnt.length === 0) return undefined;
    const fields = Object.fromEntries(learnt.map(([from, to]) => [from, own[to]]));
    return () =>
      units.change(
        kept,
        { ...kept.record, plate: { ...kept.record.plate, ...fields } },
        `${kept.record.name}: circuit data saved.`,
      );
  };
  return { begin: { ...BEGIN, ...known }, keepOf };
}

import { lookItem, type LookItem } from '../../judge/look';
import type { MotorKind } from '../../air/fan';
import { boundaryPorts, LAYOUTS, type LayoutId, type PortId } from '../../air/system';
import type { RoofColumn } from './marks';

/** What is recorded in a cell of a roof sheet: a look, a static at a port, the temperatures, a point of the catalogue. */
export type RoofEntry =
  | { readonly kind: 'look'; readonly look: LookItem }
  | { readonly kind: 'port'; readonly port: PortId }
  | { readonly kind: 'drop' }
  | { readonly kind: 'point'; readonly point: string };

const LOOKS: Readonly<Partial<Record<RoofColumn, readonly string[]>>> = {
  filter: ['filter', 'light'],
  belt: ['belt'],
  wheel: ['wheel'],
  coil: ['coilFace', 'ice'],
  drain: ['drain'],
  heat: ['elements'],
};

/** The amps that are read on each round; make-up air is read as it heats. */
const ampsPoint = (layout: LayoutId) => (layout === 'makeUpAir' ? 'ampsHeating' : 'ampsCooling');

/** Make-up air heats outdoor air: it has no coil to sweat and no drop. */
const WITHOUT: Readonly<Partial<Record<LayoutId, readonly RoofColumn[]>>> = { makeUpAir: ['coil', 'drop', 'drain'] };

/**
 * What can be recorded in a cell of a unit's row, in the order in which it is read; nothing where the unit has no such part, and under airflow,
 * which is worked out and not read.
 *
 * @example roofEntries('static', { layout: 'packaged', motor: 'beltDrive' }) // its boundary ports, R1 and S1
 */
export function roofEntries(
  column: RoofColumn,
  { layout, motor }: { readonly layout: LayoutId; readonly motor: MotorKind },
): readonly RoofEntry[] {
  if (WITHOUT[layout]?.includes(column)) return [];
  if (column === 'static') return boundaryPorts(LAYOUTS[layout]).map((port) => ({ kind: 'port', port }));
  if (column === 'drop') return [{ kind: 'drop' }];
  if (column === 'amps') return [{ kind: 'point', point: ampsPoint(layout) }];
  return (LOOKS[column] ?? [])
    .map((id) => lookItem(id)!)
    .filter(({ motors }) => !motors || motors.includes(motor))
    .map((look) => ({ kind: 'look', look }));
}

/** What is read under power; statics and temperatures are read through the closed cabinet. */
const UNDER_POWER: ReadonlySet<RoofColumn> = new Set(['amps']);
const CLOSED: ReadonlySet<RoofColumn> = new Set(['static', 'airflow', 'drop']);

/**
 * The caution of the call that goes with a cell, by its id: before hands go into the cabinet, or before reading under power.
 *
 * @example roofCaution('belt') // 'lockOut'
 */
export function roofCaution(column: RoofColumn): 'lockOut' | 'live' | undefined {
  if (UNDER_POWER.has(column)) return 'live';
  return CLOSED.has(column) ? undefined : 'lockOut';
}

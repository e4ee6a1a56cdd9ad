import { boundaryPorts, portOf, type Layout, type PortId } from '../system';
import { countedPressures, type PressureReading } from './pressureReading';

export interface NextReading {
  readonly port: PortId;
  /** One sentence: what this reading would tell. */
  readonly why: string;
}

const WHY_MORE: Partial<Record<PortId, string>> = {
  R0: 'shows what the grille filter takes.',
  R1: 'splits the return side: duct or filter.',
  S2: 'splits the supply side: coil or ducts.',
};

function whyOf(layout: Layout, port: PortId): string {
  if (port === layout.inletPort) return 'the pull into the equipment, one half of the external static.';
  if (port === layout.outletPort) return 'the push out of the equipment, the other half of the external static.';
  return WHY_MORE[port] ?? 'narrows down where the pressure goes.';
}

/**
 * The reading that would tell most for the least work: the two of the boundary first, then those that split a side.
 *
 * @returns undefined when every port of the layout has been read
 * @example nextReading(LAYOUTS.airHandler, [])?.port // 'R2'
 */
export function nextReading(layout: Layout, readings: readonly PressureReading[]): NextReading | undefined {
  const counted = countedPressures(layout, readings);
  const boundary = boundaryPorts(layout);
  const others = layout.ports.map((p) => p.id).filter((id) => !boundary.includes(id));
  const port = [...boundary, ...others].find((id) => !counted.has(id) && portOf(layout, id));
  return port && { port, why: whyOf(layout, port) };
}

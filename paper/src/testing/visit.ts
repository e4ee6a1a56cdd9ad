import type { FactDto, ReadingDto, UnitDto, VisitDto } from '@huff/contract';
import type { FactKind, PortId } from '@huff/core';

const AT = '2026-05-12T10:42:00.000Z';
let made = 0;
const id = () => `00000000-0000-4000-8000-${String((made += 1)).padStart(12, '0')}`;

export const static_ = (port: PortId, value: number, more: Partial<ReadingDto> = {}): ReadingDto => ({
  id: id(),
  quantity: 'staticPressure',
  port,
  value,
  unit: 'inWc',
  origin: 'typed',
  conditions: { door: 'on', filter: 'in', coil: 'wet', minutesRunning: 14 },
  takenAt: AT,
  replacesId: null,
  ...more,
});
export const fact = (kind: FactKind, inputs: Record<string, unknown>, takenAt = AT): FactDto => ({
  id: id(),
  kind,
  inputs,
  takenAt,
  replacesId: null,
});
export const check = (point: string, state: string, more: object = {}) => fact('check', { point, state, ...more });

/** Worked example A: a 3-ton air handler on tap 3, return 0.31, supply 0.27, plate 0.50. */
export const exampleA = (more: Partial<VisitDto> = {}): VisitDto => ({
  id: '00000000-0000-4000-8000-0000000000aa',
  title: 'Lantern Quay library, Reading room air handler',
  unitId: '00000000-0000-4000-8000-0000000000bb',
  layout: 'airHandler',
  motor: 'constantTorque',
  mode: 'cooling',
  tons: 3,
  maxTespInWc: 0.5,
  cfmPerTon: 400,
  tap: '3',
  table: {
    id: '11110000-0000-4000-8000-000000000001',
    name: 'AH 36',
    staticsInWc: [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8],
    taps: [
      { tap: '3', flowsCfm: [1120, 1085, 1049, 1012, 973, 932, 889, 843] },
      { tap: '4', flowsCfm: [1248, 1216, 1183, 1149, 1113, 1076, 1037, 995] },
    ],
  },
  startedAt: AT,
  readings: [static_('R1', -0.16), static_('R2', -0.31), static_('S1', 0.27)],
  facts: [],
  ...more,
});

export const UNIT: UnitDto = {
  id: '00000000-0000-4000-8000-0000000000bb',
  siteId: '00000000-0000-4000-8000-0000000000cc',
  name: 'Reading room air handler',
  layout: 'airHandler',
  motor: 'constantTorque',
  tons: 3,
  maxTespInWc: 0.5,
  cfmPerTon: 400,
  tap: '3',
};

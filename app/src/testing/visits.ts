import type { BlowerTableDto, VisitDto } from '@huff/contract';
import type { PortId } from '@huff/core';
import { AS_IT_RUNS, onTable, quickCheck, withReading } from '../features/visitState/newVisit';

export const NOW = new Date('2026-05-12T10:42:00Z');

/** Part of worked example A's table. */
export const TABLE: BlowerTableDto = {
  id: '11110000-0000-4000-8000-000000000001',
  name: 'AH 36',
  motor: 'constantTorque',
  tons: 3,
  staticsInWc: [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8],
  taps: [
    { tap: '3', flowsCfm: [1120, 1085, 1049, 1012, 973, 932, 889, 843] },
    { tap: '4', flowsCfm: [1248, 1216, 1183, 1149, 1113, 1076, 1037, 995] },
    { tap: '5', flowsCfm: [1385, 1356, 1326, 1294, 1261, 1227, 1191, 1153] },
  ],
};

/** A 3-ton air handler on tap 3, nothing read. */
export const onTap3 = (): VisitDto => ({ ...onTable(quickCheck(NOW), TABLE), tap: '3', maxTespInWc: 0.5 });

export const read = (visit: VisitDto, port: PortId, staticInWc: number, replacesId: string | null = null): VisitDto =>
  withReading(visit, { port, staticInWc, conditions: AS_IT_RUNS, replacesId }, NOW);

/** Worked example A: return 0.31, supply 0.27. */
export const measured = (): VisitDto => read(read(onTap3(), 'R2', -0.31), 'S1', 0.27);

import { pathDropAt, resistancesOf, type operate, type System } from '@huff/core';

export interface EdgePoint {
  readonly flowCfm: number;
  readonly staticInWc: number;
}

/** Where a system stands, or the edge of its table. */
export const edgeOf = (operation: ReturnType<typeof operate>): EdgePoint =>
  operation.kind === 'crossing'
    ? { flowCfm: operation.flowCfm, staticInWc: operation.tespInWc }
    : { flowCfm: operation.edgeFlowCfm, staticInWc: operation.edgeStaticInWc };

/** Two points that are drawn apart. */
export const moved = (a: EdgePoint, b: EdgePoint) =>
  Math.abs(a.flowCfm - b.flowCfm) > 1 || Math.abs(a.staticInWc - b.staticInWc) > 0.005;

/** What the fan has to overcome at an airflow, in. w.c.; the external static lies lower where something is lost inside. */
export const asked = (system: System, flowCfm: number) => pathDropAt(resistancesOf(system), flowCfm);

/** Two systems whose air paths ask differently of the fan. */
export const pathDiffers = (a: System, b: System) => Math.abs(asked(a, 1000) - asked(b, 1000)) > 1e-6;

import { fanRuns, tapRpm, type CurveRun, type System } from '@huff/core';

/** A speed whose curve stands nearer than this to one of the system's own is not drawn. */
const NEAR_RPM = 0.04;

export interface Curve {
  readonly tap: string;
  readonly runs: readonly CurveRun[];
}

/** The curves of a fan's table, with those of its own speeds that stand between its rows. */
export function curvesOf(now: System, then: System | undefined): Curve[] {
  const { table } = now.fan;
  const own = [...new Set([now.fan.tap, ...(then ? [then.fan.tap] : [])])];
  const near = (tap: string) => {
    const rpm = tapRpm(table, tap);
    return rpm !== undefined && own.some((one) => one !== tap && Math.abs(Number(one) / rpm - 1) < NEAR_RPM);
  };
  // A row of the table beside a curve that is drawn anyway would only thicken it.
  const rows = table.taps.map((row) => row.tap).filter((tap) => !near(tap));
  const taps = [...new Set([...rows, ...own])];
  return taps.map((tap) => ({ tap, runs: fanRuns({ ...(then ?? now).fan, tap }) }));
}

/** What stands at a curve: the tap's mark, or its RPM. */
export const curveLabel = ({ fan }: System, tap: string) => {
  const rpm = tapRpm(fan.table, tap);
  return rpm === undefined ? tap : String(Math.round(rpm));
};

import {
  curveSpread,
  fanRpm,
  fanRuns,
  fanSpeeds,
  hasSpeed,
  type CurveRun,
  type CurveSpread,
  type System,
} from '@huff/core';

/** A speed whose curve stands nearer than this to one of the system's own is not drawn. */
const NEAR_RPM = 0.04;

export interface Curve {
  readonly tap: string;
  readonly runs: readonly CurveRun[];
}

/** The curves of a fan's speeds, with those of its own that stand between them. */
export function curvesOf(now: System, then: System | undefined): Curve[] {
  const { fan } = then ?? now;
  const own = [...new Set([now.fan.tap, ...(then ? [then.fan.tap] : [])])];
  const near = (tap: string) => {
    const rpm = fanRpm(fan, tap);
    return rpm !== undefined && own.some((one) => one !== tap && Math.abs(Number(one) / rpm - 1) < NEAR_RPM);
  };
  // A row of the table beside a curve that is drawn anyway would only thicken it.
  const rows = fanSpeeds(fan).filter((tap) => !near(tap));
  const taps = [...new Set([...rows, ...own])].filter((tap) => hasSpeed(fan, tap));
  return taps.map((tap) => ({ tap, runs: fanRuns({ ...fan, tap }) }));
}

/** The live curve with one σ to either side; nothing while it is not known how sure the airflow is. */
export const spreadOf = (live: System, flowShare: number | undefined): CurveSpread | undefined =>
  flowShare === undefined ? undefined : curveSpread(live.fan, flowShare);

/** Speeds without a mark of their own, short enough to stand side by side on the drawing. */
const SHORT: Readonly<Record<string, string>> = {
  'as found': 'found',
  'one down': '−1',
  'one up': '+1',
  'two up': '+2',
  'request −10 %': '−10 %',
  'request +10 %': '+10 %',
  'RPM −10 %': '−10 %',
  'RPM +10 %': '+10 %',
};

/** What stands at a curve: the tap's mark, its RPM, or the step it is from the speed that was found. */
export const curveLabel = ({ fan }: System, tap: string) => {
  const rpm = fanRpm(fan, tap);
  return rpm === undefined ? (SHORT[tap] ?? tap) : String(Math.round(rpm));
};

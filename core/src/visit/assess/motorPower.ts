import { loadAtAmps, noLoadShare } from '../../air/drive';
import { bhpAt, tapRow, type Fan } from '../../air/fan';
import type { FlowEstimate } from '../../air/flow';
import type { MotorFacts } from '../../air/system';

export const MOTOR_METHOD = 'motorPower';

/** (J) One standard deviation of amps by a clamp, and of the no-load share, as shares. */
const AMPS_SIGMA = 0.05;
const IDLE_SIGMA = 0.08;

/** The airflow at which an RPM's row asks for a horsepower, CFM; undefined past the row. */
function flowAtBhp(fan: Fan, wantedBhp: number): number | undefined {
  const { table, tap } = fan;
  const row = table?.byRpm && tapRow(table, tap);
  if (!row || !table) return undefined;
  let last: { flow: number; bhp: number } | undefined;
  for (const [i, flow] of row.flowsCfm.entries()) {
    const bhp = flow === null ? undefined : bhpAt(table, flow, table.staticsInWc[i]!);
    if (flow === null || bhp === undefined) continue;
    // Along a row the power falls with the airflow.
    if (last && bhp <= wantedBhp && wantedBhp <= last.bhp && last.bhp > bhp)
      return flow + ((wantedBhp - bhp) / (last.bhp - bhp)) * (last.flow - flow);
    last = { flow, bhp };
  }
  return undefined;
}

/**
 * Airflow of a belt drive by its motor: measured amps give the horsepower, the blower table the airflow that asks for it at this RPM.
 * The best second method on a belt drive: it takes three minutes.
 *
 * @param motor amps measured, plate amps and rated horsepower
 * @returns undefined while one of them or the table's horsepower is missing, or the load lies outside the row
 * @source table of brake horsepower; motor amps by `loadAtAmps`
 */
export function flowByMotor(fan: Fan, motor: MotorFacts | undefined): FlowEstimate | undefined {
  const { amps, plateAmps, ratedHp, legAmps, phases } = motor ?? {};
  if (fan.motor !== 'beltDrive' || amps === undefined || !plateAmps || !ratedHp) return undefined;
  const idle = noLoadShare(ratedHp);
  // The table's horsepower is for standard air.
  const at = (a: number, idleShare: number) =>
    flowAtBhp(fan, (loadAtAmps(a, plateAmps, idleShare) * ratedHp) / (fan.densityRatio ?? 1));
  const mean = legAmps ? (legAmps[0] + legAmps[1] + legAmps[2]) / 3 : amps;
  const flowCfm = at(mean, idle);
  if (flowCfm === undefined) return undefined;
  const off = (a: number, idleShare: number) => Math.abs((at(a, idleShare) ?? 1.2 * flowCfm) / flowCfm - 1);
  const sigmaShare = Math.min(
    0.3,
    Math.max(0.05, Math.hypot(off(mean * (1 + AMPS_SIGMA), idle), off(mean, idle * (1 - IDLE_SIGMA)))),
  );
  const oneLeg = phases === 3 && !legAmps;
  return {
    id: MOTOR_METHOD,
    name: 'Motor amps',
    basis: 'measured',
    flowCfm,
    sigmaShare: sigmaShare * (oneLeg ? 1.3 : 1),
    doubts: oneLeg ? ['Amps of one leg only. Measure the other two.'] : [],
  };
}

import { driveState } from '../../air/drive';
import { hasSpeed } from '../../air/fan';
import type { System } from '../../air/system';
import { lagOf, lagWords } from './fanLags';
import { cannot, defineMove, moved, type Moved } from './move';

/** What a sound belt at its tension still slips. */
const SOUND_SLIP = 0.01;

/** Slip by the measured RPM, where that is known and more than a sound belt's. */
function measuredSlip({ drive }: System): number | undefined {
  const slip = drive && driveState(drive).slip;
  return slip !== undefined && slip > SOUND_SLIP + 0.005 ? slip : undefined;
}

/** A measured RPM holds all slip, so it is the RPM that is put right; else the loss that was taken. */
function withSoundBelt(system: System): Moved {
  if (system.drive && measuredSlip(system) !== undefined) {
    const rpm = driveState(system.drive).ratioRpm * (1 - SOUND_SLIP);
    const tap = rpm.toFixed(1);
    if (!hasSpeed(system.fan, tap)) return cannot(`${Math.round(rpm)} RPM is not on the fan’s curve.`);
    return moved({ ...system, drive: { ...system.drive, measuredRpm: Number(tap) }, fan: { ...system.fan, tap } });
  }
  if (!lagOf(system, 'slip')) return cannot('No sign of belt slip. Measure the blower RPM.');
  const lags = system.fan.lags!.map((lag) =>
    lag.cause === 'slip' ? { ...lag, factor: Math.max(lag.factor, 1 - SOUND_SLIP), assumed: false } : lag,
  );
  return moved({ ...system, fan: { ...system.fan, lags } });
}

/** A slack or glazed belt slips; a new one at its tension still slips 1 %. */
export const newBelt = defineMove({
  id: 'newBelt',
  name: 'New belt, set to tension',
  done: 'Replaced the belt and set its tension.',
  touches: 'belt',
  does: 'mendsFan',
  fields: {},
  cautions: ['lockOut', 'rotating'],
  minutes: 25,
  cost: 24,
  applies: (system) => (lagOf(system, 'slip') || measuredSlip(system) !== undefined ? 'It slips.' : undefined),
  defaults: () => ({}),
  says(_values, system) {
    const slip = measuredSlip(system);
    return slip === undefined ? lagWords(system, 'slip') : `slips ${Math.round(100 * slip)} %, then 1 %`;
  },
  apply: (system) => withSoundBelt(system),
});

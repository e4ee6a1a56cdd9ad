import { imbalanceFinding, imbalancePercent, overloadDialAmps } from '../../air/drive';
import type { System } from '../../air/system';
import type { DriveCheck } from './driveCheck';

const LEVEL_WORD = { good: 'inside', investigate: 'atTheEdge', stop: 'outside' } as const;

/** What the motor's supply has to be: its overload dial, its volts, how even its legs are. */
export function supplyChecks({ motor }: System): DriveCheck[] {
  const checks: DriveCheck[] = [];
  if (motor?.plateAmps !== undefined) {
    const dial = overloadDialAmps(motor.plateAmps, motor.serviceFactor ?? 1);
    checks.push({
      id: 'overload',
      name: 'Overload dial',
      word: 'inside',
      sentence: `At most ${dial.toFixed(1)} A for this nameplate. Local code and a licensed electrician decide.`,
    });
  }
  if (motor?.volts !== undefined && motor.plateVolts !== undefined) {
    const share = motor.volts / motor.plateVolts;
    const more = Math.round(100 * (1 / share - 1));
    checks.push({
      id: 'volts',
      name: 'Line volts',
      word: share < 0.9 || share > 1.1 ? 'outside' : share < 0.95 || share > 1.05 ? 'atTheEdge' : 'inside',
      sentence:
        share < 0.98
          ? `${Math.round(motor.volts)} V on a ${motor.plateVolts} V nameplate: loaded, it draws about ${more} % more. Fix the supply voltage; do not raise the dial.`
          : `${Math.round(motor.volts)} V on a ${motor.plateVolts} V nameplate.${motor.phases === 3 && !motor.legVolts ? ' Measure all three legs. Over 2 % apart, investigate.' : ''}`,
    });
  }
  for (const [of, legs] of [
    ['volts', motor?.legVolts],
    ['amps', motor?.legAmps],
  ] as const) {
    if (!legs) continue;
    const percent = imbalancePercent(legs);
    const { level, sentence } = imbalanceFinding(of, percent);
    checks.push({
      id: of === 'volts' ? 'legVolts' : 'legAmps',
      name: of === 'volts' ? 'Volts of the legs' : 'Amps of the legs',
      word: LEVEL_WORD[level],
      sentence: `${percent.toFixed(1)} % apart. ${sentence}`,
    });
  }
  return checks;
}

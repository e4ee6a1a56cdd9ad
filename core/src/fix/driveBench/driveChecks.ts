import {
  beltHp,
  BELT_SPEED_FPM,
  beltSpeedFpm,
  driveState,
  LEAST_WRAP_DEG,
  leastMotorSheaveIn,
  wrapDeg,
} from '../../air/drive';
import { fanRpm } from '../../air/fan';
import { wordUnder } from '../../base/verdict';
import { predict, type Goal, type Prediction } from '../model';
import type { System } from '../../air/system';
import { ended, flowText, flowWords, ruleText, shownText, shownWords } from '../../base/words';
import { clearedSystem } from './cleared';
import type { DriveCheck } from './driveCheck';
import type { DriveOption } from './driveOptions';
import { supplyChecks } from './supplyChecks';

/**
 * A setting of a drive against all its limits: RPM, motor now and once the path is cleared, belt, wrap, belt speed, the supply.
 *
 * @param measured the system as it was measured, from which the load is carried over
 */
export function driveChecks(
  option: DriveOption,
  system: System,
  measured: System,
  prediction: Prediction,
  goal: Goal,
): DriveCheck[] {
  const { drive, fit } = option;
  const state = driveState(drive);
  const checks: DriveCheck[] = [];
  const rpm = fanRpm(system.fan, system.fan.tap) ?? state.rpm;
  if (drive.mostBlowerRpm !== undefined) {
    const word = wordUnder(rpm, drive.mostBlowerRpm, 0.95);
    checks.push({
      id: 'rpm',
      name: 'Blower',
      word,
      sentence: `${Math.round(rpm)} of ${drive.mostBlowerRpm} max blower RPM.`,
    });
  }
  if (prediction.motor) {
    checks.push({ id: 'motor', name: 'Motor', word: prediction.motor.word, sentence: prediction.motor.sentence });
  }
  const cleared = clearedSystem(system, goal);
  if (cleared !== system && prediction.motor) {
    const then = predict(cleared, goal, measured);
    if (then.motor) {
      const word = then.motor.word;
      checks.push({
        id: 'cleared',
        name: 'Motor once the path is clear',
        word,
        sentence: `${then.motor.sentence.split(' (')[0]}, once the restriction is fixed${then.operation.kind === 'crossing' ? ` and ${flowWords(then.operation.flowCfm)} move` : ''}.`,
      });
    } else if (then.operation.kind === 'offTable') {
      checks.push({
        id: 'cleared',
        name: 'Motor once the path is clear',
        word: 'cantSay',
        sentence: 'Once cleared, the operating point is off the blower table. Measure amps again then.',
      });
    }
  }
  checks.push({
    id: 'belt',
    name: `Belt ${fit.belt.mark}`,
    word: fit.roomy ? 'inside' : 'atTheEdge',
    sentence: `Tight at ${ended(shownWords(fit.centresIn, 'in'))} The base allows ${ruleText(fit.roomIn)} to install it and ${ruleText(fit.takeUpIn)} to take up.`,
  });
  const wrap = wrapDeg(fit.centresIn, state.motorPitchIn, state.blowerPitchIn);
  checks.push({
    id: 'wrap',
    name: 'Wrap',
    word: wrap < LEAST_WRAP_DEG ? 'outside' : wrap < LEAST_WRAP_DEG + 10 ? 'atTheEdge' : 'inside',
    sentence: `${Math.round(wrap)}° on the small sheave; it needs ${LEAST_WRAP_DEG}° or more.`,
  });
  const speed = beltSpeedFpm(state.motorPitchIn, drive.motorRpm);
  checks.push({
    id: 'beltSpeed',
    name: 'Belt speed',
    word: speed > BELT_SPEED_FPM.most ? 'outside' : speed > BELT_SPEED_FPM.edge ? 'atTheEdge' : 'inside',
    sentence: `${shownWords(speed, 'fpm')}, keep it under ${flowText(BELT_SPEED_FPM.edge)}.`,
  });
  const grooves = drive.motorSheave.grooves;
  const small = Math.min(state.motorPitchIn, state.blowerPitchIn);
  const carries = grooves * beltHp(fit.belt.section, small, speed, wrap);
  const { ratedHp } = system.motor ?? {};
  const load = prediction.power?.bhp ?? ratedHp;
  if (load !== undefined)
    checks.push({
      id: 'beltPower',
      name: grooves === 1 ? 'Belt’s power' : 'Belts’ power',
      word: wordUnder(load, carries, 0.85),
      sentence: `${load.toFixed(2)} hp on ${grooves === 1 ? 'a belt rated' : `${grooves} belts rated`} ${carries.toFixed(2)}${load > carries ? ': a notched belt, larger sheaves, or a second groove' : ''}.`,
    });
  if (ratedHp !== undefined) {
    const least = leastMotorSheaveIn(ratedHp);
    checks.push({
      id: 'sheave',
      name: 'Motor sheave',
      word: state.motorPitchIn < least ? 'outside' : state.motorPitchIn < least * 1.05 ? 'atTheEdge' : 'inside',
      sentence: `${shownWords(state.motorPitchIn, 'in')} pitch; a ${ratedHp} hp motor needs ${shownText(least, 'in')} or more to protect its bearing.`,
    });
  }
  return [...checks, ...supplyChecks(system)];
}

import { alignmentIn, deflectionIn, driveState, motorSizeFor, pitchAt, settingsOf, spanIn } from '../../air/drive';
import { fanRpm } from '../../air/fan';
import { predict, type Goal, type Prediction } from '../model';
import { onDrive } from '../moves';
import type { System } from '../../air/system';
import { ended, flowWords, ruleText, shownText, shownWords, turnsOpenText } from '../../base/words';
import type { DriveCheck } from './driveCheck';
import { driveChecks } from './driveChecks';
import { DRIVE_RANKS, driveOptions, isAtEnd, type DriveOption, type DriveRank } from './driveOptions';
import type { DriveParts } from './parts';
import { supplyChecks } from './supplyChecks';

/** So far may the belt that is on stand outside the base's travel before the figures are doubted, in. */
const FOUND_OFF_IN = 0.25;

/** A way to set the drive, with what it would do. */
export interface DriveSolution {
  readonly option: DriveOption;
  readonly prediction: Prediction;
  readonly checks: readonly DriveCheck[];
  /** Share of 60ths of an inch and inches, ready to be said. */
  readonly tension: { readonly spanIn: number; readonly deflectionIn: number; readonly alignmentIn: number };
  /** One line: what is done. */
  readonly words: string;
  /** hp of the motor it needs, when the one that is in cannot carry it. */
  readonly needsHp?: number;
}

export interface DriveAnswer {
  /** The drive as found, with its checks. */
  readonly now?: DriveSolution;
  /** What lands in the band, the least work first: one a rank. */
  readonly solutions: readonly DriveSolution[];
  /** Why nothing, or nothing more, lands. */
  readonly reasons: readonly string[];
}

function wordsOf(option: DriveOption): string {
  const { drive, fit, newSheaves, baseMoveIn } = option;
  const sheaves = newSheaves.map((part) => part.name);
  const turn = drive.motorSheave.kind === 'adjustable' ? [`motor sheave ${turnsOpenText(drive.turnsOpen)}`] : [];
  const belt =
    fit.from === 'fitted'
      ? Math.abs(baseMoveIn) < 1 / 32
        ? `belt ${fit.belt.mark} stays`
        : `belt ${fit.belt.mark} stays, base ${ruleText(baseMoveIn)} ${baseMoveIn < 0 ? 'closer' : 'away'}`
      : `belt ${fit.belt.mark}, ${fit.from === 'truck' ? 'on the truck' : 'to buy'}`;
  return [...sheaves, ...turn, belt].join(', ');
}

function solutionOf(option: DriveOption, set: System, measured: System, goal: Goal): DriveSolution {
  const prediction = predict(set, goal, measured);
  const state = driveState(option.drive);
  const span = spanIn(option.fit.centresIn, state.motorPitchIn, state.blowerPitchIn);
  const over = prediction.motor?.word === 'outside';
  const hp = askedHp(prediction);
  return {
    option: over ? { ...option, rank: 'largerMotor' } : option,
    prediction,
    checks: driveChecks(option, set, measured, prediction, goal),
    tension: { spanIn: span, deflectionIn: deflectionIn(span), alignmentIn: alignmentIn(option.fit.centresIn) },
    words: wordsOf(option),
    needsHp: over && hp !== undefined ? motorSizeFor(hp) : undefined,
  };
}

/** Horsepower a prediction asks of its motor: from the table, else from how far it is over its plate. */
function askedHp({ power, motor, system }: Prediction): number | undefined {
  if (power?.bhp !== undefined) return power.bhp;
  const rated = system.motor?.ratedHp;
  return motor && rated !== undefined ? (rated * motor.value) / motor.most : undefined;
}

/** One setting of the drive, worked out in full; undefined when the blower table does not know its RPM. */
export function driveSolution(system: System, option: DriveOption, goal: Goal): DriveSolution | undefined {
  const set = onDrive(system, option.drive);
  return set.ok ? solutionOf(option, set.system, system, goal) : undefined;
}

/**
 * The ways to bring a belt-driven blower into its band, from what is fitted, what is on the truck and what can be bought.
 *
 * @param system with its drive; its fan's table by RPM
 * @returns the best of each rank, least work first, or why there is none: no belt fits, the sheave's range ends, the blower may not
 * turn that fast, the table ends. Each is an answer.
 */
export function driveSolutions(system: System, goal: Goal, parts: DriveParts): DriveAnswer {
  const { drive } = system;
  if (!drive) return { solutions: [], reasons: ['Enter the sheaves, belt and motor base first.'] };
  const state = driveState(drive);
  if (!state.belt) {
    return {
      solutions: [],
      reasons: [
        `“${drive.beltMark}” is not a belt size Huff knows. Type it like A48, AX48, B60, BX60, 4L500 or 5L630.`,
      ],
    };
  }
  const options = driveOptions(drive, parts);
  const reasons: string[] = [];
  const most = drive.mostBlowerRpm ?? Infinity;
  const { target } = goal;
  const misses = { tooFast: 0, offTable: 0, low: 0, high: 0 };
  const landed: DriveSolution[] = [];
  let now: DriveSolution | undefined;
  for (const option of options) {
    const set = onDrive(system, option.drive);
    if (!set.ok) {
      misses.offTable += 1;
      continue;
    }
    if (option.rank === 'asFound') {
      // What was measured is what it does; its RPM stays the measured one.
      now = solutionOf({ ...option, drive }, system, system, goal);
    }
    const rpm = fanRpm(set.system.fan, set.system.fan.tap) ?? option.ratioRpm;
    if (rpm > most) {
      misses.tooFast += 1;
      continue;
    }
    const quick = predict(set.system, goal, system);
    if (quick.operation.kind === 'offTable') {
      misses.offTable += 1;
      continue;
    }
    if (quick.operation.flowCfm < target.lowCfm) misses.low += 1;
    else if (quick.operation.flowCfm > target.highCfm) misses.high += 1;
    else if (option.rank !== 'asFound') landed.push(solutionOf(option, set.system, system, goal));
  }
  const solutions = bestOfEachRank(landed, goal);
  if (options.length === 0) {
    const c = state.centresIn;
    reasons.push(
      `No belt fits: the base travels from ${shownText(drive.leastCentresIn, 'in')} to ${ended(`${shownWords(drive.mostCentresIn, 'in')}${c === undefined ? '' : `, and belt ${state.belt.mark} is tight at ${shownText(c, 'in')}`}`)} Measure the travel again, or look for another base.`,
    );
  } else if (solutions.length === 0) {
    if (misses.tooFast > 0)
      reasons.push(`Reaching the target takes more than the ${drive.mostBlowerRpm} RPM maximum of the blower.`);
    if (misses.low > 0 && misses.tooFast === 0) {
      const own = settingsOf(drive.motorSheave).map(
        (t) => (drive.motorRpm * pitchAt(drive.motorSheave, t)) / drive.blowerSheave.pitchIn,
      );
      reasons.push(
        `The installed sheaves give ${Math.round(Math.min(...own))} to ${Math.round(Math.max(...own))} RPM, not enough for ${flowWords(target.lowCfm)} on this duct system. Add larger motor sheaves to the shop’s list, or lower the static.`,
      );
    }
    if (misses.offTable > 0 && misses.low + misses.high > 0)
      reasons.push('Other settings are off the blower table, so nothing is predicted.');
    if (misses.high > 0 && misses.low === 0)
      reasons.push('Every setting moves too much air. Look for an open duct or missing filter.');
    if (reasons.length === 0) reasons.push('No setting within the blower table hits the target on this duct system.');
  }
  const off =
    state.centresIn === undefined
      ? 0
      : Math.max(drive.leastCentresIn - state.centresIn, state.centresIn - drive.mostCentresIn);
  if (state.centresIn === undefined || off > FOUND_OFF_IN) {
    reasons.unshift(
      `As found, belt ${state.belt.mark} ${state.centresIn === undefined ? 'is too short for these sheaves' : `is tight at ${shownWords(state.centresIn, 'in')}, outside the ${shownText(drive.leastCentresIn, 'in')} to ${shownWords(drive.mostCentresIn, 'in')} of the base`}. Measure sheaves, belt and base again.`,
    );
  }
  const slip = state.slip ?? 0;
  if (slip > goal.rules.slipShare)
    reasons.unshift(
      `The belt slips ${Math.round(100 * slip)} %: slack, worn, oily or out of line. Fix that before you turn sheaves.`,
    );
  for (const check of supplyChecks(system).filter(({ id, word }) => id === 'legVolts' && word === 'outside'))
    reasons.unshift(`${check.name}: ${check.sentence}`);
  if (now?.prediction.motor?.word === 'outside')
    reasons.unshift(`The motor is over its nameplate already: ${now.prediction.motor.sentence}`);
  return { now, solutions, reasons };
}

/** The best of each rank: inside its limits first, then with something left to adjust by, then nearest the target. */
function bestOfEachRank(landed: readonly DriveSolution[], { target }: Goal): DriveSolution[] {
  const key = ({ checks, prediction, option }: DriveSolution) => {
    const faults = checks.filter((check) => check.word === 'outside').length + (prediction.tesp === 'outside' ? 1 : 0);
    const { operation } = prediction;
    const away = operation.kind === 'crossing' ? Math.abs(operation.flowCfm - target.flowCfm) : Infinity;
    return [faults, isAtEnd(option.drive) ? 1 : 0, away];
  };
  const better = (a: DriveSolution, b: DriveSolution) => {
    const [ka, kb] = [key(a), key(b)];
    const at = ka.findIndex((value, i) => value !== kb[i]);
    return at >= 0 && ka[at]! < kb[at]!;
  };
  const best = new Map<DriveRank, DriveSolution>();
  for (const one of landed) {
    const kept = best.get(one.option.rank);
    if (!kept || better(one, kept)) best.set(one.option.rank, one);
  }
  // A larger motor is the last resort: said only where nothing else does it.
  if (best.size > 1) best.delete('largerMotor');
  return DRIVE_RANKS.flatMap((rank) => best.get(rank) ?? []);
}

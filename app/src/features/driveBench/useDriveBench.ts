import { driveState, pitchAt, wrapDeg, type BeltDrive } from '@huff/core';
import {
  driveOptions,
  driveSolution,
  driveSolutions,
  type DriveAnswer,
  type DriveOption,
  type DriveSolution,
  type PlanRequest,
} from '@huff/core/fix';
import { useMemo, useState } from 'react';

/** What is looked at on the Drive bench: which sheaves, and how many turns open. */
interface Setting {
  readonly sheaves: string;
  readonly turnsOpen: number;
}

const sheavesOf = ({ drive }: Pick<DriveOption, 'drive'>) =>
  JSON.stringify([drive.motorSheave, drive.blowerSheave.pitchIn]);

export interface DriveBench {
  readonly answer: DriveAnswer;
  /** The setting that is looked at; undefined when no belt fits it. */
  readonly shown?: DriveSolution;
  readonly turnsOpen: number;
  readonly turnsMost: number;
  readonly adjustable: boolean;
  readonly turn: (by: number) => void;
  readonly look: (solution: DriveSolution) => void;
  readonly pose: { readonly now?: Pose; readonly asFound?: Pose; readonly wrapDeg: number };
}

interface Pose {
  readonly blowerIn: number;
  readonly motorIn: number;
  readonly centresIn: number;
}

const poseOf = (drive: BeltDrive, centresIn: number | undefined): Pose | undefined =>
  centresIn === undefined
    ? undefined
    : { blowerIn: drive.blowerSheave.pitchIn, motorIn: pitchAt(drive.motorSheave, drive.turnsOpen), centresIn };

/** The Drive bench of a system: every setting, the solutions, and the one that is looked at. */
export function useDriveBench(request: PlanRequest, drive: BeltDrive): DriveBench {
  const { system, goal, parts } = request;
  const options = useMemo(() => driveOptions(drive, parts), [drive, parts]);
  const answer = useMemo(() => driveSolutions(system, goal, parts), [system, goal, parts]);
  const first = answer.solutions[0]?.option.drive ?? drive;
  const [setting, setSetting] = useState<Setting>({
    sheaves: sheavesOf({ drive: first }),
    turnsOpen: first.turnsOpen,
  });
  const found = options.find((o) => sheavesOf(o) === setting.sheaves && o.drive.turnsOpen === setting.turnsOpen);
  const shown = useMemo(() => {
    if (!found) return undefined;
    return found.rank === 'asFound' && answer.now ? answer.now : driveSolution(system, found, goal);
  }, [found, answer.now, system, goal]);
  const sheave = options.find((o) => sheavesOf(o) === setting.sheaves)?.drive.motorSheave ?? drive.motorSheave;
  const most = sheave.kind === 'adjustable' ? sheave.turns : 0;
  const state = driveState(drive);
  const now = found && poseOf(found.drive, found.fit.centresIn);
  return {
    answer,
    shown,
    turnsOpen: setting.turnsOpen,
    turnsMost: most,
    adjustable: sheave.kind === 'adjustable',
    turn: (by) => setSetting({ ...setting, turnsOpen: Math.min(most, Math.max(0, setting.turnsOpen + by)) }),
    look: ({ option }) => setSetting({ sheaves: sheavesOf(option), turnsOpen: option.drive.turnsOpen }),
    pose: {
      now,
      asFound: poseOf(drive, state.centresIn),
      wrapDeg: now ? wrapDeg(now.centresIn, now.blowerIn, now.motorIn) : 0,
    },
  };
}

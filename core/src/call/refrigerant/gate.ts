import { shownText, shownWords } from '../../base/words';
import type { VerdictWord } from '../../base/verdict';
import type { Stop } from '../stop';

/** What must hold before the refrigerant side is judged. */
export interface GateFacts {
  /** What stops the visit. */
  readonly stop?: Stop;
  /** Mode of the visit, and the stage that runs. */
  readonly mode?: 'cooling' | 'heating';
  readonly stage?: 'low' | 'high';
  /** Outdoor air, °F; and the head pressure is held up by hand. */
  readonly outdoorF?: number;
  readonly headHeld?: boolean;
  readonly airflow: VerdictWord;
  /** How well the air over the indoor coil is known where its word is “can't say”. */
  readonly air?: AirKnown;
  /** Filter in, as the last counted readings were taken. */
  readonly filterIn?: boolean;
  readonly doorsOn?: boolean;
  /** As looked at. */
  readonly ice?: 'none' | 'coil';
  /** The face of the indoor coil, as looked at. */
  readonly coilFace?: string;
  /** The indoor coil is damp from washing. */
  readonly coilWashed?: boolean;
  readonly minutesRunning?: number;
  readonly returnF?: number;
}

/** What is known of the air over the indoor coil. */
export interface AirKnown {
  /** One σ of a measured airflow, as a share of it. */
  readonly share?: number;
  /** That airflow over the target. */
  readonly ofTarget?: number;
  /** External static against its limit. */
  readonly tesp: VerdictWord;
  /** Measured temperature drop, °F. */
  readonly dropF?: number;
}

/** Air known to this share of itself lets the gauges be judged unsure (J). */
const MOST_SHARE = 0.2;
/** It lies this near its target then, as a share (J). */
const NEAR_TARGET = 0.25;
/** What a sound coil drops with air near its target, °F (J). */
const USUAL_DROP_F = { low: 16, high: 24 } as const;

/**
 * How unsure the air is where it cannot be told plainly but is known well enough for the gauges.
 *
 * @returns one σ as a share; undefined where it is not known well enough
 * @example airDoubt({ share: 0.12, ofTarget: 1, tesp: 'cantSay' }) // 0.12
 */
export function airDoubt({ share, ofTarget, tesp, dropF }: AirKnown): number | undefined {
  if (share !== undefined && share <= MOST_SHARE && Math.abs((ofTarget ?? 0) - 1) <= NEAR_TARGET) return share;
  const isDropUsual = dropF !== undefined && dropF >= USUAL_DROP_F.low && dropF <= USUAL_DROP_F.high;
  return (tesp === 'inside' || tesp === 'atTheEdge') && isDropUsual ? MOST_SHARE : undefined;
}

export interface GateLine {
  readonly id:
    | 'stop'
    | 'mode'
    | 'stage'
    | 'outdoor'
    | 'air'
    | 'filter'
    | 'doors'
    | 'ice'
    | 'coilFace'
    | 'coil'
    | 'minutes'
    | 'return';
  readonly name: string;
  readonly isOpen: boolean;
  /** It lets the gauges be judged, but unsure. */
  readonly isUnsure?: true;
  /** Why it is shut or unsure, and what opens it. */
  readonly why?: string;
}

/** @source section 12 of the trade's order of work: steady after 10 to 15 minutes, return 68 to 85 °F */
const STEADY_MINUTES = 10;
const RETURN_F = { low: 68, high: 85 } as const;
/** Under this outdoors no high side is judged unless it is held up by hand, °F. */
const LEAST_OUTDOOR_F = 65;
/** Fan only until a coil is clear, usually (J). */
export const THAW_MINUTES = 45;

const line = (id: GateLine['id'], name: string, isOpen: boolean, why: string): GateLine => ({
  id,
  name,
  isOpen,
  why: isOpen ? undefined : why,
});
const unsure = (id: GateLine['id'], name: string, why: string): GateLine => ({
  id,
  name,
  isOpen: true,
  isUnsure: true,
  why,
});

/** How the unit runs: what stops the visit, mode, stage and the weather. */
function runLines({ stop, mode, stage, outdoorF, headHeld }: GateFacts): GateLine[] {
  return [
    // Ice is a separate line.
    ...(stop && stop.id !== 'ice' ? [line('stop', stop.name, false, stop.first)] : []),
    ...(mode === undefined
      ? []
      : [
          line(
            'mode',
            'cooling',
            mode === 'cooling',
            'The unit is heating. Judge charge in cooling, by the heating chart, or by weight.',
          ),
        ]),
    ...(stage === 'low'
      ? [line('stage', 'high stage', false, 'It runs in low stage. Switch to high stage, then measure again.')]
      : []),
    ...(outdoorF === undefined
      ? []
      : [
          line(
            'outdoor',
            `${shownText(outdoorF, 'degF', 0)}° out`,
            outdoorF >= LEAST_OUTDOOR_F || headHeld === true,
            `Under ${shownWords(LEAST_OUTDOOR_F, 'degF', 0)} outdoors the high side cannot be judged. Hold head pressure up and enter that, or weigh the charge in.`,
          ),
        ]),
  ];
}

/** The air over the indoor coil, and what it goes through. */
function airLines({ airflow, air, filterIn, doorsOn }: GateFacts): GateLine[] {
  const doubt = airflow === 'cantSay' && air ? airDoubt(air) : undefined;
  return [
    doubt === undefined
      ? line(
          'air',
          'air',
          airflow === 'inside' || airflow === 'atTheEdge',
          airflow === 'cantSay'
            ? 'Airflow is too uncertain. Measure it first.'
            : 'Airflow is out of range. Fix that first.',
        )
      : unsure('air', 'air', `Airflow is known to about ± ${Math.round(100 * doubt)} %.`),
    filterIn === undefined
      ? unsure('filter', 'filter', 'Filter not confirmed in place.')
      : line('filter', 'filter', filterIn, 'Install the filter, run normally, and measure static.'),
    doorsOn === undefined
      ? unsure('doors', 'doors', 'Doors not confirmed on.')
      : line('doors', 'doors', doorsOn, 'Put the doors on, run normally, and measure static.'),
  ];
}

/** The indoor coil: clean, free of ice, dry. */
function coilLines({ coilFace, ice, coilWashed }: GateFacts): GateLine[] {
  return [
    ...(coilFace === 'matted'
      ? [line('coilFace', 'coil clean', false, 'The indoor coil is dirty. Clean it, then judge the charge.')]
      : []),
    line(
      'ice',
      'no ice',
      ice === 'none',
      ice === 'coil'
        ? `Ice on the coil. Turn cooling off and run the fan about ${THAW_MINUTES} minutes, then check again.`
        : 'Look for ice on the coil and the suction line.',
    ),
    ...(coilWashed === undefined
      ? []
      : [
          line(
            'coil',
            'coil dry of washing',
            !coilWashed,
            'The coil is wet from washing. Run it dry, then measure ΔT, static and charge again.',
          ),
        ]),
  ];
}

/** How long it ran, and the air that comes back to it. */
function steadyLines({ minutesRunning, returnF }: GateFacts): GateLine[] {
  return [
    line(
      'minutes',
      minutesRunning === undefined ? 'minutes' : `${Math.round(minutesRunning)} min`,
      minutesRunning !== undefined && minutesRunning >= STEADY_MINUTES,
      `Run it ${STEADY_MINUTES} to 15 minutes before you judge.`,
    ),
    line(
      'return',
      returnF === undefined ? 'return' : `${shownText(returnF, 'degF', 0)}° in`,
      returnF !== undefined && returnF >= RETURN_F.low && returnF <= RETURN_F.high,
      `Return air between ${shownText(RETURN_F.low, 'degF', 0)} and ${shownWords(RETURN_F.high, 'degF', 0)}. Outside that, no target is valid.`,
    ),
  ];
}

/** The gate, line by line: open, unsure, or shut. What is not known and quickly looked at is shut. */
export const gateOf = (facts: GateFacts): readonly GateLine[] => [
  ...runLines(facts),
  ...airLines(facts),
  ...coilLines(facts),
  ...steadyLines(facts),
];

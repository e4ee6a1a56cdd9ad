import type { VerdictWord } from '../judge';
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
  /** Filter in, as the last counted readings were taken. */
  readonly filterIn?: boolean;
  readonly doorsOn?: boolean;
  /** As looked at. */
  readonly ice?: 'none' | 'coil';
  /** The indoor coil is damp from washing. */
  readonly coilWashed?: boolean;
  readonly minutesRunning?: number;
  readonly returnF?: number;
}

export interface GateLine {
  readonly id:
    'stop' | 'mode' | 'stage' | 'outdoor' | 'air' | 'filter' | 'doors' | 'ice' | 'coil' | 'minutes' | 'return';
  readonly name: string;
  readonly isOpen: boolean;
  /** Why it is shut, and what opens it. */
  readonly why?: string;
}

/** @source section 12 of the trade's order of work: steady after 10 to 15 minutes, return 68 to 85 °F */
const STEADY_MINUTES = 10;
const RETURN_F = { low: 68, high: 85 } as const;
/** Under this outdoors no high side is judged unless it is held up by hand, °F. */
export const LEAST_OUTDOOR_F = 65;
/** Fan only until a coil is clear, usually (J). */
export const THAW_MINUTES = 45;

/** The gate, line by line. What is not known is shut: it is looked at first. */
export function gateOf(facts: GateFacts): readonly GateLine[] {
  const {
    stop,
    mode,
    stage,
    outdoorF,
    headHeld,
    airflow,
    filterIn,
    doorsOn,
    ice,
    coilWashed,
    minutesRunning,
    returnF,
  } = facts;
  const line = (id: GateLine['id'], name: string, isOpen: boolean, why: string): GateLine => ({
    id,
    name,
    isOpen,
    why: isOpen ? undefined : why,
  });
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
            'The unit heats: charge is judged in cooling, by the manufacturer’s heating chart, or by weight.',
          ),
        ]),
    ...(stage === 'low'
      ? [line('stage', 'high stage', false, 'It runs in low stage: bring it to high stage, then read again.')]
      : []),
    ...(outdoorF === undefined
      ? []
      : [
          line(
            'outdoor',
            `${Math.round(outdoorF)}° out`,
            outdoorF >= LEAST_OUTDOOR_F || headHeld === true,
            `Under ${LEAST_OUTDOOR_F} °F outdoors the high side tells nothing: hold the head up by hand and say so, or weigh the charge.`,
          ),
        ]),
    line(
      'air',
      'air',
      airflow === 'inside' || airflow === 'atTheEdge',
      airflow === 'cantSay'
        ? 'Airflow is not known: measure it first.'
        : 'Airflow is outside its band: mend that first.',
    ),
    line('filter', 'filter', filterIn === true, 'Filter in, as it normally runs; say so at a static reading.'),
    line('doors', 'doors', doorsOn === true, 'Doors on, as it normally runs; say so at a static reading.'),
    line(
      'ice',
      'no ice',
      ice === 'none',
      ice === 'coil'
        ? `Ice on the coil: cooling off, fan on, about ${THAW_MINUTES} minutes, then look again.`
        : 'Look for ice on the coil and the suction line.',
    ),
    ...(coilWashed === undefined
      ? []
      : [
          line(
            'coil',
            'coil dry of washing',
            !coilWashed,
            'The coil is damp from washing: run it dry, then read drop, static and charge again.',
          ),
        ]),
    line(
      'minutes',
      minutesRunning === undefined ? 'minutes' : `${Math.round(minutesRunning)} min`,
      minutesRunning !== undefined && minutesRunning >= STEADY_MINUTES,
      `Steady needs ${STEADY_MINUTES} to 15 minutes after the start.`,
    ),
    line(
      'return',
      returnF === undefined ? 'return' : `${Math.round(returnF)}° in`,
      returnF !== undefined && returnF >= RETURN_F.low && returnF <= RETURN_F.high,
      `Return air between ${RETURN_F.low} and ${RETURN_F.high} °F: outside of that no target holds.`,
    ),
  ];
}

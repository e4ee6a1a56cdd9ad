/**
 * The state of power in which something is read or done:
 * - `live`: on live parts, or beside them with the panel open;
 * - `running`: the unit has power or runs, and nothing that carries line voltage is opened or touched;
 * - `dead`: power off, locked out and verified dead;
 * - `seen`: looked at, asked or read off a plate; no hand goes in, power or not.
 */
export type PowerState = 'live' | 'running' | 'dead' | 'seen';

interface PowerStateWords {
  /** Beside the minutes of a step: "2 min · live". */
  readonly short: string;
  /** What is said before the hand goes in; empty where nothing needs saying. */
  readonly caution: string;
}

/** What each state of power is called, everywhere. */
export const POWER_STATES: Readonly<Record<PowerState, PowerStateWords>> = {
  live: {
    short: 'live',
    caution: 'Power on, live parts open: rated meter and leads, one hand, clear of wheel and belt.',
  },
  running: { short: 'power on', caution: 'Power on, panels on: touch nothing live.' },
  dead: { short: 'power off', caution: 'Power off, locked out, verified dead.' },
  seen: { short: 'look', caution: '' },
};

import type { VerdictWord } from '../../base/verdict';

/** One thing about a drive against its limit. */
export interface DriveCheck {
  readonly id:
    | 'rpm'
    | 'motor'
    | 'cleared'
    | 'belt'
    | 'wrap'
    | 'beltSpeed'
    | 'beltPower'
    | 'sheave'
    | 'overload'
    | 'volts'
    | 'legVolts'
    | 'legAmps';
  readonly name: string;
  readonly word: VerdictWord;
  readonly sentence: string;
}

import type { Check, CheckContext } from '../checks';
import type { MotorKind } from '../../air/fan';
import type { VerdictWord } from '../../base/verdict';
import type { CarriedItem } from '../wrapUp';
import type { Finding, Look } from '../../judge/look';
import type { Priors } from '../power';
import type { AirKnown } from '../refrigerant';
import type { Stop } from '../stop';
import type { RawInputs } from '../../base/forms';
import type { Fact } from '../facts';

/** What of a visit the rest of the call is judged from. */
export interface CallFacts {
  readonly facts: readonly Fact[];
  /** Figures at points that were typed elsewhere: they stand until something is read there. */
  readonly knownChecks?: readonly Check[];
  /** Figures of a circuit that were typed elsewhere, by field of the ladder. */
  readonly knownOfCircuit?: RawInputs;
  readonly motor: MotorKind;
  readonly findings: readonly Finding[];
  /** The last look at each thing. */
  readonly looks: readonly Look[];
  /** What the visit before left unsettled. */
  readonly carried?: readonly CarriedItem[];
  readonly context: CheckContext;
  readonly altitudeFt?: number;
  /** While there is one, nothing else is judged or advised. */
  readonly stop?: Stop;
  readonly mode?: 'cooling' | 'heating';
  /** The stage that runs; high where it is not said. */
  readonly stage?: 'low' | 'high';
  readonly isHeatPump?: boolean;
  /** The one airflow, CFM, and nominal tons, where they are known. */
  readonly flowCfm?: number;
  readonly tons?: number;
  readonly airflow: VerdictWord;
  /** What is known of the air though it cannot be told plainly; absent while a question holds the verdict. */
  readonly airKnown?: AirKnown;
  readonly staticRead: boolean;
  readonly filterIn?: boolean;
  readonly doorsOn?: boolean;
  readonly ice?: 'none' | 'coil';
  readonly priors?: Priors;
  /** Found by the air itself: outside verdicts of pressure and airflow, in words. */
  readonly air: readonly {
    readonly id: string;
    readonly area: 'filter' | 'coil' | 'ducts' | 'speed' | 'blower';
    readonly words: string;
    readonly toDo?: string;
  }[];
}

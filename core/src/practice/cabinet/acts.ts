import type { ChosenMove } from '../../fix/moves';
import type { ReadingId } from '../../fix/observe';
import type { PanelId } from './panels';

/** One thing that was done in a drill; the drill is the list of them. */
export type Act =
  | { readonly kind: 'panel'; readonly panel: PanelId; readonly isOpen: boolean }
  | { readonly kind: 'power'; readonly isOn: boolean }
  /** The disconnect is locked out, or the lock comes off. */
  | { readonly kind: 'lock'; readonly isOn: boolean }
  /** A meter says that it is dead. */
  | { readonly kind: 'verifyDead' }
  | { readonly kind: 'look'; readonly item: string; readonly said?: string }
  | { readonly kind: 'filter'; readonly isIn: boolean }
  | { readonly kind: 'hoses' }
  /** A value that an instrument showed was kept. */
  | { readonly kind: 'read'; readonly what: ReadingId | 'gauges' | 'other'; readonly minutes: number }
  /** A meter at a point of the way of power. */
  | { readonly kind: 'meter'; readonly point: string }
  /** A hint, by how much it told: 1 to 3. */
  | { readonly kind: 'hint'; readonly step: number }
  | { readonly kind: 'answer'; readonly causes: readonly string[] }
  | {
      readonly kind: 'work';
      readonly moves: readonly ChosenMove[];
      readonly repairs: readonly string[];
      /** Airflow that was predicted before it was done. */
      readonly predictedCfm?: number;
    };

/** What was done, with the seconds since the drill began. */
export type TimedAct = Act & { readonly atS: number };

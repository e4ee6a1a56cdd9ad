import type { Goal } from '../model';
import type { Look } from '../../judge/look';
import type { FieldSet, RawInputs, ToolFields, ValuesOf } from '../../base/forms';
import type { System } from '../../air/system';
import type { CautionId } from './cautions';

/** What of the system a move changes. Two moves that change the same one contradict each other. */
type Touched =
  | 'filterMedia'
  | 'filterPlace'
  | 'grilleBox'
  | 'secondReturn'
  | 'damper'
  | 'returnDuct'
  | 'supplyDuct'
  | 'supplyRun'
  | 'flex'
  | 'liner'
  | 'coil'
  | 'wheel'
  | 'leak'
  | 'speed'
  | 'dehumidify'
  | 'belt'
  | 'capacitor'
  | 'rotation'
  | 'motor';

/** What a move may know of the visit beside the system. */
export interface MoveContext {
  readonly goal: Goal;
  readonly looks: ReadonlyMap<string, Look>;
}

/** A move's answer: the changed system, or why it cannot be done here. */
export type Moved =
  | { readonly ok: true; readonly system: System }
  | { readonly ok: false; readonly field?: string; readonly why: string };

/** A fix: a named System → System with what it costs and what to mind. One file a move. */
export interface Move<Fs extends ToolFields = ToolFields> extends FieldSet<Fs> {
  readonly id: string;
  readonly name: string;
  /** What the owner of the building reads once it is done. */
  readonly done: string;
  readonly touches: Touched;
  /** What it does to the air: take resistance away, mend the fan, or ask for more speed. */
  readonly does: 'lowersStatic' | 'mendsFan' | 'changesSpeed' | 'restoresDuct';
  readonly cautions: readonly CautionId[];
  /** Usual minutes and money; the shop sets its own. */
  readonly minutes: number;
  readonly cost: number;
  /** Why it makes sense here, or undefined when it does not. */
  readonly applies: (system: System, context: MoveContext) => string | undefined;
  /** What it takes for its fields when nothing is typed. */
  readonly defaults: (system: System, context: MoveContext) => RawInputs;
  /** One line: what exactly, with these inputs. */
  readonly says: (values: ValuesOf<Fs>, system: System) => string;
  readonly apply: (system: System, values: ValuesOf<Fs>) => Moved;
}

/** Keeps the fields' literal types, so that `apply` knows each value's type. */
export const defineMove = <const Fs extends ToolFields>(move: Move<Fs>): Move<Fs> => move;

export const moved = (system: System): Moved => ({ ok: true, system });
export const cannot = (why: string, field?: string): Moved => ({ ok: false, why, field });

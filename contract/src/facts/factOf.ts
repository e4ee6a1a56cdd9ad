import { inputFaults, lineFault, type FieldError, type FieldSet, type RawInputs } from '@huff/core';
import { LIMITS } from '../limits';

/** Everything a kind of fact is, in one place: its check, its fields, its name, what goes with it. */
export interface FactOf {
  /** What it is called, or a line that says it. */
  readonly name: string | ((inputs: RawInputs) => string);
  /** The inputs it knows; others are dropped. */
  readonly fields: readonly string[];
  /** What is wrong with its inputs, in a sentence; undefined when they are sound. */
  readonly faultOf: (inputs: RawInputs) => string | undefined;
  /** It measures the air: mode, speed and stage go with it. */
  readonly isMeasured?: true;
  /** Each is for its own thing: a new one does not take the place of the last of its kind. */
  readonly isBeside?: true;
  /** It names the record it is about. */
  readonly needsReplaced?: string;
  /** Inputs that people wrote: they are searched. */
  readonly written?: readonly string[];
}

/** A kind of fact that is one form. @param faultsOf more than the form says, where there is more */
export const ofForm = (
  form: FieldSet,
  more: Pick<FactOf, 'name'> & Partial<FactOf>,
  faultsOf: (raw: RawInputs) => readonly FieldError[] = (raw) => inputFaults(form, raw),
): FactOf => ({ fields: Object.keys(form.fields), faultOf: (raw) => faultsOf(raw)[0]?.message, ...more });

/** What is wrong with an optional note. */
export const noteFault = (note: unknown): string | undefined =>
  note === undefined ? undefined : lineFault(note, LIMITS.noteLength, 'The note');

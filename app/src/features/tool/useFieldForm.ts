import type { FieldError, FieldSet, RawInputs } from '@huff/core';
import { useCallback, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { rawOf, textsOf, typedInputs, type ToolTexts } from './toolText';

/**
 * A form of core's fields: what is typed, what is wrong with it at each keystroke, and which of that may show by now.
 *
 * @param given what is known already and not asked for
 */
export function useFieldForm(
  set: FieldSet,
  begin: RawInputs,
  faultsOf: (raw: RawInputs) => readonly FieldError[],
  given: RawInputs = {},
) {
  const { control, setValue } = useForm<ToolTexts>({ defaultValues: textsOf(set, begin) });
  const texts = useWatch({ control }) as ToolTexts;
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [sent, setSent] = useState(false);
  const raw = { ...rawOf(set, texts), ...given };
  const errors = faultsOf(raw);
  const onLeave = useCallback((id: string) => setLeft((before) => new Set([...before, id])), []);
  const typed = (id: string) => (texts[id] ?? '') !== '';
  return {
    control,
    raw,
    errors,
    inputs: typedInputs(set, raw),
    onLeave,
    /** An empty field is not scolded before it was left or the form was sent. */
    shown: (id: string) => sent || (left.has(id) && typed(id)),
    /** Types some of the fields; what stands in the others is kept. */
    put: (values: RawInputs) => {
      for (const [id, text] of Object.entries(textsOf(set, values))) if (id in values) setValue(id, text);
    },
    /** Shows every error from now on. */
    send: () => setSent(true),
    /** An error of no single field. */
    general: errors.find((e) => e.field === '')?.message,
  };
}

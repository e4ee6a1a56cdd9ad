import { solveTool, type RawInputs, type Tool, type ToolOutcome } from '@huff/core';
import { useCallback, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { rawOf, textsOf, typedInputs, type ToolTexts } from './toolText';

/** A tool's form: what is typed, the answer to it at each keystroke, and which errors may show by now. */
export function useToolForm(tool: Tool, begin: RawInputs, given: RawInputs = {}) {
  const { control } = useForm<ToolTexts>({ defaultValues: textsOf(tool, begin) });
  const texts = useWatch({ control }) as ToolTexts;
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [sent, setSent] = useState(false);
  const raw = { ...rawOf(tool, texts), ...given };
  const outcome: ToolOutcome = solveTool(tool, raw);
  const errors = outcome.ok ? [] : outcome.errors;
  const onLeave = useCallback((id: string) => setLeft((before) => new Set([...before, id])), []);
  const typed = (id: string) => (texts[id] ?? '') !== '';
  return {
    control,
    outcome,
    errors,
    inputs: typedInputs(tool, raw),
    onLeave,
    /** An empty field is not scolded before it was left or the form was sent. */
    shown: (id: string) => sent || (left.has(id) && typed(id)),
    /** Shows every error from now on. */
    send: () => setSent(true),
    /** An error of no single field. */
    general: errors.find((e) => e.field === '')?.message,
  };
}

import { solveTool, type RawInputs, type Tool } from '@huff/core';
import { useCallback, useState } from 'react';
import { typedInputs } from '../tool/toolText';
import { steadinessOf, type Entry } from './steadiness';

/** What is typed of a method, with its answer at each entry and how each value came to rest. @param given known and not asked for */
export function useMethod(tool: Tool, begin: RawInputs, given: RawInputs) {
  const [typed, setTyped] = useState<RawInputs>(begin);
  const [entries, setEntries] = useState<Readonly<Record<string, readonly Entry[]>>>({});
  const raw: RawInputs = { ...typed, ...given };
  const put = useCallback((field: string, value: unknown, now: Date) => {
    setTyped((before) => ({ ...before, [field]: value }));
    if (typeof value === 'number')
      setEntries((before) => ({
        ...before,
        [field]: [...(before[field] ?? []), { value, atMs: now.getTime() }],
      }));
  }, []);
  const withChoices = {
    ...Object.fromEntries(
      Object.entries(tool.fields).flatMap(([id, field]) =>
        field.kind === 'choice' ? [[id, field.options[0]!.id]] : [],
      ),
    ),
    ...raw,
  };
  return {
    raw: withChoices,
    put,
    outcome: solveTool(tool, withChoices),
    inputs: typedInputs(tool, withChoices),
    steadiness: (field: string) => steadinessOf(entries[field] ?? []),
  };
}

import { solveTool, type RawInputs, type Tool } from '@huff/core';
import { useFieldForm } from './useFieldForm';

/** A tool's form, with the answer to what is typed at each keystroke. */
export function useToolForm(tool: Tool, begin: RawInputs, given: RawInputs = {}) {
  const solved = (raw: RawInputs) => solveTool(tool, raw);
  const form = useFieldForm(
    tool,
    begin,
    (raw) => {
      const outcome = solved(raw);
      return outcome.ok ? [] : outcome.errors;
    },
    given,
  );
  return { ...form, outcome: solved(form.raw) };
}

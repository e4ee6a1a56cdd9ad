import type { ToolTexts } from '../tool/toolText';

/** The address of a calculation with its inputs: lists as numbers with a tilde between. */
export function addressOf(toolId: string, inputs: Record<string, unknown>): string {
  const query = new URLSearchParams();
  for (const [id, value] of Object.entries(inputs)) {
    query.set(id, Array.isArray(value) ? value.join('~') : String(value));
  }
  const text = query.toString();
  return `/calculators/${toolId}${text === '' ? '' : `?${text}`}`;
}

/** The texts of a form behind the query of an address; anything else in it is left alone. */
export const textsFrom = (query: Record<string, string | string[] | undefined>): ToolTexts =>
  Object.fromEntries(
    Object.entries(query).map(([id, value]) => [
      id,
      (Array.isArray(value) ? value[0] : value)?.replace(/~/g, ' ') ?? '',
    ]),
  );

/**
 * What was typed into a number field: a number, null when it is blank, or the text itself when it is no number, so that the
 * validator names it and nothing typed is lost. A comma is taken as the decimal mark.
 */
export function fromNumberText(value: unknown): unknown {
  if (typeof value !== 'string') return value;
  const text = value.trim();
  if (text === '') return null;
  return /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(text) ? Number(text.replace(',', '.')) : text;
}

/**
 * What was typed into a number field: a number, null when it is blank, or the text itself when it is no number, so that the
 * validator names it and nothing typed is lost. A comma is taken as the decimal mark ("0,31"), unless it parts off thousands as
 * the pages themselves write them ("1,250").
 */
export function fromNumberText(value: unknown): unknown {
  if (typeof value !== 'string') return value;
  const text = value.trim();
  if (text === '') return null;
  if (/^[+-]?[1-9]\d{0,2}(,\d{3})+(\.\d*)?$/.test(text)) return Number(text.replaceAll(',', ''));
  return /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(text) ? Number(text.replace(',', '.')) : text;
}

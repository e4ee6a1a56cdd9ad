/** What a cell of a blower table says. */
export type Cell = { readonly kind: 'number'; readonly value: number } | { readonly kind: 'blank' | 'unreadable' };

const BLANK = /^(|-|–|—|\*|x|n\/?a|na)$/i;
const UNIT = /\s*(cfm|"|″|in\.?.*|i\.?w\.?c\.?)$/i;

const plain = (text: string) =>
  text
    .trim()
    .replace(UNIT, '')
    .replace(/[\s\u00a0\u2009']/g, '');

function decimal(text: string): Cell {
  return /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(text)
    ? { kind: 'number', value: Number(text.replace(',', '.')) }
    : { kind: 'unreadable' };
}

/** A static: comma or point is the decimal mark, so "0,10" and "0.10" are the same. */
export function staticCell(text: string): Cell {
  return BLANK.test(text.trim()) ? { kind: 'blank' } : decimal(plain(text));
}

/**
 * An airflow: three digits after a comma or point are thousands ("1,248", "1.248"), since no table lists thousandths of a
 * CFM; anything else after one is decimals ("905,5").
 */
export function flowCell(text: string): Cell {
  if (BLANK.test(text.trim())) return { kind: 'blank' };
  const digits = plain(text);
  if (/^\d{1,3}([.,]\d{3})+$/.test(digits)) return { kind: 'number', value: Number(digits.replace(/[.,]/g, '')) };
  return decimal(digits);
}

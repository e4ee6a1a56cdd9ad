/** A part as it is looked for: by what decides whether one fits. */
export type PartSought =
  | { readonly kind: 'belt'; readonly mark: string }
  | { readonly kind: 'filter'; readonly widthIn: number; readonly heightIn: number; readonly words?: string }
  | { readonly kind: 'capacitor'; readonly microfarads?: number }
  | { readonly kind: 'contactor' }
  | { readonly kind: 'other'; readonly name: string };

const inches = (value: number) => Number(value.toFixed(2));

/** A filter's size as on its frame, in. @example filterSize({ widthIn: 20, heightIn: 24.5 }) // '20 × 24.5' */
export const filterSize = ({ widthIn, heightIn }: { readonly widthIn: number; readonly heightIn: number }): string =>
  `${inches(widthIn)} × ${inches(heightIn)}`;

/**
 * A part in words, as on a list.
 *
 * @example partText({ kind: 'belt', mark: 'A48' }) // 'Belt A48'
 */
export function partText(part: PartSought): string {
  switch (part.kind) {
    case 'belt':
      return `Belt ${part.mark}`;
    case 'filter':
      return `Filter ${[filterSize(part), part.words].filter(Boolean).join(', ')}`;
    case 'capacitor':
      return part.microfarads === undefined ? 'Run capacitor' : `Run capacitor ${part.microfarads} µF`;
    case 'contactor':
      return 'Contactor';
    case 'other':
      return `${part.name.charAt(0).toUpperCase()}${part.name.slice(1)}`;
  }
}

import type { Drawing } from '@huff/paper';
import { View } from 'react-native';
import { SvgXml } from 'react-native-svg';
import { BOLD, REGULAR } from '../theme';

/** A drawing of paper on the screen: the same markup as in the PDF, with the screen's own type. */
export function SvgMarkup({ drawing, width }: { readonly drawing: Drawing; readonly width: number }) {
  const shown = Math.min(width, drawing.width);
  // What it says is said once, by what holds it.
  const xml = drawing.markup
    .replace(/ role="img" aria-label="[^"]*"/g, '')
    .replace(/font-family="HuffBold[^"]*"/g, `font-family="${BOLD}"`)
    .replace(/font-family="Huff[^"]*"/g, `font-family="${REGULAR}"`);
  return (
    <View role="img" aria-label={drawing.says}>
      <SvgXml xml={xml} width={shown} height={(shown * drawing.height) / drawing.width} aria-hidden />
    </View>
  );
}

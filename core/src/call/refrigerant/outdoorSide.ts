import { shownText, shownWords } from '../../base/words';
import type { VerdictWord } from '../../base/verdict';
import type { Ladder } from './ladder';
import { USUAL } from './targets';

/** What the outdoor side shows by itself, in a sentence. */
export interface OutdoorLine {
  readonly id: 'condensingOver' | 'approach';
  readonly word: VerdictWord;
  readonly sentence: string;
}

/** Beyond this a gap is no longer the gauge's own error, °F. */
const SLACK_F = 1;

const wordUnderMost = (valueF: number, mostF: number): VerdictWord =>
  valueF <= mostF ? 'inside' : valueF <= mostF + SLACK_F ? 'atTheEdge' : 'outside';

/**
 * What does not hang on the air over the indoor coil: how far the unit condenses over ambient, and how near the liquid line comes to it. Little
 * indoor air lowers both, so that a high figure stands whatever is known of the air.
 *
 * @param headHeld the head is held up by hand: nothing can be said against outdoors
 * @source condensing usually 10 to 25 °F over ambient; liquid line within 15 °F of it
 * @example condensing 38 °F over ambient → word 'outside'
 */
export function outdoorSide({ gaps }: Ladder, headHeld: boolean): readonly OutdoorLine[] {
  if (headHeld) return [];
  const over = gaps.get('condensingOver')?.valueF;
  const approach = gaps.get('approach')?.valueF;
  const lines: OutdoorLine[] = [];
  if (over !== undefined) {
    const most = USUAL.condensingOverF.high;
    const word = wordUnderMost(over, most);
    lines.push({
      id: 'condensingOver',
      word,
      sentence:
        word === 'outside'
          ? `High head: condensing ${shownWords(over, 'deltaF', 0)} over ambient, typically ${shownText(USUAL.condensingOverF.low, 'deltaF', 0)} to ${shownText(most, 'deltaF', 0)}. Check the outdoor coil and its fan. Indoor airflow does not cause this.`
          : `Condensing ${shownWords(over, 'deltaF', 0)} over ambient: not high.`,
    });
  }
  if (approach !== undefined) {
    const word = wordUnderMost(approach, USUAL.approachMostF);
    lines.push({
      id: 'approach',
      word,
      sentence:
        word === 'outside'
          ? `The liquid line leaves ${shownWords(approach, 'deltaF', 0)} over ambient, typically under ${shownText(USUAL.approachMostF, 'deltaF', 0)}. Check the outdoor coil and its fan.`
          : `The liquid line leaves ${shownWords(approach, 'deltaF', 0)} over ambient: normal.`,
    });
  }
  return lines;
}

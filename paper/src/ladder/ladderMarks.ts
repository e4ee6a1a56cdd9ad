import { shownText, unitText } from '@huff/core';
import type { LADDER_FORM } from '@huff/core/call';
import { type GapId, type Ladder, type LadderGap, type MarkId } from '@huff/core/call';
import type { DrawnGap, DrawnMark } from './ladderGeometry';

/** What is typed for each mark, and where it stands while nothing was. */
const MARKS: readonly {
  readonly id: MarkId;
  readonly name: string;
  readonly side: DrawnMark['side'];
  readonly usualF: number;
  readonly field: keyof typeof LADDER_FORM.fields;
  /** A gauge pressure is typed for it, not a temperature. */
  readonly isPressure?: true;
}[] = [
  { id: 'bubble', name: 'condensing', side: 'outdoor', usualF: 112, field: 'highPsig', isPressure: true },
  { id: 'liquid', name: 'liquid line', side: 'outdoor', usualF: 101, field: 'liquidLineF' },
  { id: 'outdoor', name: 'outdoors', side: 'outdoor', usualF: 90, field: 'outdoorF' },
  { id: 'return', name: 'return air', side: 'indoor', usualF: 75, field: 'returnF' },
  { id: 'suction', name: 'suction line', side: 'indoor', usualF: 54, field: 'suctionLineF' },
  { id: 'dew', name: 'evaporating', side: 'indoor', usualF: 42, field: 'suctionPsig', isPressure: true },
];

export const fieldOfMark = (id: string): string | undefined => MARKS.find((mark) => mark.id === id)?.field;

export const drawnMarks = (ladder: Ladder | undefined): DrawnMark[] =>
  MARKS.map(({ id, name, side, usualF, isPressure }) => ({
    id,
    name,
    side,
    usualF,
    typed: unitText(isPressure ? 'psig' : 'degF'),
    tempF: ladder?.marks.get(id)?.tempF,
  }));

const PLACE: Readonly<Partial<Record<GapId, Pick<DrawnGap, 'upper' | 'lower'>>>> = {
  subcooling: { upper: 'bubble', lower: 'liquid' },
  approach: { upper: 'liquid', lower: 'outdoor' },
  superheat: { upper: 'suction', lower: 'dew' },
  returnMinusDew: { upper: 'return', lower: 'dew' },
};

const asked = ({ asked: band, id }: LadderGap): string | undefined => {
  if (!band) return undefined;
  if (id === 'approach') return band.words;
  return `${shownText(band.low, 'deltaF', 0)} to ${shownText(band.high, 'deltaF', 0)}`;
};

export const drawnGaps = (ladder: Ladder | undefined): DrawnGap[] =>
  [...(ladder?.gaps.values() ?? [])].flatMap((gap) => {
    const place = PLACE[gap.id];
    return place
      ? [{ id: gap.id, name: gap.name, valueF: gap.valueF, word: gap.word, asked: asked(gap), ...place }]
      : [];
  });

import { flowText, flowWords } from '@huff/core';
import { figureBar, type OwnerFigure } from '@huff/paper';
import type { ReactNode } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { BlockView } from '../../ui/document';
import { TextLink } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';
import { Drawn } from './Drawn';

/** Of an air handler of 3 tons: low before, within target now. */
const BEFORE_CFM = 940;
const NOW_CFM = 1150;
const AIR_MOVED: OwnerFigure = {
  name: 'Air moved',
  under: '',
  now: String(NOW_CFM),
  word: 'inside',
  bar: { most: 1600, low: 1080, high: 1320, before: BEFORE_CFM, now: NOW_CFM },
};

/** px beside the page's own columns on a wide screen, and on a phone. */
const RAIL = 96;
const MARGIN = 16;

/** What an empty shop shows: three pictures of what Huff does, so that the first check needs no reading. */
export function FirstMinutes() {
  const wide = useIsWide();
  const { width: page } = useWindowDimensions();
  const width = wide ? Math.min(420, (page - RAIL - 2 * MARGIN - 2 * 28) / 3) : page - 2 * MARGIN;
  const inner = width - 24;
  const bar = figureBar(AIR_MOVED, inner);
  return (
    <View style={{ flexDirection: wide ? 'row' : 'column', gap: wide ? 28 : 18, paddingTop: 8 }}>
      <Picture place={1} title="Measure" words="Enter two statics on the drawing." width={width}>
        <Drawn what="airway" width={inner} />
      </Picture>
      <Picture place={2} title="See the problem" words="Airflow against the target, and what limits it." width={width}>
        <Drawn what="crossing" width={inner} />
      </Picture>
      <Picture
        place={3}
        title="Fix and verify"
        words="Try each fix first. Then show the owner what changed."
        width={width}
      >
        <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
          <Txt>Air moved</Txt>
          <Txt bold figures>
            {`${flowText(BEFORE_CFM)} → ${flowWords(NOW_CFM)}`}
          </Txt>
        </View>
        {bar && <BlockView block={{ kind: 'drawing', drawing: bar }} width={inner} />}
      </Picture>
      <TextLink href="/practice">Practice on a made-up unit</TextLink>
    </View>
  );
}

interface PictureProps {
  readonly place: number;
  readonly title: string;
  readonly words: string;
  readonly width: number;
  readonly children: ReactNode;
}

function Picture({ place, title, words, width, children }: PictureProps) {
  const palette = usePalette();
  return (
    <View
      style={{
        width,
        padding: 12,
        gap: 8,
        borderWidth: 1,
        borderRadius: 6,
        borderColor: palette.line,
        backgroundColor: palette.sheet,
      }}
    >
      <Heading size={17}>{`${place}. ${title}`}</Heading>
      <Txt>{words}</Txt>
      {children}
    </View>
  );
}

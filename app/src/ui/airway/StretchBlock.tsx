import { percentText, staticText, type JudgedStretch, stagesText } from '@huff/core';
import { Pressable, View } from 'react-native';
import { VerdictMark } from '../marks';
import { Txt } from '../text';
import { DRAWN_TEXT, usePalette } from '../theme';
import type { AirwayBlock } from '@huff/paper/airway';

/** How much of the nameplate a stretch takes, with a tick at its share. */
function ShareBar({ stretch }: { readonly stretch: JudgedStretch }) {
  const palette = usePalette();
  const full = Math.max(1, stretch.share ?? 0, stretch.budgetShare) * 0.62;
  const percent = (share: number) => `${Math.min(100, (share / full) * 100)}%` as const;
  const over = stretch.verdict.word === 'outside';
  return (
    <View style={{ height: 10, marginVertical: 5 }}>
      <View style={{ flex: 1, backgroundColor: palette.trough }}>
        <View
          style={{
            height: '100%',
            width: percent(stretch.share ?? 0),
            backgroundColor: over ? palette.action : palette.ink,
          }}
        />
      </View>
      <View
        style={{
          position: 'absolute',
          top: -4,
          bottom: -4,
          width: 2.5,
          left: percent(stretch.budgetShare),
          backgroundColor: palette.ink,
        }}
      />
    </View>
  );
}

interface StretchBlockProps {
  readonly block: AirwayBlock;
  readonly liftInWc?: number;
  readonly onWorking?: (stretch: JudgedStretch) => void;
}

function insideText({ stages, innerDropInWc }: AirwayBlock, liftInWc: number | undefined): string {
  if (innerDropInWc !== undefined) return `takes ${staticText(innerDropInWc)}; in the cabinet, not counted`;
  return liftInWc === undefined || !stages.includes('blower')
    ? 'in the cabinet, not counted'
    : `in the cabinet; adds ${staticText(liftInWc)}`;
}

/** What stands beside a stretch of the pressure line: its name, drop, share and verdict. */
export function StretchBlock({ block, liftInWc, onWorking }: StretchBlockProps) {
  const palette = usePalette();
  const { stretch } = block;
  const rule = { borderTopWidth: 1, borderColor: palette.line, paddingTop: 6, flex: 1 };
  if (block.kind === 'cabinet') {
    return (
      <View style={rule}>
        <Txt size={16} bold>
          {stagesText(block.stages)}
        </Txt>
        <Txt size={DRAWN_TEXT} color="softInk" figures>
          {insideText(block, liftInWc)}
        </Txt>
      </View>
    );
  }
  if (!stretch || stretch.dropInWc === undefined) {
    return (
      <View style={rule}>
        <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
          <Txt size={16} bold style={{ flexShrink: 1 }}>
            {stagesText(block.stages)}
          </Txt>
          {stretch && <VerdictMark word="cantSay" />}
        </View>
        <Txt size={DRAWN_TEXT} color="softInk">
          {stretch ? stretch.verdict.sentence : 'not read yet'}
        </Txt>
      </View>
    );
  }
  return (
    <Pressable
      role="button"
      aria-label={`${stagesText(stretch.stages)}: ${stretch.verdict.sentence} Show the working`}
      onPress={() => onWorking?.(stretch)}
      style={rule}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Txt size={16} bold style={{ flex: 1 }}>
          {stagesText(stretch.stages)}
        </Txt>
        <Txt size={20} bold figures>
          {staticText(stretch.dropInWc)}
        </Txt>
        <VerdictMark word={stretch.verdict.word} />
      </View>
      <ShareBar stretch={stretch} />
      <Txt size={DRAWN_TEXT} color="softInk" figures>
        {percentText(stretch.share ?? 0)} · {stretch.budgetName ?? 'budget'} {percentText(stretch.budgetShare)}
      </Txt>
    </Pressable>
  );
}

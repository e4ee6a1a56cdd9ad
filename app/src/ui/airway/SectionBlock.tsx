import { percentText, staticText, type JudgedSection, stagesText } from '@huff/core';
import { Pressable, View } from 'react-native';
import { VerdictMark } from '../marks';
import { Txt } from '../text';
import { DRAWN_TEXT, usePalette } from '../theme';
import type { AirwayBlock } from '@huff/paper/airway';

/** How much of the nameplate a section takes, with a tick at its share. */
function ShareBar({ section }: { readonly section: JudgedSection }) {
  const palette = usePalette();
  const full = Math.max(1, section.share ?? 0, section.budgetShare) * 0.62;
  const percent = (share: number) => `${Math.min(100, (share / full) * 100)}%` as const;
  const over = section.verdict.word === 'outside';
  return (
    <View style={{ height: 10, marginVertical: 5 }}>
      <View style={{ flex: 1, backgroundColor: palette.trough }}>
        <View
          style={{
            height: '100%',
            width: percent(section.share ?? 0),
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
          left: percent(section.budgetShare),
          backgroundColor: palette.ink,
        }}
      />
    </View>
  );
}

interface SectionBlockProps {
  readonly block: AirwayBlock;
  readonly liftInWc?: number;
  readonly onWorking?: (section: JudgedSection) => void;
}

function insideText({ stages, innerDropInWc }: AirwayBlock, liftInWc: number | undefined): string {
  if (innerDropInWc !== undefined) return `takes ${staticText(innerDropInWc)}; in the cabinet, not counted`;
  return liftInWc === undefined || !stages.includes('blower')
    ? 'in the cabinet, not counted'
    : `in the cabinet; adds ${staticText(liftInWc)}`;
}

/** What is shown beside a section of the pressure line: its name, drop, share and verdict. */
export function SectionBlock({ block, liftInWc, onWorking }: SectionBlockProps) {
  const palette = usePalette();
  const { section } = block;
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
  if (!section || section.dropInWc === undefined) {
    return (
      <View style={rule}>
        <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
          <Txt size={16} bold style={{ flexShrink: 1 }}>
            {stagesText(block.stages)}
          </Txt>
          {section && <VerdictMark word="cantSay" />}
        </View>
        <Txt size={DRAWN_TEXT} color="softInk">
          {section ? section.verdict.sentence : 'not read yet'}
        </Txt>
      </View>
    );
  }
  return (
    <Pressable
      role="button"
      aria-label={`${stagesText(section.stages)}: ${section.verdict.sentence} Show the working`}
      onPress={() => onWorking?.(section)}
      style={rule}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Txt size={16} bold style={{ flex: 1 }}>
          {stagesText(section.stages)}
        </Txt>
        <Txt size={20} bold figures>
          {staticText(section.dropInWc)}
        </Txt>
        <VerdictMark word={section.verdict.word} />
      </View>
      <ShareBar section={section} />
      <Txt size={DRAWN_TEXT} color="softInk" figures>
        {percentText(section.share ?? 0)} · {section.budgetName ?? 'budget'} {percentText(section.budgetShare)}
      </Txt>
    </Pressable>
  );
}

import type { UnitDto } from '@huff/contract';
import {
  dropAt,
  flowText,
  staticText,
  targetFor,
  unitText,
  wordOnTarget,
  wordUnder,
  type VerdictWord,
} from '@huff/core';
import { View } from 'react-native';
import { useRules } from '../../data/useRules';
import { VerdictMark } from '../../ui/marks';
import { Txt, yearDateText } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** How it was proven last: three figures with their marks; or what would bring them. */
export function LastState({ unit }: { readonly unit: UnitDto }) {
  const palette = usePalette();
  const rules = useRules();
  const { proven } = unit;
  if (!proven)
    return (
      <Txt color="softInk">
        Not verified yet. After a fix is verified, its readings appear here as the baseline for the next visit.
      </Txt>
    );
  const limit = unit.maxTespInWc ?? rules.assumedMaxTespInWc;
  const target = targetFor(
    { tons: unit.tons ?? undefined, designCfm: unit.setup?.designCfm ?? undefined },
    { ...rules, cfmPerTon: unit.cfmPerTon },
  );
  const filter = proven.system.path.find(({ stages }) => stages.length === 1 && stages[0] === 'filter');
  const filterDrop = filter && dropAt(filter.resistance, proven.flowCfm);
  const share = rules.stageShare.filter ?? 0.2;
  return (
    <View style={{ gap: 4, borderBottomWidth: 1, borderColor: palette.line, paddingBottom: 10 }}>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <Figure
          name="Total external static"
          value={staticText(proven.tespInWc)}
          under={`of ${staticText(limit)} ${unitText('inWc')}`}
          word={wordUnder(proven.tespInWc, limit, rules.edgeShare)}
        />
        <Figure
          name="Airflow"
          value={flowText(proven.flowCfm)}
          under={unit.tons ? `${flowText(proven.flowCfm / unit.tons)} per ton` : unitText('cfm')}
          word={target ? wordOnTarget(proven.flowCfm, target, rules.edgeShare) : 'cantSay'}
        />
        {filterDrop !== undefined && !filter?.assumed && (
          <Figure
            name="Filter drop"
            value={staticText(filterDrop)}
            under={`${Math.round(100 * share)} % of static`}
            word={wordUnder(filterDrop, share * limit, rules.edgeShare)}
          />
        )}
      </View>
      <Txt size={14} color="softInk" align="right">
        verified {yearDateText(proven.at)}
      </Txt>
    </View>
  );
}

interface FigureProps {
  readonly name: string;
  readonly value: string;
  readonly under: string;
  readonly word: VerdictWord;
}

function Figure({ name, value, under, word }: FigureProps) {
  return (
    <View style={{ flex: 1 }}>
      <Txt size={14} color="softInk">
        {name}
      </Txt>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Txt size={26} bold figures>
          {value}
        </Txt>
        <VerdictMark word={word} />
      </View>
      <Txt size={14} color="softInk" figures>
        {under}
      </Txt>
    </View>
  );
}

import { flowText, oddsText, shownText, shownWords, unitText, staticText, toolFigure, type Verdict } from '@huff/core';
import type { VisitDto } from '@huff/contract';
import { Pressable, useWindowDimensions, View } from 'react-native';
import { VERDICT_TEXT, VerdictMark } from '../../ui/marks';
import { Txt } from '../../ui/text';
import type { Assessment } from '../visitState/useAssessment';

interface ResultStripProps {
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly onWorking: (title: string, verdict: Verdict) => void;
}

const NO_RISE: Verdict = {
  word: 'cantSay',
  unit: 'deltaF',
  sentence: 'Missing: temperature rise. Enter electric or gas heat under Airflow.',
  working: { formula: 'rise = supply dry bulb − return dry bulb', inputs: [] },
  readingIds: [],
};

/** TESP and airflow with their marks, always in sight; a touch shows the working. */
export function ResultStrip({ visit, assessment, onWorking }: ResultStripProps) {
  const { tesp, tespInWc, maxTesp } = assessment.judgement;
  const { airflow, drop, flow, rise, offTable } = assessment;
  const usual = flow?.usualOnly ? flow : undefined;
  const flowCfm = usual ? undefined : flow?.flowCfm;
  const narrow = useWindowDimensions().width < NARROW;
  const perTon = flowCfm !== undefined && visit.tons ? `${flowText(flowCfm / visit.tons)} per ton` : undefined;
  const range =
    usual && `usual ${flowText(usual.flowCfm - usual.sigmaCfm)} to ${flowText(usual.flowCfm + usual.sigmaCfm)}`;
  const sure = flow && !usual && [`± ${flowText(flow.sigmaCfm)}`, perTon].filter(Boolean).join(narrow ? '\n' : ', ');
  const change = visit.mode === 'heating' ? rise : drop;
  const changeName = visit.mode === 'heating' ? 'Rise' : 'ΔT';
  const limit =
    maxTesp.source === 'assumed' ? `of ${staticText(maxTesp.value)} assumed` : `of ${staticText(maxTesp.value)}`;
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      <Result
        name="TESP"
        value={tespInWc === undefined ? '–' : staticText(tespInWc)}
        unit={unitText('inWc')}
        under={limit}
        assumed={maxTesp.source === 'assumed'}
        verdict={tesp}
        onPress={() => onWorking('Total external static (TESP)', tesp)}
      />
      <Result
        name="Airflow"
        value={flowCfm === undefined ? '–' : flowText(flowCfm)}
        unit={unitText('cfm')}
        under={range ?? (sure || undefined) ?? (offTable ? 'off the table' : 'not judged yet')}
        assumed={usual !== undefined}
        odds={airflow.odds}
        share={narrow ? 1.3 : 1}
        verdict={airflow}
        onPress={() => onWorking('Airflow', airflow)}
      />
      <Result
        name={changeName}
        value={change?.value === undefined ? '–' : toolFigure(change.value, 'deltaF')}
        unit={unitText('deltaF')}
        under={
          change?.limit?.low === undefined
            ? change?.value === undefined
              ? 'not read'
              : 'not judged yet'
            : `${shownText(change.limit.low, 'deltaF', 0)} to ${shownWords(change.limit.high, 'deltaF', 0)}`
        }
        verdict={change ?? NO_RISE}
        onPress={() => onWorking(visit.mode === 'heating' ? 'Heating rise' : 'Temperature drop', change ?? NO_RISE)}
      />
    </View>
  );
}

interface ResultProps {
  readonly name: string;
  readonly value: string;
  readonly unit: string;
  readonly under: string;
  readonly assumed?: boolean;
  /** The chance that it lies in its band, 0 to 1. */
  readonly odds?: number;
  /** Of the width, where 1 is what the others have. */
  readonly share?: number;
  readonly verdict: Verdict;
  readonly onPress: () => void;
}

/** A third of a screen narrower than this is too narrow for a large figure of four digits and its mark, px. */
const NARROW = 350;
/** "1,135" is as long as a large figure may be. */
const LONG = 5;

function Result({ name, value, unit, under, assumed, odds, share = 1, verdict, onPress }: ResultProps) {
  const isTight = useWindowDimensions().width < NARROW || value.length > LONG;
  return (
    <Pressable
      role="button"
      aria-label={`${name} ${value} ${unit}, ${under.replace('\n', ', ')}: ${VERDICT_TEXT[verdict.word]}${odds === undefined ? '' : `, ${oddsText(odds)} likely within target`}. Show the working`}
      onPress={onPress}
      style={{ flex: share, minHeight: 68, paddingTop: 6 }}
    >
      <Txt size={14} color="softInk">
        {name}
      </Txt>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: isTight ? 4 : 8 }}>
        <Txt size={isTight ? 21 : 26} bold figures style={{ lineHeight: 32 }}>
          {value}
        </Txt>
        <VerdictMark word={verdict.word} size={isTight ? 18 : 20} />
      </View>
      <Txt
        size={14}
        color="softInk"
        figures
        style={assumed && { textDecorationLine: 'underline', textDecorationStyle: 'dotted' }}
      >
        {under}
      </Txt>
      {odds !== undefined && (
        <Txt size={14} color="softInk" figures>
          {oddsText(odds)} in range
        </Txt>
      )}
    </Pressable>
  );
}

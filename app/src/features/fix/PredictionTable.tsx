import {
  unitText,
  flowWords,
  shownWords,
  staticWords,
  QUIET_DUCT_FPM,
  wearWarnings,
  flowText,
  predict,
  staticText,
  toolFigure,
  type Prediction,
  type VerdictWord,
} from '@huff/core';
import type { PlanRequest } from '@huff/core/fix';
import { View } from 'react-native';
import { VERDICT_TEXT, VerdictMark } from '../../ui/marks';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface Line {
  readonly name: string;
  readonly under?: string;
  readonly before?: string;
  readonly after: string;
  readonly word: VerdictWord;
}

const flowOf = ({ operation }: Prediction) => (operation.kind === 'crossing' ? flowText(operation.flowCfm) : '–');
const staticOf = ({ operation }: Prediction) => (operation.kind === 'crossing' ? staticText(operation.tespInWc) : '–');
const degrees = (value: number | undefined) => (value === undefined ? '–' : toolFigure(value, 'deltaF'));

/** Everything a choice of moves would change, before and after, each against its limit. */
export function predictionLines(request: PlanRequest, after: Prediction): Line[] {
  const { goal, system } = request;
  const before = predict(system, goal);
  const lines: Line[] = [
    {
      name: 'Airflow',
      under: `${flowText(goal.target.lowCfm)} to ${flowWords(goal.target.highCfm)}`,
      before: flowOf(before),
      after: flowOf(after),
      word: after.airflow,
    },
    {
      name: 'Total external static',
      under: `of ${staticWords(goal.maxTesp.value)}${goal.maxTesp.source === 'assumed' ? ' assumed' : ''}`,
      before: staticOf(before),
      after: staticOf(after),
      word: after.tesp,
    },
  ];
  if (after.dropF !== undefined || before.dropF !== undefined)
    lines.push({
      name: 'Temperature drop',
      under: system.cooling?.assumed
        ? `usual summer air assumed, ${unitText('deltaF')}`
        : `${unitText('deltaF')}, by the coil model`,
      before: degrees(before.dropF),
      after: degrees(after.dropF),
      word: 'cantSay',
    });
  if (after.heating)
    lines.push({
      name: 'Heating',
      under: after.heating.sentence,
      before: degrees(before.heating?.riseF),
      after: degrees(after.heating.riseF),
      word: after.heating.word,
    });
  if (after.low)
    lines.push({
      name: 'Low stage',
      under: `tap ${system.lowStage!.tap}, ${unitText('cfm')}`,
      before: before.low?.operation.kind === 'crossing' ? flowText(before.low.operation.flowCfm) : '–',
      after: after.low.operation.kind === 'crossing' ? flowText(after.low.operation.flowCfm) : '–',
      word: after.low.airflow,
    });
  if (after.power)
    lines.push({
      name: 'Power',
      under: after.power.says,
      before: before.power && `${toolFigure(before.power.watts, 'watts')} W`,
      after: `${toolFigure(after.power.watts, 'watts')} W`,
      word: 'cantSay',
    });
  if (after.motor)
    lines.push({
      name: 'Motor',
      under: after.motor.sentence,
      before: before.motor && toolFigure(before.motor.value, after.motor.unit),
      after: toolFigure(after.motor.value, after.motor.unit),
      word: after.motor.word,
    });
  if (after.faceFpm !== undefined)
    lines.push({
      name: 'Filter face',
      under: `of ${shownWords(goal.rules.filterFaceFpm, 'fpm')}; faster is louder and dirtier`,
      before: before.faceFpm === undefined ? undefined : flowText(before.faceFpm),
      after: flowText(after.faceFpm),
      word: after.face,
    });
  if (after.ductFpm !== undefined)
    lines.push({
      name: 'Traversed duct',
      under: `of ${shownWords(QUIET_DUCT_FPM, 'fpm')}, above which it is heard`,
      before: before.ductFpm === undefined ? undefined : flowText(before.ductFpm),
      after: flowText(after.ductFpm),
      word: after.duct,
    });
  return lines;
}

/** Before → after, line by line. */
export function PredictionTable({
  request,
  prediction,
}: {
  readonly request: PlanRequest;
  readonly prediction: Prediction;
}) {
  const warnings = wearWarnings(prediction, request.goal);
  return (
    <View role="group" aria-label="Before and after">
      {warnings.map((warning) => (
        <Warning key={warning}>{warning}</Warning>
      ))}
      {predictionLines(request, prediction).map((line) => (
        <PredictionRow key={line.name} line={line} />
      ))}
    </View>
  );
}

function Warning({ children }: { readonly children: string }) {
  const palette = usePalette();
  return (
    <View role="status" style={{ backgroundColor: palette.outside, borderRadius: 6, padding: 12, marginBottom: 8 }}>
      <Txt size={15} figures>
        {children}
      </Txt>
    </View>
  );
}

function PredictionRow({ line: { name, under, before, after, word } }: { readonly line: Line }) {
  const palette = usePalette();
  return (
    <View
      accessible
      aria-label={`${name}: ${before ?? 'unknown'} now, ${after} then, ${VERDICT_TEXT[word]}. ${under ?? ''}`}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        borderTopWidth: 1,
        borderColor: palette.line,
        minHeight: 54,
        paddingVertical: 6,
      }}
    >
      <View style={{ flex: 1 }}>
        <Txt size={16}>{name}</Txt>
        {under !== undefined && (
          <Txt size={14} color="softInk" figures>
            {under}
          </Txt>
        )}
      </View>
      <Txt size={15} color="softInk" figures align="right" style={{ minWidth: 48 }}>
        {before ?? '–'}
      </Txt>
      <Txt size={20} bold figures align="right" style={{ minWidth: 66 }}>
        {after}
      </Txt>
      <View style={{ width: 20 }}>{word === 'cantSay' ? null : <VerdictMark word={word} size={19} />}</View>
    </View>
  );
}

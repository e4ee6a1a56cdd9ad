import { flowWords, staticWords, fanRpm, flowText, ruleText, staticText, type VerdictWord } from '@huff/core';
import type { DriveSolution, PlanRequest } from '@huff/core/fix';
import { View } from 'react-native';
import { VERDICT_TEXT, VerdictMark } from '../../ui/marks';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { DriveBench } from './useDriveBench';

interface Row {
  readonly name: string;
  readonly under: string;
  readonly before?: string;
  readonly after?: string;
  readonly word: VerdictWord;
}

function rowsOf(shown: DriveSolution, now: DriveSolution | undefined, { goal }: PlanRequest): Row[] {
  const rpm = (s: DriveSolution | undefined) => {
    const fan = s?.prediction.system.fan;
    const value = fan && fanRpm(fan, fan.tap);
    return value === undefined ? undefined : String(Math.round(value));
  };
  const at = (s: DriveSolution | undefined) =>
    s?.prediction.operation.kind === 'crossing' ? s.prediction.operation : undefined;
  const check = (id: string) => shown.checks.find((c) => c.id === id);
  const flow = (s: DriveSolution | undefined) => {
    const point = at(s);
    return point && flowText(point.flowCfm);
  };
  const statics = (s: DriveSolution | undefined) => {
    const point = at(s);
    return point && staticText(point.tespInWc);
  };
  const motor = (s: DriveSolution | undefined) => {
    const load = s?.prediction.motor;
    return load && `${load.value.toFixed(load.unit === 'amps' ? 1 : 2)} ${load.unit === 'amps' ? 'A' : 'hp'}`;
  };
  const rows: Row[] = [
    {
      name: 'Blower',
      under: check('rpm')?.sentence ?? 'its limit is not known',
      before: rpm(now),
      after: `${rpm(shown) ?? '–'} RPM`,
      word: check('rpm')?.word ?? 'cantSay',
    },
    {
      name: 'Airflow',
      under: `${flowText(goal.target.lowCfm)} to ${flowWords(goal.target.highCfm)}`,
      before: flow(now),
      after: flow(shown) ?? 'off the table',
      word: shown.prediction.airflow,
    },
    {
      name: 'TESP',
      under: `of ${staticWords(goal.maxTesp.value)}`,
      before: statics(now),
      after: statics(shown) ?? '–',
      word: shown.prediction.tesp,
    },
  ];
  if (shown.prediction.motor)
    rows.push({
      name: 'Motor',
      under: shown.prediction.motor.sentence,
      before: motor(now),
      after: motor(shown),
      word: shown.prediction.motor.word,
    });
  else rows.push({ name: 'Motor', under: 'Measure its amps and enter its nameplate.', word: 'cantSay' });
  const { fit, baseMoveIn } = shown.option;
  const base =
    Math.abs(baseMoveIn) < 1 / 32
      ? 'base unchanged'
      : `move the base ${ruleText(baseMoveIn)} ${baseMoveIn < 0 ? 'closer' : 'away'}`;
  rows.push({
    name:
      fit.from === 'fitted'
        ? `Belt ${fit.belt.mark} stays`
        : `Belt ${fit.belt.mark}${fit.from === 'truck' ? ', on the truck' : ', to buy'}`,
    under: `${base} · deflect ${ruleText(shown.tension.deflectionIn)} at mid-span · align within ${ruleText(shown.tension.alignmentIn)} · ${check('belt')?.sentence ?? ''}`,
    word: check('belt')?.word ?? 'cantSay',
  });
  for (const id of ['cleared', 'overload', 'volts', 'legVolts', 'legAmps', 'wrap', 'beltSpeed'] as const) {
    const found = check(id);
    if (found) rows.push({ name: found.name, under: found.sentence, word: found.word });
  }
  return rows;
}

/** What a setting does, line by line, each against its limit. */
export function SettingRows({
  shown,
  answer,
  request,
}: {
  readonly shown: DriveSolution;
  readonly answer: DriveBench['answer'];
  readonly request: PlanRequest;
}) {
  const palette = usePalette();
  return (
    <View>
      <Heading size={14} style={{ width: 1, height: 1, overflow: 'hidden', position: 'absolute' }}>
        Result of setting
      </Heading>
      {rowsOf(shown, answer.now, request).map(({ name, under, before, after, word }) => (
        <View
          key={name}
          accessible
          aria-label={`${name}: ${before === undefined ? '' : `${before} now, `}${after ?? ''} ${VERDICT_TEXT[word]}. ${under}`}
          style={{
            flexDirection: 'row',
            alignItems: 'center',
            gap: 10,
            borderTopWidth: 1,
            borderColor: palette.line,
            minHeight: 56,
            paddingVertical: 6,
          }}
        >
          <View style={{ flex: 1 }}>
            <Txt size={16}>{name}</Txt>
            <Txt size={14} color="softInk" figures>
              {under}
            </Txt>
          </View>
          {before !== undefined && (
            <Txt size={15} color="softInk" figures>
              {before}
            </Txt>
          )}
          {after !== undefined && (
            <Txt size={20} bold figures align="right" style={{ minWidth: 74 }}>
              {after}
            </Txt>
          )}
          <VerdictMark word={word} size={20} />
        </View>
      ))}
    </View>
  );
}

import { inSentence } from '@huff/core';
import { checkPoint, POWER_STATES, type CallAssessment, type PowerAssessment } from '@huff/core/call';
import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { VerdictMark } from '../../ui/marks';
import { ActionButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';
import { STAND_WORD, WayOfPower } from '../../ui/wayOfPower';
import type { Frame } from '../visitState/frame';
import { CallFoot } from './CallFoot';
import { Cautions } from './Cautions';
import { FoundList } from './FindingsStep';
import { PointSheet } from './PointSheet';

interface PowerViewProps {
  readonly call: CallAssessment;
  readonly power: PowerAssessment;
  /** What is followed: power, or a sequence. */
  readonly what: string;
  readonly cautions: readonly string[];
  readonly frame: Frame;
  readonly head?: ReactNode;
  readonly below?: ReactNode;
}

/** A way drawn as far as it was shown, what is most likely broken, and the one test that parts what is left. */
export function PowerView({ call, power, what, cautions, frame, head, below }: PowerViewProps) {
  const wide = useIsWide();
  const [asked, setAsked] = useState<string>();
  const { scheme, points, stopsAt, suspects, next, keepOff, motorHold, sentence } = power;
  const at = new Map(points.map((point) => [point.id, point]));
  const unread = call.unread(cautions);
  const way = scheme.steps.map(({ point, lane, from }) => {
    const { name, where, expects } = checkPoint(point)!;
    return {
      id: point,
      name,
      where: where.length < 14 ? `${where} · ${expects}` : where,
      lane,
      from: from.map((up) => scheme.steps.findIndex((step) => step.point === up)),
      text: at.get(point)?.text,
      stand: at.get(point)?.stand ?? ('untested' as const),
    };
  });
  const questions = points.filter(({ question }) => question);
  const likely = <Likely power={power} />;
  const beside = (
    <View>
      <Heading size={17} style={{ paddingBottom: 4 }}>
        Other checks
      </Heading>
      {scheme.beside.map(({ point }) => (
        <BesideRow key={point} id={point} power={power} onPress={() => setAsked(point)} />
      ))}
    </View>
  );
  return frame({
    main: (
      <View style={{ gap: 16 }}>
        {head}
        <Cautions unread={unread} />
        <WayOfPower points={way} stopsAt={stopsAt} what={what} next={next?.point.id} onPoint={setAsked} />
        {questions.map(({ id, question }) => (
          <Txt key={id} role="alert" size={15}>
            {checkPoint(id)!.name}: {question}
          </Txt>
        ))}
        {beside}
        {!wide && likely}
        {below}
        <PointSheet asked={asked} call={call} onClose={() => setAsked(undefined)} />
      </View>
    ),
    side: (
      <>
        {likely}
        <FoundList triage={call.triage} />
      </>
    ),
    foot: (
      <CallFoot>
        <Txt size={15} role="status">
          {sentence}
        </Txt>
        {keepOff !== undefined && (
          <Txt size={15} bold color="action">
            {keepOff}
          </Txt>
        )}
        {motorHold !== undefined && (
          <Txt size={15} bold color="action">
            {motorHold}
          </Txt>
        )}
        {next && (
          <>
            {suspects.told > 0 && next.parts.length > 0 && (
              <Txt size={14} color="softInk" numberOfLines={2}>
                {next.again
                  ? `Test it again before you blame ${inSentence(next.parts[0]!)}: it depends on this reading.`
                  : next.parts.length > 1
                    ? `It separates ${next.parts.map(inSentence).join(' from ')}.`
                    : `It separates ${inSentence(next.parts[0]!)}.`}
              </Txt>
            )}
            <ActionButton
              onPress={() => setAsked(next.point.id)}
              aside={`${next.point.minutes} min · ${POWER_STATES[next.point.power].short}`}
            >
              {`${next.again ? 'Measure again' : 'Next'}: ${inSentence(next.point.name)}`}
            </ActionButton>
          </>
        )}
      </CallFoot>
    ),
  });
}

function BesideRow({
  id,
  power,
  onPress,
}: {
  readonly id: string;
  readonly power: PowerAssessment;
  readonly onPress: () => void;
}) {
  const palette = usePalette();
  const point = checkPoint(id)!;
  const read = power.points.find((one) => one.id === id);
  return (
    <Pressable
      role="button"
      aria-label={`${point.name}: ${read?.text ?? 'not tested'}`}
      onPress={onPress}
      style={{
        minHeight: 48,
        paddingVertical: 6,
        borderTopWidth: 1,
        borderColor: palette.line,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
      }}
    >
      <View style={{ flex: 1 }}>
        <Txt bold size={15}>
          {point.name}
        </Txt>
        <Txt size={13} color="softInk" numberOfLines={1}>
          {point.where}
        </Txt>
      </View>
      <Txt
        size={read?.text ? 16 : 14}
        bold={read?.text !== undefined}
        color={read?.text ? 'ink' : 'softInk'}
        style={{ maxWidth: 130 }}
        align="right"
      >
        {read?.text ?? `${point.minutes} min`}
      </Txt>
      {read && <VerdictMark word={STAND_WORD[read.stand]} size={16} />}
    </Pressable>
  );
}

const SHOWN = 6;

/** What may be broken, the likeliest first; with nothing read these are the odds before any test, and it says so. */
function Likely({ power: { suspects } }: { readonly power: PowerAssessment }) {
  const palette = usePalette();
  const { ranked, somethingElse, told } = suspects;
  const rows = [
    ...ranked.slice(0, SHOWN).map(({ cause, share }) => ({ id: cause.id, name: cause.name, toDo: cause.toDo, share })),
    { id: 'else', name: 'Something else', toDo: 'Not on this list', share: somethingElse },
  ].filter(({ share }) => share >= 0.01);
  return (
    <View style={{ gap: 8 }}>
      <Heading size={17}>{told === 0 ? 'Likelihood before testing' : 'Most likely'}</Heading>
      {rows.map(({ id, name, toDo, share }) => (
        <View key={id} role="img" aria-label={`${name}, ${Math.round(100 * share)} %. ${toDo}`} style={{ gap: 3 }}>
          <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: 8 }}>
            <Txt size={15} bold style={{ flex: 1 }}>
              {name}
            </Txt>
            <Txt size={16} bold figures>
              {`${Math.round(100 * share)} %`}
            </Txt>
          </View>
          <View style={{ height: 7, backgroundColor: palette.trough }}>
            <View style={{ height: 7, width: `${Math.round(100 * share)}%`, backgroundColor: palette.ink }} />
          </View>
          {told > 0 && share >= 0.2 && (
            <Txt size={14} color="softInk">
              {toDo}
            </Txt>
          )}
        </View>
      ))}
    </View>
  );
}

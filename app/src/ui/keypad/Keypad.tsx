import { staticText, unitText, type Conditions, type PortPlan, type StageKind } from '@huff/core';
import { memo, useCallback, useEffect, useState, type ReactNode } from 'react';
import { Platform, Pressable, View } from 'react-native';
import { Heading, Txt } from '../text';
import { usePalette } from '../theme';
import { ConditionChips } from './ConditionChips';
import { DigitKeys, EditKeys } from './KeyGrid';
import { EMPTY, entryFor, entryText, keyOf, press, questionOf, staticOf, type Entry, type Key } from './keypadEntry';
import { PortPicture } from './PortPicture';

export interface KeypadProps {
  readonly port: PortPlan;
  readonly before?: StageKind;
  readonly after?: StageKind;
  /** What this port read before, in. w.c. */
  readonly previousInWc?: number;
  /** The last reading kept at any port, in. w.c. */
  readonly lastInWc?: number;
  readonly conditions: Conditions;
  readonly onConditions: (conditions: Conditions) => void;
  /** The port that comes after this one. */
  readonly nextPort?: string;
  readonly onKeep: (staticInWc: number) => void;
  readonly onSkip: () => void;
  /** What a connected probe shows here. */
  readonly live?: ReactNode;
}

const Picture = memo(PortPicture);
const Chips = memo(ConditionChips);

/** Keys for gloves: a static is typed as it is said, and its sign comes from the side of the blower. */
export function Keypad(props: KeypadProps) {
  const { port, before, after, previousInWc, lastInWc, conditions, onConditions, nextPort, onKeep, onSkip, live } =
    props;
  const palette = usePalette();
  const [entry, setEntry] = useState<Entry>(EMPTY);
  const [askedFor, setAskedFor] = useState<string>();
  const { side } = port;
  const value = staticOf(entry, side);
  const question = value === undefined ? undefined : questionOf(value, side, lastInWc);
  const refused = question?.plausibility.kind === 'refuse';
  const unanswered = question !== undefined && askedFor !== entryText(entry, side);
  const color = side === 'return' ? palette.suction : palette.supply;
  const type = useCallback((key: Key) => setEntry((now) => press(now, key, side)), [side]);
  const keep = () => {
    if (value === undefined || refused) return;
    if (unanswered) setAskedFor(entryText(entry, side));
    else onKeep(value);
  };
  const suggestion = question?.plausibility.kind === 'plausible' ? undefined : question?.plausibility.suggestedInWc;

  useEffect(() => {
    if (Platform.OS !== 'web') return undefined;
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const key = keyOf(event.key);
      const onButton = event.target instanceof HTMLElement && event.target.getAttribute('role') === 'button';
      if (key) type(key);
      else if (event.key === 'Enter' && !onButton) keep();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });

  const keepWords =
    value === undefined
      ? 'Type the reading'
      : refused
        ? 'Too large'
        : question && !unanswered
          ? `Yes, save ${entryText(entry, side)}`
          : nextPort
            ? `Save, next ${nextPort}`
            : 'Save';
  return (
    <View style={{ padding: 16, gap: 10 }}>
      <View style={{ flexDirection: 'row', gap: 14, alignItems: 'center' }}>
        <Picture port={port} before={before} after={after} />
        <View style={{ flex: 1 }}>
          <Heading size={19}>{`${port.id} · ${port.name}`}</Heading>
          <Txt size={14} color="softInk">
            {port.where}
          </Txt>
        </View>
      </View>
      <View style={{ borderBottomWidth: 2.5, borderColor: color, flexDirection: 'row', alignItems: 'baseline' }}>
        <View
          role="status"
          aria-label={value === undefined ? 'nothing typed' : `${entryText(entry, side)} ${unitText('inWc')}`}
          style={{ flex: 1, minHeight: 62, justifyContent: 'center' }}
        >
          <Txt size={48} bold figures color={entry.digits === '' ? 'softInk' : 'ink'}>
            {entry.digits === '' ? (side === 'return' ? '−' : '') + staticText(0) : entryText(entry, side)}
          </Txt>
        </View>
        <Txt color="softInk">{unitText('inWc')}</Txt>
      </View>
      <View role="alert" style={{ minHeight: 42, justifyContent: 'center' }}>
        {question ? (
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
            <Txt size={15} style={{ flex: 1 }}>
              {question.sentence}
            </Txt>
            {suggestion !== undefined && (
              <Pressable
                role="button"
                onPress={() => setEntry(entryFor(suggestion))}
                style={{
                  minHeight: 48,
                  minWidth: 88,
                  justifyContent: 'center',
                  alignItems: 'center',
                  borderRadius: 6,
                  backgroundColor: palette.edge,
                }}
              >
                <Txt bold figures>{`Use ${entryText(entryFor(suggestion), side)}`}</Txt>
              </Pressable>
            )}
          </View>
        ) : (
          <Txt size={14} color="softInk" figures>
            {previousInWc === undefined
              ? 'Enter it without a sign; the side sets the sign.'
              : `Was ${entryText(entryFor(previousInWc), side)}. A new value corrects it; the old one stays in the log.`}
          </Txt>
        )}
      </View>
      {live}
      <Chips conditions={conditions} onChange={onConditions} />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <DigitKeys onKey={type} onSkip={onSkip} skipWords="can’t read" />
        <View style={{ flex: 1, gap: 8 }}>
          <EditKeys onKey={type} signed />
          <Pressable
            role="button"
            disabled={value === undefined || refused}
            onPress={keep}
            style={({ pressed }) => ({
              flex: 2,
              minHeight: 128,
              borderRadius: 6,
              padding: 6,
              alignItems: 'center',
              justifyContent: 'center',
              backgroundColor: value === undefined || refused ? palette.trough : palette.action,
              opacity: pressed ? 0.85 : 1,
            })}
          >
            <Txt bold size={17} align="center" color={value === undefined || refused ? 'ink' : 'onAction'}>
              {keepWords}
            </Txt>
          </Pressable>
        </View>
      </View>
    </View>
  );
}

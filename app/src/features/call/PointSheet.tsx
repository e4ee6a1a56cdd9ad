import {
  type CallAssessment,
  checkPoint,
  checkQuestion,
  checkText,
  POWER_STATES,
  type Check,
  type CheckPoint,
} from '@huff/core/call';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { Choice } from '../../ui/form';
import { NumberSheet } from '../../ui/keypad';
import { ActionButton, TextButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { useMeter } from '../visitState/meter';
import { withCheck, withoutAnswer } from '../visitState/withCheck';
import { CheckRow } from './CheckRow';
import { useWholeVisit } from '../visitState/WholeVisit';

interface PointSheetProps {
  /** The point that is asked for; undefined while none is. */
  readonly asked?: string;
  readonly call: Pick<CallAssessment, 'checks' | 'context' | 'power'>;
  readonly onClose: () => void;
}

const NOTE_LENGTH = 200;

/** Types or touches what is read at a point: a figure by the big keypad, a state by a touch. */
export function PointSheet({ asked, ...rest }: PointSheetProps) {
  const point = asked === undefined ? undefined : checkPoint(asked);
  const [part, setPart] = useState<string>();
  if (!point) return null;
  const isPart = part !== undefined && (part === point.heldAgainst || point.from?.points.includes(part));
  const partPoint = isPart ? checkPoint(part) : undefined;
  if (partPoint) {
    const back = () => {
      setPart(undefined);
      // What it is held against was the last thing to ask.
      if (part === point.heldAgainst && rest.call.checks.get(point.id)?.value !== undefined) rest.onClose();
    };
    return <Asked key={partPoint.id} point={partPoint} {...rest} onClose={back} onPart={setPart} />;
  }
  return <Asked key={point.id} point={point} {...rest} onPart={setPart} />;
}

function Asked({
  point,
  call: { checks, context, power },
  onClose,
  onPart,
}: Omit<PointSheetProps, 'asked'> & { readonly point: CheckPoint; readonly onPart: (id: string) => void }) {
  const { whole, setWhole } = useWholeVisit();
  const { id, name, number, states = [], from } = point;
  const last = checks.get(id);
  // One state beside a figure is a key of the keypad; several are touched, and the figure is a touch away.
  const [typing, setTyping] = useState(number !== undefined && states.length <= 1 && !from);
  const [note, setNote] = useState(last?.note ?? '');
  const { heldAgainst } = point;
  const keep = (check: Omit<Check, 'point'>) => {
    setWhole(withCheck(whole, { point: id, ...check }));
    if (check.value !== undefined && heldAgainst && !checks.has(heldAgainst)) onPart(heldAgainst);
    else onClose();
  };
  const clear = () => {
    setWhole(withoutAnswer(whole, id));
    onClose();
  };
  const meter = useMeter();
  const shown = meter?.isOn(id) ? meter.shows(id) : undefined;
  const hint = [
    shown && `Here: ${checkText(shown)}.`,
    `${point.where}.`,
    point.expects !== '' && `Expected: ${point.expects}.`,
    (point.power === 'live' || point.power === 'running' ? power.keepOff : undefined) ??
      POWER_STATES[point.power].caution,
  ]
    .filter(Boolean)
    .join(' ');
  if (meter && !meter.isOn(id))
    return (
      <Sheet open onClose={onClose} title={name}>
        <View style={{ gap: 12 }}>
          <Txt size={15}>{hint}</Txt>
          <ActionButton onPress={() => meter.touch(id)} aside={`${point.minutes} min`}>
            {point.power === 'seen' ? 'Look' : 'Test it'}
          </ActionButton>
        </View>
      </Sheet>
    );
  if (typing && number) {
    const [only] = states;
    return (
      <NumberSheet
        asked={{ label: name, unit: number.unit, min: number.min, max: number.max, hint, value: last?.value }}
        sideWords={only?.text ?? 'not read'}
        ask={(value) => checkQuestion({ point: id, value }, context)}
        onKeep={(value) => {
          if (value !== null) keep({ value });
          else if (only) keep({ state: only.id });
          else onClose();
        }}
        onClear={last && clear}
        onClose={onClose}
      />
    );
  }
  return (
    <Sheet open onClose={onClose} title={name}>
      <View style={{ gap: 12 }}>
        <Txt size={15} color="softInk">
          {hint}
        </Txt>
        {point.noteLabel !== undefined && (
          <TextInput
            mode="outlined"
            label={point.noteLabel}
            accessibilityLabel={point.noteLabel}
            value={note}
            onChangeText={setNote}
            maxLength={NOTE_LENGTH}
          />
        )}
        {heldAgainst && (
          <CheckRow
            point={checkPoint(heldAgainst)!}
            check={checks.get(heldAgainst)}
            context={context}
            onPress={() => onPart(heldAgainst)}
          />
        )}
        {from && (
          <View>
            {from.points.map((one) => (
              <CheckRow
                key={one}
                point={checkPoint(one)!}
                check={checks.get(one)}
                context={context}
                onPress={() => onPart(one)}
              />
            ))}
            <Txt size={14} color="softInk" style={{ paddingTop: 8 }}>
              {last ? `Together: ${checkText(last)}.` : 'Enter them one by one, or choose the result below.'}
            </Txt>
          </View>
        )}
        <Choice
          as="rows"
          label={name}
          options={states}
          chosen={last?.state ?? null}
          onChoose={(state) => keep({ state, ...(note.trim() === '' ? {} : { note: note.trim() }) })}
        />
        {number && <TextButton onPress={() => setTyping(true)}>Enter the figure</TextButton>}
        {last && <TextButton onPress={clear}>Clear answer</TextButton>}
      </View>
    </Sheet>
  );
}

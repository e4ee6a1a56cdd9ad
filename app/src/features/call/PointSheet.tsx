import type { VisitDto } from '@huff/contract';
import { checkPoint, checkQuestion, type Check, type CheckContext, type CheckPoint } from '@huff/core/call';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { Choice } from '../../ui/form';
import { NumberSheet } from '../../ui/keypad';
import { TextButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { withFact } from '../visitState/newFact';

interface PointSheetProps {
  /** The point that is asked for; undefined while none is. */
  readonly asked?: string;
  readonly context: CheckContext;
  readonly last?: Check;
  readonly onCheck: (check: Check) => void;
  readonly onClose: () => void;
}

const NOTE_LENGTH = 200;

/** The visit with one more check. */
export const withCheck = (visit: VisitDto, check: Check): VisitDto =>
  withFact(visit, 'check', { ...check }, new Date());

/** Types or touches what is read at a point: a figure by the big keypad, a state by a touch. */
export function PointSheet({ asked, ...rest }: PointSheetProps) {
  const point = asked === undefined ? undefined : checkPoint(asked);
  return point ? <Asked key={point.id} point={point} {...rest} /> : null;
}

function Asked({
  point,
  context,
  last,
  onCheck,
  onClose,
}: Omit<PointSheetProps, 'asked'> & { readonly point: CheckPoint }) {
  const { id, name, number, states = [] } = point;
  // One state beside a figure is a key of the keypad; several are touched, and the figure is a touch away.
  const [typing, setTyping] = useState(number !== undefined && states.length <= 1);
  const [note, setNote] = useState(last?.note ?? '');
  const keep = (check: Omit<Check, 'point'>) => {
    onCheck({ point: id, ...check });
    onClose();
  };
  const hint = `${point.where}. Expected: ${point.expects}.${point.live ? '' : ' Power off, verified dead.'}`;
  if (typing && number) {
    const [only] = states;
    return (
      <NumberSheet
        asked={{ label: name, unit: number.unit, min: number.min, max: number.max, hint, value: last?.value }}
        sideWords={only?.text ?? 'not read'}
        wrong={(value) => checkQuestion({ point: id, value }, context)}
        onKeep={(value) => {
          if (value !== null) keep({ value });
          else if (only) keep({ state: only.id });
          else onClose();
        }}
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
        <Choice
          as="rows"
          label={name}
          options={states}
          chosen={last?.state ?? null}
          onChoose={(state) => keep({ state, ...(note.trim() === '' ? {} : { note: note.trim() }) })}
        />
        {number && <TextButton onPress={() => setTyping(true)}>Type the figure instead</TextButton>}
      </View>
    </Sheet>
  );
}

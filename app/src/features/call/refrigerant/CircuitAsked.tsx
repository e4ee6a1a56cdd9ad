import { REFRIGERANTS } from '@huff/core/call';
import { View } from 'react-native';
import { Choice } from '../../../ui/form';
import { NumberSheet } from '../../../ui/keypad';
import { Sheet } from '../../../ui/sheet';
import { Txt } from '../../../ui/text';
import { askedField, nextField } from './ladderMarks';

interface CircuitAskedProps {
  /** The field that is asked for; undefined while none is. */
  readonly asked?: string;
  readonly own: Readonly<Record<string, unknown>>;
  readonly onAsk: (field: string | undefined) => void;
  readonly onKeep: (changed: Record<string, unknown>) => void;
}

/** The keypad of a circuit's readings, one after another. A gauge is asked for once it is known what it is on. */
export function CircuitAsked({ asked, own, onAsk, onKeep }: CircuitAskedProps) {
  const isGauge = asked === 'suctionPsig' || asked === 'highPsig';
  const namesFirst = isGauge && own.refrigerant === undefined;
  const close = () => onAsk(undefined);
  return (
    <>
      <Sheet open={namesFirst} onClose={close} title="Which refrigerant">
        <View style={{ gap: 12 }}>
          <Txt size={15} color="softInk">
            It is on the nameplate. Each refrigerant has a different temperature at the same pressure.
          </Txt>
          <Choice
            as="rows"
            label="Refrigerant"
            options={REFRIGERANTS.map((id) => ({ id, text: id }))}
            chosen={null}
            onChoose={(id) => onKeep({ refrigerant: id })}
          />
        </View>
      </Sheet>
      <NumberSheet
        asked={namesFirst || asked === undefined ? undefined : askedField(asked, own[asked])}
        onKeep={(value) => {
          if (asked === undefined) return;
          // "not known" at what was not typed changes nothing: it ends the asking.
          if (value !== null || typeof own[asked] === 'number') onKeep({ [asked]: value });
          onAsk(value === null ? undefined : nextField(asked, own));
        }}
        onClose={close}
      />
    </>
  );
}

import { shownText, toolText } from '@huff/core';
import { fanCyclingPsig, type CallAssessment } from '@huff/core/call';
import { View } from 'react-native';
import { TextButton } from '../../../ui/page';
import { Heading, Txt } from '../../../ui/text';
import { useWholeVisit } from '../../visitState/WholeVisit';
import { CallLines } from '../CallLines';

export type Circuit = CallAssessment['circuits'][number];

/** What the ladder says beside its drawing: what cannot be, what a difference rests on, the pressure ratio. */
export function LadderWords({ circuit }: { readonly circuit?: Circuit }) {
  const ladder = circuit?.ladder;
  const over = ladder?.gaps.get('condensingOver');
  return (
    <>
      {(circuit?.errors ?? []).map(({ field, message }) => (
        <Txt key={field + message} role="alert" size={15}>
          {message}
        </Txt>
      ))}
      {[...(ladder?.gaps.values() ?? [])].map(
        ({ id, note, name }) =>
          note !== undefined && (
            <Txt key={id} size={14} color="softInk">
              {`${name}: ${note}`}
            </Txt>
          ),
      )}
      {ladder?.pressureRatio !== undefined && (
        <Txt size={14} color="softInk">
          {`Pressure ratio ${ladder.pressureRatio.toFixed(1)}${over ? `, condensing ${shownText(over.valueF, 'deltaF', 0)} over ambient` : ''}.`}
        </Txt>
      )}
    </>
  );
}

interface InHeatingProps {
  readonly circuit?: Circuit;
  readonly supplyF: unknown;
  readonly onSupply: () => void;
}

/** What is judged while a heat pump heats. */
export function InHeating({ circuit, supplyF, onSupply }: InHeatingProps) {
  return (
    <View style={{ gap: 6 }}>
      <Heading size={17}>In heating</Heading>
      <CallLines lines={circuit?.heating ?? []} />
      <TextButton onPress={onSupply}>
        {typeof supplyF === 'number' ? `Supply air ${shownText(supplyF, 'degF', 0)}°` : 'Enter supply air'}
      </TextButton>
    </View>
  );
}

/** What cold weather does to the high side, and at which pressures a fan control switches. */
export function ColdWords({ circuit }: { readonly circuit?: Circuit }) {
  const { whole } = useWholeVisit();
  const cold = circuit?.cold ?? [];
  const refrigerant = circuit?.ladder?.refrigerant;
  const cycling =
    cold.length > 0 && refrigerant
      ? fanCyclingPsig(refrigerant, undefined, whole.setup?.altitudeFt ?? undefined)
      : undefined;
  return (
    <>
      {cycling && (
        <Txt size={15}>
          {`For ${refrigerant}: fan off near ${toolText(cycling.cutOutPsig, 'psig')}, on near ${toolText(cycling.cutInPsig, 'psig')} on the high side.`}
        </Txt>
      )}
      {cold.map((sentence) => (
        <Txt key={sentence} role="alert" size={15}>
          {sentence}
        </Txt>
      ))}
    </>
  );
}

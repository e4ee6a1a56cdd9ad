import { tonsText } from '@huff/core';
import { View } from 'react-native';
import { Choice } from '../../ui/form';
import { TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';

const USUAL_TONS = ['1.5', '2', '2.5', '3', '3.5', '4', '5'];

interface TonsChoiceProps {
  readonly tons?: number | null;
  readonly onTons: (tons: number) => void;
  /** Another size is typed. */
  readonly onMore: () => void;
  readonly onModel: () => void;
}

/** Nominal tons by chips; larger ones are typed, the model number offers one. */
export function TonsChoice({ tons, onTons, onMore, onModel }: TonsChoiceProps) {
  const said = tons ? tonsText(tons) : null;
  const other = said !== null && !USUAL_TONS.includes(said) ? said : undefined;
  return (
    <View style={{ gap: 2 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' }}>
        <Txt size={14} color="softInk">
          Nominal tons
        </Txt>
        <TextButton onPress={onModel}>from the model number</TextButton>
      </View>
      <Choice
        label="Nominal tons"
        as="strip"
        options={[...USUAL_TONS, other ?? 'more'].map((text) => ({ id: text, text }))}
        chosen={said}
        onChoose={(text) => (text === 'more' || text === other ? onMore() : onTons(Number(text)))}
      />
    </View>
  );
}

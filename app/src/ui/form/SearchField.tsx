import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { TextButton } from '../page/TextButton';

interface SearchFieldProps {
  /** What can be found, as a label. */
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** It has the keyboard when it is drawn. */
  readonly autoFocus?: boolean;
}

/** A field that finds as one types. */
export function SearchField({ label, value, onChange, autoFocus }: SearchFieldProps) {
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 14 }}>
      <TextInput
        mode="outlined"
        label={label}
        accessibilityLabel={label}
        value={value}
        onChangeText={onChange}
        autoFocus={autoFocus}
        autoCapitalize="none"
        autoCorrect={false}
        style={{ flex: 1 }}
      />
      {value !== '' && <TextButton onPress={() => onChange('')}>Clear</TextButton>}
    </View>
  );
}

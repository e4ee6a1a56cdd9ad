import { useState } from 'react';
import { TextInput } from 'react-native-paper';

interface SecretFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  /** What the browser's own keeper of passphrases is told: one to be made, or one that is known. */
  readonly isNew?: boolean;
  readonly onSubmit?: () => void;
}

/** A passphrase, hidden until somebody wants to see it: with gloves one types wrong. */
export function SecretField({ label, value, onChange, isNew, onSubmit }: SecretFieldProps) {
  const [isShown, setShown] = useState(false);
  return (
    <TextInput
      mode="outlined"
      label={label}
      accessibilityLabel={label}
      value={value}
      onChangeText={onChange}
      secureTextEntry={!isShown}
      autoComplete={isNew ? 'new-password' : 'current-password'}
      autoCapitalize="none"
      autoCorrect={false}
      onSubmitEditing={onSubmit}
      right={
        <TextInput.Icon
          icon={isShown ? 'eye-off-outline' : 'eye-outline'}
          accessibilityLabel={isShown ? 'Hide passphrase' : 'Show passphrase'}
          onPress={() => setShown(!isShown)}
          // A glove needs 48 px.
          style={{ width: 48, height: 48 }}
        />
      }
    />
  );
}

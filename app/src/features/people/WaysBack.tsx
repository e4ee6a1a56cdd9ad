import type { Person } from '@huff/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { tell } from '../../data/ask';
import { ActionButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { canUsePasskeys, makePasskey } from './passkey';
import { SecretField } from './SecretField';
import { useAtDoor } from './useAtDoor';

/** How a person signs in again: a passkey of the phone's own lock, or a name with a passphrase. */
export function WaysBack({ person }: { readonly person: Person }) {
  const [name, setName] = useState(person.signInName ?? (person.name === 'Technician' ? '' : person.name));
  const [passphrase, setPassphrase] = useState('');
  const [current, setCurrent] = useState('');
  const [done, setDone] = useState<string>();
  const { isBusy, why, attempt } = useAtDoor();
  const keep = () => {
    setDone(undefined);
    void attempt(
      () => tell('PUT', '/api/me/passphrase', { name, passphrase, ...(person.hasPassphrase ? { current } : {}) }),
      () => {
        setDone('Passphrase saved. Other devices of yours have to sign in again.');
        setPassphrase('');
        setCurrent('');
      },
    );
  };
  const makeOne = () => {
    setDone(undefined);
    void attempt(makePasskey, () => setDone('Passkey saved on this device.'));
  };
  return (
    <View style={{ gap: 10 }}>
      {canUsePasskeys() && (
        <ActionButton quiet disabled={isBusy} onPress={makeOne}>
          {person.passkeys > 0 ? 'Add another passkey' : 'Make a passkey'}
        </ActionButton>
      )}
      <TextInput
        mode="outlined"
        label="Sign-in name"
        accessibilityLabel="Sign-in name"
        value={name}
        onChangeText={setName}
        autoComplete="username"
        autoCorrect={false}
      />
      {person.hasPassphrase && <SecretField label="Current passphrase" value={current} onChange={setCurrent} />}
      <SecretField label="New passphrase" value={passphrase} onChange={setPassphrase} isNew />
      <Txt size={15} color="softInk">
        12 characters or more. Four or five words are easy to remember.
      </Txt>
      {why !== undefined && <Txt role="alert">{why}</Txt>}
      {done !== undefined && <Txt role="status">{done}</Txt>}
      <ActionButton quiet disabled={isBusy || name.trim() === '' || passphrase === ''} onPress={keep}>
        {person.hasPassphrase ? 'Change passphrase' : 'Set passphrase'}
      </ActionButton>
    </View>
  );
}

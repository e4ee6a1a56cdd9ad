import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { tell } from '../../data/ask';
import { useSession } from '../../data/session';
import { useWaiting } from '../../data/useOutbox';
import { ActionButton, Columns, Page } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { CodeEntry } from './CodeEntry';
import { canUsePasskeys, signInByPasskey } from './passkey';
import { SecretField } from './SecretField';
import { SecureNotice } from './SecureNotice';
import { useAtDoor } from './useAtDoor';

const goOn = () => router.replace('/');

/** The door: by passkey, by name and passphrase, or by a code from the desk. What this phone has not sent stays, no matter who comes in. */
export function SignInPage() {
  const { session } = useSession();
  const { waiting } = useWaiting();
  const person = session?.person;
  return (
    <Page title="Sign in" under="Huff works without a signal once you are in" back="/" broad>
      <Columns
        main={
          <View style={{ gap: 18 }}>
            {person && (
              <>
                <Txt role="status">{`You are signed in as ${person.name}.`}</Txt>
                <ActionButton onPress={goOn}>Open today’s jobs</ActionButton>
              </>
            )}
            {waiting > 0 && (
              <Txt>
                {`${waiting === 1 ? '1 record is' : `${waiting} records are`} saved on this phone and not synced yet. Each is sent under the name of the person who made it.`}
              </Txt>
            )}
            <SecureNotice />
            <ByPassphrase />
          </View>
        }
        side={
          <View style={{ gap: 8 }}>
            <Heading size={19}>With a code</Heading>
            <Txt color="softInk">First time here, or no passphrase? Ask the owner for a code. It works once.</Txt>
            <CodeEntry onIn={goOn} />
          </View>
        }
      />
    </Page>
  );
}

function ByPassphrase() {
  const [name, setName] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const { isBusy, why, attempt } = useAtDoor();
  const signIn = () => void attempt(() => tell('POST', '/api/session/passphrase', { name, passphrase }), goOn);
  return (
    <View style={{ gap: 10 }}>
      {canUsePasskeys() && (
        <ActionButton disabled={isBusy} onPress={() => void attempt(signInByPasskey, goOn)}>
          Use passkey
        </ActionButton>
      )}
      <TextInput
        mode="outlined"
        label="Name"
        accessibilityLabel="Name"
        value={name}
        onChangeText={setName}
        autoComplete="username"
        autoCapitalize="words"
        autoCorrect={false}
      />
      <SecretField label="Passphrase" value={passphrase} onChange={setPassphrase} onSubmit={signIn} />
      {why !== undefined && <Txt role="alert">{why}</Txt>}
      <ActionButton
        quiet={canUsePasskeys()}
        disabled={isBusy || name.trim() === '' || passphrase === ''}
        onPress={signIn}
      >
        {isBusy ? 'Signing in…' : 'Sign in'}
      </ActionButton>
    </View>
  );
}

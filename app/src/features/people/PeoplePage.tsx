import { may, type EntryCode, type Person, type SessionState } from '@huff/contract';
import { useQueryClient } from '@tanstack/react-query';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { tell } from '../../data/ask';
import { entryCode, useDevices, usePeople, useSession } from '../../data/session';
import { ListRow, ListSection } from '../../ui/list';
import { ActionButton, Columns, Page, TextButton } from '../../ui/page';
import { Heading, momentText, Txt } from '../../ui/text';
import { CodeCard } from './CodeCard';
import { PersonSheet } from './PersonSheet';
import { SecureNotice } from './SecureNotice';
import { WaysBack } from './WaysBack';

/** Who comes in, with which phones, and how the owner locks the door. */
export function PeoplePage() {
  const { session, isUnknown } = useSession();
  return (
    <Page title="People and phones" under="Who comes in, and with what" back="/settings" broad>
      {session?.person ? (
        <Known session={session} person={session.person} />
      ) : (
        <View style={{ paddingHorizontal: 16, gap: 14 }}>
          <Txt color="softInk">{isUnknown ? 'Needs the server. Try again with a signal.' : 'Not signed in.'}</Txt>
          <ActionButton onPress={() => router.push('/sign-in')}>Sign in</ActionButton>
        </View>
      )}
    </Page>
  );
}

function Known({ session, person }: { readonly session: SessionState; readonly person: Person }) {
  return (
    <Columns
      main={
        <View style={{ gap: 22 }}>
          <SecureNotice />
          <Phones person={person} />
          <People mayChange={may(person.role, 'people')} />
        </View>
      }
      side={
        <View style={{ gap: 22 }}>
          <Yourself session={session} person={person} />
          <Devices />
        </View>
      }
    />
  );
}

const STEPS = [
  'Show the code here and scan it with the phone’s camera.',
  'The first time, install the shop’s certificate as the phone shows.',
  'The phone is in. It works without a signal from then on.',
] as const;

/** A code at the desk, for the phone of the person who is signed in here. */
function Phones({ person }: { readonly person: Person }) {
  const [made, setMade] = useState<EntryCode>();
  const [why, setWhy] = useState<string>();
  const make = async () => {
    const told = await entryCode();
    if (told.ok) setMade(told.body);
    setWhy(told.ok ? undefined : told.why);
  };
  return (
    <View style={{ gap: 10 }}>
      <Heading size={19}>Add your phone</Heading>
      {made ? (
        <CodeCard made={made} whose="one phone" />
      ) : (
        <>
          <Txt color="softInk">{`The phone works under the name ${person.name}.${may(person.role, 'people') ? ' For somebody else, make a code under People.' : ''}`}</Txt>
          <View style={{ gap: 2 }}>
            {STEPS.map((step, i) => (
              <Txt key={step} color="softInk">{`${i + 1}. ${step}`}</Txt>
            ))}
          </View>
        </>
      )}
      {why !== undefined && <Txt role="alert">{why}</Txt>}
      <ActionButton quiet={made !== undefined} onPress={() => void make()}>
        {made ? 'Make another code' : 'Show code for your phone'}
      </ActionButton>
    </View>
  );
}

const personWords = ({ role, leftAt, hasPassphrase, passkeys }: Person): string => {
  if (leftAt !== null) return `left ${momentText(leftAt)}`;
  const ways = [hasPassphrase && 'passphrase', passkeys > 0 && 'passkey'].filter(Boolean).join(' and ');
  return `${role}, ${ways === '' ? 'no passphrase yet' : `signs in with ${ways}`}`;
};

function People({ mayChange }: { readonly mayChange: boolean }) {
  const { people = [], reload } = usePeople();
  const [edited, setEdited] = useState<Person | 'new'>();
  return (
    <ListSection title="People" {...(mayChange && { add: 'Add person', onAdd: () => setEdited('new') })}>
      {people.map((one) =>
        mayChange ? (
          <ListRow key={one.id} name={one.name} under={personWords(one)} onPress={() => setEdited(one)} />
        ) : (
          <Txt key={one.id} style={{ paddingVertical: 8 }}>{`${one.name}: ${personWords(one)}`}</Txt>
        ),
      )}
      {edited && (
        <PersonSheet
          person={edited === 'new' ? undefined : edited}
          onChanged={() => void reload()}
          onClose={() => setEdited(undefined)}
        />
      )}
    </ListSection>
  );
}

function Yourself({ session, person }: { readonly session: SessionState; readonly person: Person }) {
  const client = useQueryClient();
  const signOut = async () => {
    await tell('DELETE', '/api/session');
    await client.invalidateQueries({ queryKey: ['session'] });
    router.replace('/sign-in');
  };
  return (
    <View style={{ gap: 10 }}>
      <Heading size={19}>Your sign-in</Heading>
      <Txt color="softInk">
        {!session.isAtComputer
          ? `${person.name}, ${person.role}.`
          : 'Anyone at this computer gets in as the owner. Phones need a code. Set a passphrase or make a passkey to lock this computer too.'}
      </Txt>
      <WaysBack person={person} />
      {!session.isAtComputer && <TextButton onPress={() => void signOut()}>Sign out here</TextButton>}
    </View>
  );
}

function Devices() {
  const { devices, reload } = useDevices();
  if (devices.length === 0) return null;
  const end = async (id?: string) => {
    await tell('DELETE', id === undefined ? '/api/me/devices' : `/api/me/devices/${id}`);
    await reload();
  };
  return (
    <ListSection title="Signed in with">
      {devices.map(({ id, label, usedAt, isThis }) => (
        <View key={id} style={{ flexDirection: 'row', alignItems: 'center', minHeight: 48 }}>
          <View style={{ flex: 1 }}>
            <Txt>{isThis ? `${label} (this one)` : label}</Txt>
            <Txt size={14} color="softInk">{`last used ${momentText(usedAt)}`}</Txt>
          </View>
          {!isThis && <TextButton onPress={() => void end(id)}>Sign out</TextButton>}
        </View>
      ))}
      {devices.length > 1 && <TextButton onPress={() => void end()}>Sign out everywhere else</TextButton>}
    </ListSection>
  );
}

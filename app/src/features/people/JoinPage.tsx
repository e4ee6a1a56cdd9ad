import type { SessionState } from '@huff/contract';
import { router } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { tell } from '../../data/ask';
import { ActionButton, Page } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { CodeEntry } from './CodeEntry';
import { SecureNotice } from './SecureNotice';
import { useAtDoor } from './useAtDoor';
import { WaysBack } from './WaysBack';

const codeInLink = () => decodeURIComponent((globalThis.location?.hash ?? '').slice(1));

/** Where a scanned code leads: it lets this phone in, then asks how it comes in again. */
export function JoinPage() {
  const [code] = useState(codeInLink);
  const [state, setState] = useState<SessionState>();
  const { isBusy, why, attempt } = useAtDoor();
  useEffect(() => {
    if (code === '') return;
    // Used once: it must not be tried again when the page is loaded anew.
    globalThis.history?.replaceState(null, '', '/join');
    void attempt(() => tell('POST', '/api/session/code', { code }), setState);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, with what the link brought
  }, []);
  const person = state?.person;
  return (
    <Page title="Join the shop" under={person ? `${person.name}, ${person.role}` : undefined} back="/">
      <View style={{ paddingHorizontal: 16, gap: 18 }}>
        <SecureNotice />
        {person ? (
          <>
            <Txt role="status" bold>{`You are in, ${person.name}.`}</Txt>
            <ActionButton onPress={() => router.replace('/')}>Open today’s jobs</ActionButton>
            <Heading size={19}>Coming back</Heading>
            <Txt color="softInk">
              This phone stays signed in. A passphrase or passkey lets you in on another one, without a code.
            </Txt>
            <WaysBack person={person} />
          </>
        ) : isBusy ? (
          <Txt role="status">Checking code…</Txt>
        ) : (
          <>
            {why !== undefined && <Txt role="alert">{why}</Txt>}
            <CodeEntry onIn={setState} />
          </>
        )}
      </View>
    </Page>
  );
}

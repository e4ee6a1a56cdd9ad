import { router, usePathname } from 'expo-router';
import { useEffect, useState } from 'react';
import { useSession } from '../../data/session';
import { useSyncStatus } from '../../data/useOutbox';

/** The first screen stands by then. */
const ASK_AFTER_MS = 1500;
const DOORS = ['/sign-in', '/join'];

/** Draws nothing: learns who works here, and leads a phone that knows nothing yet to the door. */
export function AtTheDoor() {
  const [asks, setAsks] = useState(false);
  const { phase } = useSyncStatus();
  useEffect(() => {
    const timer = setTimeout(() => setAsks(true), ASK_AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
  return asks || phase === 'signIn' ? <WhoIsHere /> : null;
}

function WhoIsHere() {
  const { session, isUnknown } = useSession();
  const { phase, everTold } = useSyncStatus();
  const address = usePathname();
  // Who was let in a moment ago is known before the next sync is answered: that person is not sent back.
  const isOut = phase === 'signIn' && (isUnknown || session?.person === null);
  useEffect(() => {
    // A phone that has records works on with them, and says on its first screen that it is signed out.
    if (isOut && !everTold && !DOORS.includes(address)) router.replace('/sign-in');
  }, [isOut, everTold, address]);
  return null;
}

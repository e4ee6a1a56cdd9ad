import type { Db } from '../db/db';
import { acrossShops } from '../db/shopFence';
import { isSignInOn } from './people';

const TOPIC = 'people';

/** Whether the computer itself asks who sits at it: looked up once, and again when a server that uses the database says that people changed. */
export function signInWatch(db: Db) {
  let known: Promise<boolean> | undefined;
  let isHearing = false;
  const forget = () => (known = undefined);
  return {
    isOn: (): Promise<boolean> => {
      if (!isHearing) db.hear(TOPIC, forget);
      isHearing = true;
      const asked = (known ??= acrossShops(() => isSignInOn(db.query)));
      // What could not be looked up is looked up again.
      asked.catch(forget);
      return asked;
    },
    /** Somebody can sign in now who could not before, or the other way round. */
    changed: async (): Promise<void> => {
      forget();
      await db.tell(TOPIC);
    },
  };
}

export type SignInWatch = ReturnType<typeof signInWatch>;

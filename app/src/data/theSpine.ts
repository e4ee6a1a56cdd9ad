import { v4 as uuid } from 'uuid';
import { queryClient } from './queryClient';
import { readAnew } from './readAnew';
import { storeName } from './shopStore';
import { begunNote } from './spine/begunNote';
import { carryOver } from './spine/carryOver';
import { openStore } from './spine/openStore';
import { stockQuestion, takingsOf } from './takings';
import { forgetWords } from './words/forgetWords';
import { askAhead } from './words/useServerWord';
import { startSpine, type Spine } from './spine/spine';

const TOLD = 'huff.told';

/** Whether the server never told this phone anything, known before its store is open. */
export function isNewHere(): boolean {
  try {
    return globalThis.localStorage?.getItem(TOLD) === null;
  } catch {
    return false;
  }
}

function rememberTold(): void {
  try {
    globalThis.localStorage?.setItem(TOLD, '1');
  } catch {
    // It is a hint; a phone that keeps nothing is new each time.
  }
}

let started: Spine | undefined;

/** The one spine of this page, begun when it is first asked for. */
export function spine(): Spine {
  return (started ??= startSpine({
    openStore,
    begunNote: begunNote(storeName(), uuid()),
    carryOver,
    onOtherPerson: () => void queryClient.invalidateQueries({ queryKey: ['session'] }),
    onTold: (told) => {
      rememberTold();
      // What was taken here goes out of sight here: what is left must be known by then, also where the signal is lost next.
      if (started && takingsOf(started.outbox.rows()).length > 0) void askAhead(queryClient, stockQuestion, 0);
      if (told?.isErased) void forgetWords(queryClient);
      return readAnew(queryClient, told);
    },
  }));
}

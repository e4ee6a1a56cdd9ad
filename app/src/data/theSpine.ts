import { queryClient } from './queryClient';
import { readAnew } from './readAnew';
import { carryOver } from './spine/carryOver';
import { openStore } from './spine/openStore';
import { startSpine, type Spine } from './spine/spine';

let started: Spine | undefined;

/** The one spine of this page, begun when it is first asked for. */
export function spine(): Spine {
  return (started ??= startSpine({ openStore, carryOver, onTold: (told) => readAnew(queryClient, told) }));
}

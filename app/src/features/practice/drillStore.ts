import type { VisitDto } from '@huff/contract';
import { caseVisit } from '@huff/contract/practice';
import {
  cabinetNow,
  drawCase,
  readCode,
  type Act,
  type Cabinet,
  type PracticeCase,
  type TimedAct,
} from '@huff/core/practice';
import { useSyncExternalStore } from 'react';
import { v4 as uuid } from 'uuid';
import { readActs } from './readActs';

/** The drill that is open on this phone. */
export interface OpenDrill {
  readonly id: string;
  readonly code: string;
  /** Without hints and without "not yet". */
  readonly isExam: boolean;
  readonly beganAt: string;
  readonly acts: readonly TimedAct[];
  /** What is written down: a visit that is never sent. */
  readonly visit: VisitDto;
  /** It is finished: only its debrief is left. */
  readonly isOver: boolean;
}

const KEY = 'huff.drill';

function kept(): OpenDrill | undefined {
  try {
    const drill = JSON.parse(globalThis.localStorage?.getItem(KEY) ?? 'null') as OpenDrill | null;
    return drill && readCode(drill.code).ok ? drill : undefined;
  } catch {
    return undefined;
  }
}

let open: OpenDrill | undefined;
let wasRead = false;
const listeners = new Set<() => void>();

function set(next: OpenDrill | undefined): void {
  open = next;
  wasRead = true;
  try {
    if (next) globalThis.localStorage?.setItem(KEY, JSON.stringify(next));
    else globalThis.localStorage?.removeItem(KEY);
  } catch {
    // A phone that keeps nothing has its drill until the page is closed.
  }
  for (const listener of listeners) listener();
}

function get(): OpenDrill | undefined {
  if (!wasRead) {
    open = kept();
    wasRead = true;
  }
  return open;
}

/** The case of a code that is known to be one. @throws Error for another */
export function caseOf(code: string): PracticeCase {
  const read = readCode(code);
  if (!read.ok) throw new Error(read.why);
  return drawCase(read.coded);
}

/** The one drill of this phone: it stays open over a reload and without a signal. */
export const drillStore = {
  get,
  subscribe: (listener: () => void) => {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  },
  /** Begins a drill; the one that was open is left. */
  begin(code: string, isExam: boolean, now: Date): void {
    const visit = caseVisit(caseOf(code), now, uuid);
    set({ id: uuid(), code, isExam, beganAt: now.toISOString(), acts: [], visit, isOver: false });
  },
  act(act: Act, now = Date.now()): void {
    const drill = get();
    if (!drill || drill.isOver) return;
    const atS = Math.round((now - Date.parse(drill.beganAt)) / 1000);
    const acts = [...drill.acts, { ...act, atS }];
    // Hands in a live cabinet end it there and then.
    const isStopped = cabinetNow(caseOf(drill.code), acts).stop !== undefined;
    set({ ...drill, acts, isOver: isStopped });
  },
  /** What was written down, and what it says was read. */
  write(visit: VisitDto): void {
    const drill = get();
    if (!drill || drill.isOver) return;
    const read = readActs(drill.visit, visit);
    set({ ...drill, visit });
    for (const act of read) drillStore.act(act);
  },
  finish(): void {
    const drill = get();
    if (drill) set({ ...drill, isOver: true });
  },
  leave: (): void => set(undefined),
};

export const useDrill = (): OpenDrill | undefined => useSyncExternalStore(drillStore.subscribe, get, get);

/** The cabinet of a drill as it is now. */
export const cabinetOfDrill = (drill: Pick<OpenDrill, 'code' | 'acts'>): Cabinet =>
  cabinetNow(caseOf(drill.code), drill.acts);

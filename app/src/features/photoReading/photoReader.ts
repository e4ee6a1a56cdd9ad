import type { Corners, PhotoTable, PixelBox } from '@huff/core/photo';
import { proxy, wrap, type Remote } from 'comlink';
import type { OpenedPhoto, PhotoRead, photoSteps } from '../../../worker/photoSteps';

export type { OpenedPhoto, PhotoRead };

/** How far a reading has come, as its worker tells it. */
export type Stage = Parameters<Parameters<typeof photoSteps.read>[2]>[0];

let worker: Worker | undefined;
let steps: Remote<typeof photoSteps> | undefined;
/** Rejects what is being waited for when it is given up. */
let giveUp: ((fault: Error) => void) | undefined;

function remote(): Remote<typeof photoSteps> {
  worker ??= new Worker(new URL('../../../worker/photo.worker', window.location.href));
  steps ??= wrap<typeof photoSteps>(worker);
  return steps;
}

/** What a person stopped. */
export class ReadingStopped extends Error {}

/** Waits for the worker, or until a person gives up. */
const waited = <T>(work: Promise<T>): Promise<T> =>
  Promise.race([
    work,
    new Promise<never>((_, reject) => {
      giveUp = reject;
    }),
  ]);

/** The reader of photos: one photo at a time, off the page. */
export const photoReader = {
  open: (file: Blob): Promise<OpenedPhoto> => waited(remote().open(file)),
  turn: (): Promise<OpenedPhoto> => waited(remote().turn()),
  read: (
    kind: 'table' | 'plate',
    corners: Corners,
    onStage: (stage: Stage) => void,
    onFirst: (tables: readonly PhotoTable[]) => void,
  ): Promise<PhotoRead> => waited(remote().read(kind, corners, proxy(onStage), proxy(onFirst))),
  cut: (box: PixelBox): Promise<Blob> => waited(remote().cut(box)),
  /** Gives up what is being done; the photo has to be opened again. */
  stop(): void {
    giveUp?.(new ReadingStopped('Stopped.'));
    worker?.terminate();
    worker = undefined;
    steps = undefined;
  },
};

import { type Remote, transfer, wrap } from 'comlink';
import type { Picture } from '@/core/look';
import type { TrayWish } from '@/core/simulate';
import { callOnce, type OneCall } from '../callOnce';
import type { Looked, LookedAt, LookerContract } from './contract';

/** A large photo on an old tablet. */
const LIMIT_MS = 60_000;

const newWorker = () => new Worker(new URL('./looker.worker.ts', import.meta.url), { type: 'module' });

/** Waits for a photo that is about to be chosen. Its proxy is held: comlink parts with a worker whose last proxy is collected. */
let ready: { readonly worker: Worker; readonly looker: Remote<LookerContract> } | undefined;

/** Somebody is about to choose a photo or to take one: begins the worker, whose first look would take half a second longer. */
export function makeReady(): void {
  if (ready || !canLook()) return;
  const worker = newWorker();
  ready = { worker, looker: wrap<LookerContract>(worker) };
  // One that does not even begin is none; the photo gets another, which says what is wrong.
  worker.onerror = () => {
    ready = undefined;
  };
  void ready.looker.makeReady().catch(() => undefined);
}

function readyWorker(): Worker {
  const worker = ready?.worker ?? newWorker();
  ready = undefined;
  return worker;
}

/** Whether photos can be looked at here: away from the page's own thread, with a canvas there. */
export const canLook = (): boolean => 'OffscreenCanvas' in globalThis && 'createImageBitmap' in globalThis;

/** Looks at a photo in a worker of its own. */
export const lookAtPhoto = (file: Blob, of: LookedAt): OneCall<Looked> =>
  callOnce<LookerContract, Looked>(readyWorker(), (looker) => looker.look(file, of), LIMIT_MS);

/** Draws a tray of simulated beans as a photo, and looks at it. */
export const drawnTray = (wish: TrayWish, seed: number): OneCall<Looked> =>
  callOnce<LookerContract, Looked>(newWorker(), (looker) => looker.tray(wish, seed), LIMIT_MS);

/** A worker that looks at what the camera sees, for as long as it is open. */
export interface FrameChecker {
  readonly check: (frame: Picture, of: LookedAt) => ReturnType<Remote<LookerContract>['check']>;
  readonly close: () => void;
}

/** Begins to look at what the camera sees. */
export function frameChecker(): FrameChecker {
  const worker = newWorker();
  const looker = wrap<LookerContract>(worker);
  return {
    check: (frame, of) => looker.check(transfer(frame, [frame.rgba.buffer]), of),
    close: () => worker.terminate(),
  };
}

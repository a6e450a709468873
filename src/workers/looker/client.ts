import { type Remote, transfer, wrap } from 'comlink';
import type { Picture } from '@/core/look';
import type { TrayWish } from '@/core/simulate';
import { callOnce, type OneCall } from '../callOnce';
import { startedAhead } from '../startedAhead';
import type { Looked, LookedAt, LookerContract } from './contract';

/** A large photo on an old tablet. */
const LIMIT_MS = 60_000;

const newWorker = () => new Worker(new URL('./looker.worker.ts', import.meta.url), { type: 'module' });
const lookers = startedAhead(newWorker);

/** That of the one that waits. It is held: comlink parts with a worker whose last proxy is collected. */
let waiting: Remote<LookerContract> | undefined;

/** Somebody is about to choose a photo or to take one: begins the worker, whose first look would take half a second longer. */
export function makeReady(): void {
  const worker = canLook() ? lookers.makeReady() : undefined;
  if (!worker) return;
  waiting = wrap<LookerContract>(worker);
  void waiting.makeReady().catch(() => undefined);
}

/** Whether photos can be looked at here: away from the page's own thread, with a canvas there. */
export const canLook = (): boolean => 'OffscreenCanvas' in globalThis && 'createImageBitmap' in globalThis;

/** Looks at a photo in a worker of its own. */
export const lookAtPhoto = (file: Blob, of: LookedAt): OneCall<Looked> =>
  callOnce<LookerContract, Looked>(lookers.take(), (looker) => looker.look(file, of), LIMIT_MS);

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

import { proxy, transfer } from 'comlink';
import type { HeardAgain } from '@/core/listen';
import { callOnce, type OneCall } from '../callOnce';
import type { Again, AgainContract } from './againContract';

/** Half an hour of sound on an old tablet. */
const LIMIT_MS = 600_000;
/** As a good microphone gives it; what was recorded lower holds no more. */
const RATE = 48_000;

/** Opens a recording and gives its samples; rejects where the browser cannot read it. */
export async function samplesOf(recording: Blob): Promise<{ samples: Float32Array; sampleRate: number }> {
  const context = new OfflineAudioContext(1, 1, RATE);
  const sound = await context.decodeAudioData(await recording.arrayBuffer());
  return { samples: sound.getChannelData(0).slice(), sampleRate: sound.sampleRate };
}

/** Listens to a recording once more, away from the page's own thread. Its samples go over and are gone here. */
export function hearAgain(again: Again, onShare: (share: number) => void): OneCall<HeardAgain> {
  const worker = new Worker(new URL('./again.worker.ts', import.meta.url), { type: 'module' });
  return callOnce<AgainContract, HeardAgain>(
    worker,
    (contract) => contract.listen(transfer(again, [again.samples.buffer]), proxy(onShare)),
    LIMIT_MS,
  );
}

import { fromPressS, heatS, type Roast } from '@/core/roast';
import { database } from '@/store/current';
import { addToSound, beginSound } from '@/store/sounds';
import { storageTrouble } from '@/ui/failureWords';

/** As small as browsers write it; the first that this one can. */
const MIMES = ['audio/webm;codecs=opus', 'audio/ogg;codecs=opus', 'audio/mp4'] as const;
/** Enough for what lies above 10 kHz, where second crack is: half a megabyte a minute. */
const BITS_A_SECOND = 64_000;
/** What was heard is written this often. */
const PIECE_MS = 4000;

/**
 * Keeps the sound of a roast, piece by piece as it comes; gives the way to stop. `onFailed` is told once that it cannot, and
 * why. Of several tabs that listen one keeps it, and the next goes on where that one is closed.
 */
export function keepSound(stream: MediaStream, roast: () => Roast, onFailed: (words: string) => void): () => void {
  const stop = new AbortController();
  const turn = () => recorded(stream, roast, stop.signal, onFailed);
  navigator.locks.request(`gander.sound/${roast().id}`, { signal: stop.signal }, turn).catch((error: unknown) => {
    // Its turn never came before it was stopped: another tab kept it.
    if (!stop.signal.aborted) onFailed(failedWords(error));
  });
  return () => stop.abort();
}

/** Records until it is stopped; rejects where that fails. */
async function recorded(
  stream: MediaStream,
  roast: () => Roast,
  stop: AbortSignal,
  onFailed: (words: string) => void,
): Promise<void> {
  const mime = 'MediaRecorder' in globalThis ? MIMES.find((each) => MediaRecorder.isTypeSupported(each)) : undefined;
  if (!mime) return onFailed('This browser cannot keep the sound. It listens all the same.');
  const recorder = new MediaRecorder(stream, { mimeType: mime, audioBitsPerSecond: BITS_A_SECOND });
  const end = () => recorder.state !== 'inactive' && recorder.stop();
  stop.addEventListener('abort', end);
  const db = database();
  let id = '';
  // One after the other: they are one file in the end.
  let last: Promise<unknown> = Promise.resolve();
  await new Promise<void>((resolve, reject) => {
    recorder.onstart = () => {
      const now = Date.now();
      const fromS = fromPressS(roast(), heatS(roast(), now));
      last = beginSound(db, { roastId: roast().id, fromS, mime }, now).then((made) => {
        id = made;
      });
    };
    recorder.ondataavailable = ({ data }) => {
      if (data.size > 0) last = last.then(async () => addToSound(db, id, await data.arrayBuffer()));
      last.catch((error: unknown) => {
        end();
        reject(error);
      });
    };
    recorder.onerror = () => reject(new Error('The recorder failed.'));
    recorder.onstop = () => last.then(() => resolve(), reject);
    if (stop.aborted) return resolve();
    recorder.start(PIECE_MS);
  });
}

const failedWords = (error: unknown) =>
  error instanceof Error && storageTrouble(error) === 'full'
    ? 'There is no room for more sound on this device. It listens all the same; delete older sounds under Files and settings.'
    : 'The sound could not be kept from here on. It listens all the same.';

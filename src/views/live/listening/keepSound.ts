import { heatS, type Roast } from '@/core/roast';
import { database } from '@/store/current';
import { addToSound, beginSound } from '@/store/sounds';
import { storageTrouble } from '@/ui/failureWords';

/** As small as browsers write it; the first that this one can. */
const MIMES = ['audio/webm;codecs=opus', 'audio/ogg;codecs=opus', 'audio/mp4'] as const;
/** Enough for what lies above 10 kHz, where second crack is: half a megabyte a minute. */
const BITS_A_SECOND = 64_000;
/** What was heard is written this often. */
const PIECE_MS = 4000;

/** Keeps the sound of a roast, piece by piece as it comes; gives the way to stop. `onFailed` is told once that it cannot, and why. */
export function keepSound(stream: MediaStream, roast: () => Roast, onFailed: (words: string) => void): () => void {
  const mime = 'MediaRecorder' in globalThis ? MIMES.find((each) => MediaRecorder.isTypeSupported(each)) : undefined;
  if (!mime) {
    onFailed('This browser cannot keep the sound. It listens all the same.');
    return () => undefined;
  }
  const recorder = new MediaRecorder(stream, { mimeType: mime, audioBitsPerSecond: BITS_A_SECOND });
  const db = database();
  let begun: Promise<string> | undefined;
  let failed = false;
  // One after the other: they are one file in the end.
  let last = Promise.resolve();
  const give = (error: unknown) => {
    if (failed) return;
    failed = true;
    if (recorder.state !== 'inactive') recorder.stop();
    onFailed(
      error instanceof Error && storageTrouble(error) === 'full'
        ? 'There is no room for more sound on this device. It listens all the same; delete older sounds under Files and settings.'
        : 'The sound could not be kept from here on. It listens all the same.',
    );
  };
  recorder.onstart = () => {
    const { id } = roast();
    const now = Date.now();
    begun = beginSound(db, { roastId: id, fromS: heatS(roast(), now), mime }, now);
    begun.catch(give);
  };
  recorder.ondataavailable = ({ data }) => {
    if (data.size === 0 || failed) return;
    last = last.then(async () => begun && (await addToSound(db, await begun, await data.arrayBuffer()))).catch(give);
  };
  recorder.onerror = () => give(undefined);
  recorder.start(PIECE_MS);
  return () => {
    if (recorder.state !== 'inactive') recorder.stop();
  };
}

import { useEffect, useRef, useState } from 'react';
import type { Roast } from '@/core/roast';
import { counted } from '@/core/units';
import { database } from '@/store/current';
import { type HeardPart, knownIn, replaceHeard } from '@/store/heardAgain';
import { knownEar } from '@/store/knownEar';
import { notify } from '@/store/notices';
import type { SoundRow } from '@/store/soundRow';
import { soundBlob } from '@/store/sounds';
import { Button } from '@/ui/Button';
import { wasCancelled } from '@/workers/callOnce';
import { hearAgain, samplesOf } from '@/workers/ear/again';

/** Listens to the kept sound once more, with what was corrected since, and puts the cracks in the place of the old ones. */
export function ListenAgain({ roast, sounds }: { readonly roast: Roast; readonly sounds: readonly SoundRow[] }) {
  const [share, setShare] = useState<number>();
  const [failed, setFailed] = useState<string>();
  const cancel = useRef(() => {});
  useEffect(() => () => cancel.current(), []);
  const listen = async () => {
    setFailed(undefined);
    setShare(0);
    const stop = new AbortController();
    cancel.current = () => stop.abort();
    try {
      const parts: HeardPart[] = [];
      for (const [i, sound] of sounds.entries())
        parts.push(await hearPart(roast, sound, (done) => setShare((i + done) / sounds.length), stop.signal));
      const { change, before, now } = await replaceHeard(database(), roast, parts);
      notify({ text: `It hears ${counted(now, 'crack')} now; ${before} before.`, undo: change });
    } catch (error) {
      if (!wasCancelled(error)) setFailed('That sound could not be read again. What was heard before stays.');
    } finally {
      setShare(undefined);
    }
  };
  if (share !== undefined)
    return (
      <span role="status" className="flex items-center gap-3">
        Listening again, <span className="num">{Math.round(share * 100)} %</span>
        <Button variant="quiet" onClick={() => cancel.current()}>
          Stop
        </Button>
      </span>
    );
  return (
    <>
      <Button onClick={() => void listen()}>Listen again</Button>
      {failed && <span role="alert">{failed}</span>}
    </>
  );
}

async function hearPart(
  roast: Roast,
  sound: SoundRow,
  onShare: (share: number) => void,
  stop: AbortSignal,
): Promise<HeardPart> {
  const db = database();
  const [blob, gear] = await Promise.all([soundBlob(db, sound.id), knownEar(db, roast.gearId, roast.id)]);
  if (!blob) throw new RangeError('The sound is gone.');
  const { samples, sampleRate } = await samplesOf(blob);
  stop.throwIfAborted();
  const { fromS } = sound;
  const lastsS = samples.length / sampleRate;
  const call = hearAgain({ samples, sampleRate, gear, known: knownIn(roast, fromS) }, onShare);
  stop.addEventListener('abort', call.cancel);
  return { fromS, lastsS, ...(await call.result) };
}

import { useEffect, useRef, useState } from 'react';
import { liveEntries, type Roast } from '@/core/roast';
import { counted } from '@/core/units';
import { knownEar, knownIn, replaceHeard } from '@/store/cracks';
import { database } from '@/store/current';
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
    try {
      let cracks = 0;
      const before = liveEntries(roast.entries).filter((each) => each.kind === 'crack').length;
      for (const [i, sound] of sounds.entries()) {
        const heard = await hearPart(roast, sound, (done) => setShare((i + done) / sounds.length), cancel);
        const change = await replaceHeard(database(), roast, heard);
        cracks += heard.cracks.length;
        if (i === sounds.length - 1)
          notify({ text: `It hears ${counted(cracks, 'crack')} now; ${before} stood there before.`, undo: change });
      }
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
  cancel: { current: () => void },
) {
  const db = database();
  const [blob, gear] = await Promise.all([soundBlob(db, sound.id), knownEar(db, roast.gearId, roast.id)]);
  if (!blob) throw new RangeError('The sound is gone.');
  const { samples, sampleRate } = await samplesOf(blob);
  const known = knownIn(roast, sound.fromS);
  const part = { fromS: sound.fromS, lastsS: samples.length / sampleRate };
  const call = hearAgain({ samples, sampleRate, gear, known }, onShare);
  cancel.current = call.cancel;
  return { ...part, ...(await call.result) };
}

import { lazy, Suspense, useState } from 'react';
import { cameraDrift, refusalWords } from '@/core/look';
import { counted } from '@/core/units';
import { cameraReads, forgetCameraReads, keepCameraRead } from '@/store/cameraReads';
import { Button } from '@/ui/Button';
import { Takers } from '@/ui/look/Takers';
import { useWords } from '@/ui/useHousehold';
import { canLook, lookAtPhoto } from '@/workers/looker/client';

const Camera = lazy(() => import('@/ui/look/Camera').then((module) => ({ default: module.Camera })));

/** Whether the camera reads what it did: opened by those who ask. */
export function CameraDrift() {
  const [isShown, setShown] = useState(false);
  if (!canLook()) return null;
  return (
    <details className="mb-2 max-w-[65ch]" onToggle={(event) => setShown(event.currentTarget.open)}>
      <summary className="flex min-h-11 items-center underline underline-offset-4">
        Does the camera read the same?
      </summary>
      {isShown && <Drift />}
    </details>
  );
}

/** Sees this device's camera drift: the same plain thing photographed now and then beside white paper ought to read the same. */
function Drift() {
  const [reads, setReads] = useState(cameraReads);
  const words = useWords();
  const [isOpen, setOpen] = useState(false);
  const [said, setSaid] = useState<{ readonly words: string; readonly isWrong: boolean }>();
  const look = async (file: Blob) => {
    setOpen(false);
    setSaid({ words: 'Looking…', isWrong: false });
    try {
      const looked = await lookAtPhoto(file, 'reference').result;
      if (looked.kind === 'unreadable') return setSaid({ words: looked.words, isWrong: true });
      if (looked.kind === 'refused') return setSaid({ words: refusalWords[looked.refuse], isWrong: true });
      const lightness = Number(looked.measure.medianL.toFixed(1));
      setReads(keepCameraRead({ at: new Date().toISOString(), lightness }));
      setSaid({ words: `It reads L* ${lightness.toFixed(1)}.`, isWrong: false });
    } catch {
      setSaid({ words: 'Looking did not work this time. Try it once more.', isWrong: true });
    }
  };
  const startAnew = () => {
    forgetCameraReads();
    setReads([]);
    setSaid(undefined);
  };
  const drift = cameraDrift(reads);
  const newest = reads.at(-1);
  return (
    <>
      <p>
        Photograph one plain, dull thing beside the white sheet now and then, such as the lid of a jar or{' '}
        <a href="/files/swatch/" className="underline underline-offset-4">
          a swatch from your printer
        </a>
        . What it reads should stay; where it wanders, so do the shades. Kept on this device, since another has another
        camera.
      </p>
      {newest && (
        <p className="mt-2">
          {counted(reads.length, 'photo')}, the newest from {words.dayOf(Date.parse(newest.at))}: L*{' '}
          {newest.lightness.toFixed(1)}.{' '}
          {drift && (
            <b>
              {drift.isSteady
                ? 'It reads the same.'
                : `It reads ${Math.abs(drift.by).toFixed(1)} L* ${drift.by > 0 ? 'lighter' : 'darker'} than it usually did.`}
            </b>
          )}
        </p>
      )}
      {said && (
        <p role={said.isWrong ? 'alert' : 'status'} className={said.isWrong ? 'text-danger mt-2' : 'mt-2'}>
          {said.words}
        </p>
      )}
      {isOpen ? (
        <Suspense fallback={<p className="text-husk">Opening the camera…</p>}>
          <Camera of="reference" onTaken={(file) => void look(file)} onClose={() => setOpen(false)} />
        </Suspense>
      ) : (
        <div className="mt-2 flex flex-wrap items-center gap-3">
          <Takers
            of="reference"
            again={reads.length > 0}
            onCamera={() => setOpen(true)}
            onFile={(file) => void look(file)}
          />
          {reads.length > 0 && (
            <Button variant="quiet" onClick={startAnew}>
              Begin anew with another thing
            </Button>
          )}
        </div>
      )}
    </>
  );
}

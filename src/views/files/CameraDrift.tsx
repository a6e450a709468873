import { lazy, Suspense, useState } from 'react';
import { cameraDrift } from '@/core/look';
import { counted } from '@/core/units';
import { cameraReads, forgetCameraReads, keepCameraRead } from '@/store/cameraReads';
import { Button } from '@/ui/Button';
import { LookingLine } from '@/ui/look/LookingLine';
import { Takers } from '@/ui/look/Takers';
import { useLooking } from '@/ui/look/useLooking';
import { useWords } from '@/ui/useHousehold';
import { canLook } from '@/workers/looker/client';

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
  const { looking, take, stop, clear } = useLooking<'reference'>(({ measure }) =>
    setReads(keepCameraRead({ readAt: new Date().toISOString(), lightness: Number(measure.medianL.toFixed(1)) })),
  );
  const look = (file: Blob) => {
    setOpen(false);
    void take(file, 'reference');
  };
  const startAnew = () => {
    forgetCameraReads();
    setReads([]);
    stop();
    clear();
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
        <p role="status" className="mt-2">
          {counted(reads.length, 'photo')}, the newest from {words.dayOf(Date.parse(newest.readAt))}: L*{' '}
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
      {isOpen ? (
        <Suspense fallback={<p className="text-husk">Opening the camera…</p>}>
          <Camera of="reference" onTaken={look} onClose={() => setOpen(false)} />
        </Suspense>
      ) : (
        <div className="mt-2 flex flex-wrap items-center gap-3">
          <Takers of="reference" again={reads.length > 0} onCamera={() => setOpen(true)} onFile={look} />
          {reads.length > 0 && (
            <Button variant="quiet" onClick={startAnew}>
              Begin anew with another thing
            </Button>
          )}
        </div>
      )}
      <LookingLine looking={looking} onStop={stop} onClear={clear} />
    </>
  );
}

import { lazy, Suspense, useState } from 'react';
import { lookOf, meantShade, type PullEntry, pullsOf, type Roast, type RoastLook } from '@/core/roast';
import { canLook } from '@/workers/looker/client';
import { keepSeen } from './keepSeen';
import { LookAnswer } from './LookAnswer';
import { LookingLine } from './LookingLine';
import { Takers } from './Takers';
import { useLooking } from './useLooking';

/** Only for those who open it. */
const Camera = lazy(() => import('./Camera').then((module) => ({ default: module.Camera })));

interface LookAtBeansProps {
  readonly roast: Roast;
  readonly pull: PullEntry;
  /** Which part of a staged pull it is, in words; nothing where there is one pull. */
  readonly part?: string | undefined;
}

/** The shade of a pull measured from a photo beside white paper: how to take it, and what it told. */
export function LookAtBeans({ roast, pull, part }: LookAtBeansProps) {
  const { looking, take, stop, clear } = useLooking((told, of: RoastLook['of']) => keepSeen(roast, pull, told, of));
  const [camera, setCamera] = useState<RoastLook['of']>();
  const look = lookOf(roast, pull.id);
  const wanted = meantShade(
    roast,
    pullsOf(roast).findIndex(({ id }) => id === pull.id),
  );
  if (!canLook()) return null;
  const chosen = (file: Blob, of: RoastLook['of']) => {
    setCamera(undefined);
    void take(file, of);
  };
  return (
    <section aria-label={part ? `Look at ${part}` : 'Look at the beans'} className="border-line border-y-2 py-4">
      <h2 className="mb-2 text-xl">{part ? `The look of ${part}` : 'The look of the beans'}</h2>
      {look && !camera && <LookAnswer roast={roast} look={look} wanted={wanted} />}
      {!look && (
        <p className="mb-3 max-w-[60ch]">
          Spread thirty or more beans one layer deep <b>beside</b> a plain white sheet, not on it. Daylight if there is
          any, no flash. Gander measures how dark and how even they are.
        </p>
      )}
      {camera ? (
        <Suspense fallback={<p className="text-husk py-4">Opening the camera…</p>}>
          <Camera of={camera} onTaken={(file) => chosen(file, camera)} onClose={() => setCamera(undefined)} />
        </Suspense>
      ) : (
        <div className="no-print mt-2 flex flex-wrap items-center gap-3">
          <Takers of="whole" again={look !== undefined} onCamera={setCamera} onFile={chosen} />
          {look && <Takers of="ground" again={false} onCamera={setCamera} onFile={chosen} />}
        </div>
      )}
      <LookingLine looking={looking} onStop={stop} onClear={clear} />
    </section>
  );
}

import { useLiveQuery } from 'dexie-react-hooks';
import { lazy, type ReactNode, Suspense } from 'react';
import { database, isPractice } from '@/store/current';
import { otherRoastsUnderWay } from '@/store/queries';

const BesideRoast = lazy(() => import('./BesideRoast').then((module) => ({ default: module.BesideRoast })));

/** What this roast is; where another one is on the heat too, its clock and next event beside it, and one press changes over. */
export function OtherRoast({ roastId, children }: { readonly roastId: string; readonly children: ReactNode }) {
  const [other] =
    useLiveQuery(async () => (isPractice() ? [] : await otherRoastsUnderWay(database(), roastId)), [roastId]) ?? [];
  return (
    <div className="mr-auto flex h-[calc(var(--bar)-4px)] min-w-0 flex-1 items-center gap-4 overflow-hidden">
      <div className={`min-w-0 ${other ? 'cramped:hidden' : ''}`}>{children}</div>
      {other && (
        <Suspense>
          <BesideRoast key={other.roast.id} named={other} />
        </Suspense>
      )}
    </div>
  );
}

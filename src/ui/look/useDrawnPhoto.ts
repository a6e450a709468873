import { useEffect } from 'react';
import type { Roast, RoastLook } from '@/core/roast';
import { seedOf, trayWishOf } from '@/core/simulate';
import { database } from '@/store/current';
import { putPhoto } from '@/store/photos';
import { drawnTray } from '@/workers/looker/client';

/** Draws the photo of simulated beans where it is missing; no photo from elsewhere ships with Gander. */
export function useDrawnPhoto(roast: Roast, look: RoastLook, isMissing: boolean): void {
  useEffect(() => {
    if (!isMissing || !look.drawn) return undefined;
    const call = drawnTray(trayWishOf(roast), seedOf(look.id));
    call.result.then(
      async (looked) => {
        if (looked.kind === 'measured') await putPhoto(database(), { ...looked.photo, id: look.id, roastId: roast.id });
      },
      // Left before it was drawn.
      () => undefined,
    );
    return call.cancel;
  }, [isMissing, roast, look]);
}

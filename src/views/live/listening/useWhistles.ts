import { useEffect, useState } from 'react';
import { heatS, milestoneNames } from '@/core/roast';
import { formatClock } from '@/core/units';
import { notify } from '@/store/notices';
import { useSteadyCallback } from '@/ui/useSteady';
import type { LiveRoastModel } from '../useLiveRoast';

/** So long stands what a whistle did. */
const SAID_MS = 8000;

/** What whistles do at the heat: one marks what comes next, two take the last back; and the words for it. */
export function useWhistles(model: LiveRoastModel) {
  const [said, setSaid] = useState<string>();
  useEffect(() => {
    if (said === undefined) return;
    const timer = setTimeout(() => setSaid(undefined), SAID_MS);
    return () => clearTimeout(timer);
  }, [said]);
  const onWhistled = useSteadyCallback((times: 1 | 2, wallMs: number) => {
    const { roast, situation, deeds, pressable, underWay } = model;
    if (!underWay) return;
    if (times === 2) {
      if (!pressable.undoable) return setSaid('Two whistles: there is nothing to take back.');
      void deeds.undo();
      return setSaid('Two whistles: taken back.');
    }
    if (!situation.charged) {
      void deeds.charge(wallMs);
      return setSaid('A whistle: beans in. Two take it back.');
    }
    const atS = heatS(roast, wallMs);
    const { milestone, part } = pressable;
    if (!milestone) return;
    if (part) {
      void deeds.pull(part, atS);
      return setSaid(`A whistle: a part out at ${formatClock(atS)}. Two take it back.`);
    }
    if (milestone === 'pull') {
      void deeds.pull(undefined, atS);
      // With the pull it stops listening: the words stand elsewhere, and whistles take nothing back any more.
      return notify({ text: `A whistle: pulled at ${formatClock(atS)}. Undo takes it back.` });
    }
    void deeds.log({ kind: 'mark', milestone }, atS);
    setSaid(`A whistle: ${milestoneNames[milestone]} at ${formatClock(atS)}. Two take it back.`);
  });
  return { said, onWhistled };
}

import { ArrowLeftRight } from 'lucide-react';
import { heatNow, nextWords, tellingsFor } from '@/core/heat';
import { heatS } from '@/core/roast';
import { formatClock } from '@/core/units';
import type { NamedRoast } from '@/store/queries';
import { useWords } from '@/ui/useHousehold';
import { useNow } from '@/ui/useNow';
import { useKnown } from './useKnown';

const nothingPutOff = new Map<string, number>();

/** Another roast that is on the heat: its clock and next event, and one press changes over to it. */
export function BesideRoast({ named }: { readonly named: NamedRoast }) {
  const words = useWords();
  const nowMs = useNow();
  const known = useKnown(named);
  const { roast, gear, gearName } = named;
  const nowS = heatS(roast, nowMs);
  const situation = heatNow({ roast, gear, ...known, nowS, words, putOff: nothingPutOff });
  const [gravest] = tellingsFor(situation);
  const { head, inS } = nextWords(situation, gravest);
  const danger = gravest?.level === 'danger' || gravest?.level === 'due';
  return (
    <a
      href={`/roast/live/?id=${encodeURIComponent(roast.id)}`}
      className="flex h-[64px] min-w-0 flex-1 items-center gap-2 rounded-xl border-2 border-dashed border-current px-2 leading-tight roomy:max-w-[26rem]"
    >
      <ArrowLeftRight aria-hidden="true" className="shrink-0" />
      <span className="min-w-0">
        <span className="block truncate text-[0.9rem]">
          {gearName} <b className="num">{formatClock(nowS)}</b>
        </span>
        <b className="block truncate text-[0.95rem]">
          {danger ? gravest.text : `${head}${inS === undefined ? '' : ` ${formatClock(inS)}`}`}
        </b>
      </span>
    </a>
  );
}

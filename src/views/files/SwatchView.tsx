import { format } from 'date-fns';
import { beanColour, MEDIUM, shadeTone } from '@/core/shade';
import { Button, LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';

/** Fills the camera's ring at arm's length, mm. */
const SIDE_MM = 70;

/** A plain thing to print, for those who have none: a card of one brown, to be photographed again and again. */
export function SwatchView() {
  return (
    <Island>
      <section className="pt-8">
        <h1 className="no-print mb-3 text-3xl">A swatch</h1>
        <p className="no-print mb-5 max-w-[60ch]">
          Print it on dull paper and cut it out along its edge, so that no white is left around it. Photograph it beside
          a white sheet now and then: it ought to read the same. What it reads at first does not matter.
        </p>
        {/* A drawing, not a background: browsers leave backgrounds out of what they print. */}
        <svg role="img" aria-label="The swatch: one plain brown" width={`${SIDE_MM}mm`} height={`${SIDE_MM}mm`}>
          <rect width="100%" height="100%" fill={beanColour(shadeTone(MEDIUM))} />
        </svg>
        <p className="mt-2 max-w-[70mm] text-[0.95rem]">
          Gander’s swatch, printed on {format(new Date(), 'd MMM yyyy')}. Keep it in a book: light fades it.
        </p>
        <div className="no-print mt-6 flex flex-wrap gap-3">
          <Button variant="next" onClick={() => print()}>
            Print it
          </Button>
          <LinkButton href="/files/">Back to settings</LinkButton>
        </div>
      </section>
    </Island>
  );
}

import { format } from 'date-fns';
import { renderSVG } from 'uqr';
import { Button, LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { jarHref } from '@/ui/jarWords';
import { NotHere } from '@/ui/NotHere';
import { useWords } from '@/ui/useHousehold';
import { useJar } from './JarView';

/** A label to print: what it is, when it was roasted, when it is ready and best, and a square that leads to its roast. */
export function LabelView() {
  return (
    <Island>
      <Label />
    </Island>
  );
}

function Label() {
  const words = useWords();
  const jar = useJar();
  if (jar === undefined) return <p className="text-husk py-10">Writing the label…</p>;
  if (jar === null)
    return (
      <NotHere what="jar" href="/larder/shelf/">
        To the shelf
      </NotHere>
    );
  const day = (ms: number) => format(ms, 'd MMM yyyy');
  const address = `${location.origin}/journal/roast/?id=${encodeURIComponent(jar.named.roast.id)}`;
  return (
    <section className="pt-8">
      <h1 className="no-print mb-5 text-3xl">A label for the jar</h1>
      <div className="print-label bg-white text-black">
        <div>
          <p className="font-heading text-2xl leading-tight font-bold">{jar.named.lot?.name ?? 'Coffee'}</p>
          <p>{[jar.named.lot?.origin, words.shade(jar.shade), words.weight(jar.grams)].filter(Boolean).join(' · ')}</p>
          <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3 text-[0.95rem]">
            <dt>roasted</dt>
            <dd className="font-bold whitespace-nowrap">{day(Date.parse(jar.madeAt))}</dd>
            <dt>ready</dt>
            <dd className="font-bold whitespace-nowrap">{day(jar.readyMs)}</dd>
            <dt>best until</dt>
            <dd className="font-bold whitespace-nowrap">{day(jar.bestMs)}</dd>
          </dl>
        </div>
        <img
          alt="Leads to its roast"
          width={96}
          height={96}
          src={`data:image/svg+xml;utf8,${encodeURIComponent(renderSVG(address))}`}
        />
      </div>
      <div className="no-print mt-6 flex gap-3">
        <Button variant="next" onClick={() => print()}>
          Print it
        </Button>
        <LinkButton href={jarHref(jar)}>Back to the jar</LinkButton>
      </div>
    </section>
  );
}

import { Download, RotateCcw, Share2, Trash2 } from 'lucide-react';
import { lazy, Suspense, useMemo, useState } from 'react';
import { controlsOf } from '@/core/gear';
import { readingsOf } from '@/core/heat';
import {
  isUnderWay,
  liveEntries,
  milestonesOfRoast,
  ribbonOf,
  shownLengthS,
  stretchesOf,
  stretchNames,
  wantedWords,
  windNames,
} from '@/core/roast';
import { capital, formatClock, localDay } from '@/core/units';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import type { NamedRoast } from '@/store/queries';
import { removeRoast } from '@/store/roasting';
import { Button, LinkButton } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { RoastFacts } from '@/ui/facts/RoastFacts';
import { shadeWords } from '@/ui/partWords';
import { ForecastMarks } from '@/ui/ribbon/ForecastMarks';
import { Ribbon } from '@/ui/ribbon/Ribbon';
import { TimeAxis } from '@/ui/ribbon/TimeAxis';
import { saveNotebook } from '@/ui/saveNotebook';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import { useWidth } from '@/ui/useWidth';
import { ByRecipe } from './ByRecipe';
import { CupsOfRoast } from './CupsOfRoast';
import { EntryList } from './EntryList';
import { Findings } from './Findings';
import { KeepRecipe } from './KeepRecipe';
import { PutRight } from './PutRight';
import { SoundOfRoast } from './sound/SoundOfRoast';
import { Tags } from './Tags';

const Chart = lazy(() => import('@/ui/TemperatureChart').then((module) => ({ default: module.TemperatureChart })));

const ShareRoast = lazy(() => import('./ShareRoast').then((module) => ({ default: module.ShareRoast })));

/** One roast: a sentence, the big ribbon, what is known of the batch, and every entry to be put right. */
export function RoastPage(named: NamedRoast) {
  const dates = useRoastDates();
  const { roast, lotName, gearName, gear } = named;
  const words = useWords();
  const { ref, width } = useWidth();
  const [asking, setAsking] = useState(false);
  const [sharing, setSharing] = useState(false);
  const ribbon = ribbonOf(roast);
  const readings = useMemo(() => readingsOf(liveEntries(roast.entries)), [roast]);
  const reached = milestonesOfRoast(roast);
  const controls = controlsOf(gear);
  const toS = ribbon.toS * 1.01;

  const remove = async () => {
    const change = await removeRoast(database(), roast.id);
    notify({ text: `The roast of ${lotName}, ${dates.date(roast.createdAt)}, is deleted.`, undo: change });
    location.assign('/journal/');
  };
  const fileName = `roast-${localDay(roast.createdAt)}-${lotName}`;
  const save = async () => saveNotebook({ kind: 'roasts', ids: [roast.id] }, fileName);

  return (
    <article className="pt-7">
      <p className="text-husk">{words.fullDate(roast.createdAt)}</p>
      <h1 className="mt-1 max-w-4xl text-[clamp(1.8rem,4vw,2.6rem)]">
        {lotName}, <span className="whitespace-nowrap">{words.weight(roast.greenGrams)}</span> in the {gearName},{' '}
        {shadeWords(roast, words.shade)}.
      </h1>
      <p className="mt-3 text-lg">{stretchSentence(reached, isUnderWay(roast))}</p>
      {roast.recipeId && <ByRecipe roast={roast} />}
      <div ref={ref} className="mt-8">
        <ForecastMarks width={width} fromS={0} toS={toS} reached={reached} forecasts={[]} />
        <SoundOfRoast roast={roast} width={width} fromS={0} toS={toS}>
          <Ribbon ribbon={ribbon} width={width} bodyHeight={84} fromS={0} toS={toS} words controls={controls} />
          <TimeAxis width={width} fromS={0} toS={toS} />
        </SoundOfRoast>
        {readings.length >= 3 && (
          <Suspense fallback={<p className="text-husk">Drawing the curve…</p>}>
            <Chart readings={readings} unit={words.temperatureUnit} fromS={0} toS={toS} />
          </Suspense>
        )}
      </div>
      <div className="no-print mt-6 flex flex-wrap gap-3">
        {isUnderWay(roast) ? (
          <LinkButton href={`/roast/live/?id=${encodeURIComponent(roast.id)}`} variant="next">
            It is still open: go on
          </LinkButton>
        ) : (
          <LinkButton href={`/roast/?again=${encodeURIComponent(roast.id)}`} variant="next">
            <RotateCcw className="mr-2 size-5" /> Roast this again
          </LinkButton>
        )}
        {reached.pull !== undefined && <KeepRecipe roast={roast} lotName={lotName} />}
        {roast.follows && (
          <LinkButton
            href={`/journal/compare/?ids=${encodeURIComponent(roast.follows)},${encodeURIComponent(roast.id)}`}
          >
            Compare with the one before
          </LinkButton>
        )}
        <Button onClick={() => void save()}>
          <Download className="mr-2 inline size-5" />
          Save as a file
        </Button>
        {!isUnderWay(roast) && (
          <Button onClick={() => setSharing(true)}>
            <Share2 className="mr-2 inline size-5" />
            For somebody else
          </Button>
        )}
        <Button onClick={() => setAsking(true)}>
          <Trash2 className="mr-2 inline size-5" />
          Delete
        </Button>
      </div>
      {!isUnderWay(roast) && <Findings roast={roast} gear={gear} />}
      <div className="mt-10 grid gap-x-12 gap-y-8 lg:grid-cols-2">
        <section className="border-ink border-t-2 pt-3">
          <h2 className="mb-4 text-2xl">The batch</h2>
          <p className="text-husk mb-4">
            Roasted {roast.place}
            {airWords(roast, words.temperature)}, wanted {wantedWords(roast, words.shade)}
            {roast.follows && (
              <>
                , like{' '}
                <a
                  className="text-ink underline underline-offset-4"
                  href={`/journal/roast/?id=${encodeURIComponent(roast.follows)}`}
                >
                  an earlier roast
                </a>
              </>
            )}
            .
          </p>
          <div className="no-print mb-5">
            <PutRight roast={roast} lotName={lotName} />
          </div>
          <RoastFacts roast={roast} />
          <Tags roast={roast} />
        </section>
        <section id="what-happened" className="border-ink border-t-2 pt-3">
          <h2 className="mb-2 text-2xl">What happened</h2>
          <EntryList roast={roast} controls={controls} />
        </section>
      </div>
      <Dialog open={asking} onClose={() => setAsking(false)} title="Delete this roast?">
        <p className="mb-5">
          Its ribbon, {roast.entries.length === 1 ? 'its one entry' : `its ${roast.entries.length} entries`} and its
          notes go; the {words.weight(roast.greenGrams)} of green it took count as unused again. You can undo it for a
          moment afterwards, and later from Files and settings.
        </p>
        <div className="flex flex-wrap gap-3">
          <Button variant="danger" onClick={() => void remove()}>
            Delete it
          </Button>
          <Button onClick={() => setAsking(false)}>Keep it</Button>
        </div>
      </Dialog>
      {sharing && (
        <Suspense>
          <ShareRoast
            named={named}
            fileName={fileName}
            controls={controls}
            onSave={() => void save()}
            onClose={() => setSharing(false)}
          />
        </Suspense>
      )}
      <CupsOfRoast roast={roast} />
    </article>
  );
}

/** “ at 4 °C, a breeze, in gear that was still hot”, as far as it was noted. */
function airWords({ ambientC, wind, gearHot }: NamedRoast['roast'], temperature: (celsius: number) => string): string {
  return [
    ambientC === undefined ? '' : ` at ${temperature(ambientC)}`,
    wind === undefined ? '' : `, ${windNames[wind]}`,
    gearHot ? ', in gear that was still hot' : '',
  ].join('');
}

const UNTIMED = 'When it was pulled was not written down.';

function stretchSentence(reached: ReturnType<typeof milestonesOfRoast>, underWay: boolean): string {
  const parts = stretchesOf(reached).map(
    ({ name, fromS, toS, share }) =>
      `${stretchNames[name]} took ${formatClock(shownLengthS({ fromS, toS }))}${share === undefined ? '' : ` (${Math.round(share * 100)}\u00a0%)`}`,
  );
  if (parts.length === 0)
    return reached.pull === undefined
      ? underWay
        ? 'Not pulled yet.'
        : UNTIMED
      : `Pulled at ${formatClock(reached.pull)}; the milestones on the way were not marked.`;
  const sentence = parts.length > 1 ? `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}` : (parts[0] ?? '');
  return `${capital(sentence)}${reached.pull === undefined ? '' : `; pulled at ${formatClock(reached.pull)}`}.${reached.pull === undefined && !underWay ? ` ${UNTIMED}` : ''}`;
}

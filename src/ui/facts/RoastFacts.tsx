import { useLiveQuery } from 'dexie-react-hooks';
import { Fragment, lazy, Suspense } from 'react';
import {
  evennesses,
  evennessNames,
  isUnderWay,
  lookOf,
  meantShade,
  measuredShade,
  type PullEntry,
  pullsOf,
  type Roast,
  roastedGrams,
  shadeAsKnown,
} from '@/core/roast';
import { judgeLoss, lossPercent, type ShadeNumber } from '@/core/shade';
import { logEntry } from '@/store/atTheHeat';
import { database } from '@/store/current';
import { usualLossOf } from '@/store/gearRecords';
import { editRoast } from '@/store/roasting';
import { useOwnScale } from '../look/useOwnScale';
import { Segmented } from '../Segmented';
import { ShadePicker } from '../ShadePicker';
import { StarPicker } from '../Stars';
import { useWords } from '../useHousehold';
import { LookFacts } from './LookFacts';
import { NoteField } from './NoteField';
import { ShadeGuessLine } from './ShadeGuessLine';
import { WeighIn } from './WeighIn';

/** Only where somebody looks: it brings the drawing of photos with it. */
const LookAtBeans = lazy(() => import('../look/LookAtBeans').then((module) => ({ default: module.LookAtBeans })));

/** What is known of a batch once it is out: weight, shade, evenness, how it was liked, a line of note. All of it can wait. */
export function RoastFacts({ roast }: { readonly roast: Roast }) {
  const pulls = pullsOf(roast);
  const edit = (facts: Partial<Roast>) => void editRoast(database(), roast.id, facts);
  // Said after the roast, so it carries the time of the pull it speaks of.
  const amendPull = (pull: PullEntry, facts: { grams?: number | null; shade?: ShadeNumber | null; guessed?: true }) =>
    void logEntry(database(), roast.id, { kind: 'amend', target: pull.id, ...facts }, pull.at);
  const scale = useOwnScale(roast.id);
  const isOver = !isUnderWay(roast);
  if (pulls.length === 0) return <p className="text-husk">No pull is marked, so there is nothing to weigh yet.</p>;
  return (
    <div className="space-y-5">
      {pulls.map((pull, i) => (
        <WeighIn
          key={pull.id}
          label={pulls.length > 1 ? `Roasted weight, part ${i + 1}` : 'Roasted weight'}
          grams={pull.grams}
          greenGrams={roast.greenGrams}
          onGrams={(grams) => amendPull(pull, { grams })}
        />
      ))}
      <LossLine roast={roast} />
      {pulls.map((pull, i) => (
        <Fragment key={pull.id}>
          <ShadePicker
            label={pulls.length > 1 ? `Shade of part ${i + 1} as it turned out` : 'Shade as it turned out'}
            value={pull.shade}
            wanted={meantShade(roast, i)}
            measured={measuredShade(roast, pull.id, scale?.lies)}
            guessed={pull.guessed}
            onChange={(shade) => amendPull(pull, { shade: shade ?? null })}
          />
          {isOver && (
            <Suspense fallback={null}>
              <LookAtBeans roast={roast} pull={pull} part={pulls.length > 1 ? `part ${i + 1}` : undefined} />
            </Suspense>
          )}
        </Fragment>
      ))}
      {pulls[0] && pulls.length === 1 && pulls[0].shade === undefined && !lookOf(roast) && (
        <ShadeGuessLine roast={roast} onTake={(shade) => amendPull(pulls[0] as PullEntry, { shade, guessed: true })} />
      )}
      <div>
        <p className="text-husk mb-1 text-[0.95rem]">How alike the beans are</p>
        <Segmented
          label="Evenness"
          value={roast.evenness}
          options={evennesses.map((value) => ({ value, name: evennessNames[value] }))}
          onChange={(evenness) => edit({ evenness })}
          onClear={() => edit({ evenness: undefined })}
        />
      </div>
      <LookFacts roast={roast} edit={edit} />
      <StarPicker stars={roast.stars} onChange={(stars) => edit({ stars })} />
      <NoteField
        key={roast.id}
        note={roast.note ?? ''}
        onNote={(note) => edit({ note: note === '' ? undefined : note })}
      />
    </div>
  );
}

/** Between the lightest and the darkest shade lie six points: a staged roast is odd only well beyond them. */
const STAGED_SD = 5;

/** Who says what is usual: the gear's own roasts speak before the table. */
const sayers = { table: '', gear: ' in this gear', gearAndLot: ' of these beans in this gear' } as const;

/** The loss beside what is usual for the shade, the gear, the beans and their moisture; with a remark only when it is odd. */
function LossLine({ roast }: { readonly roast: Roast }) {
  const words = useWords();
  const expected = useLiveQuery(() => usualLossOf(database(), roast), [roast]);
  const roasted = roastedGrams(roast);
  const shade = shadeAsKnown(roast);
  if (!expected) return null;
  const { meanPercent: mean, sdPercent: sd } = expected;
  // Parts of several shades have no one usual loss.
  const staged = pullsOf(roast).length > 1;
  const usual = staged
    ? ''
    : `${words.shade(shade)}${sayers[expected.from]} usually loses ${(mean - sd).toFixed(1)} to ${(mean + sd).toFixed(1)} %`;
  if (roasted === undefined)
    return (
      <p className="text-husk">
        From {words.weight(roast.greenGrams)} green{usual && `; ${usual}`}.
      </p>
    );
  const loss = lossPercent(roast.greenGrams, roasted);
  const remark = {
    usual: '',
    low: 'Less than usual: is the shade right, was every bean weighed?',
    high: 'More than usual: is the shade right, did beans get lost, was the green wet?',
    absurd: 'No roast loses that much: was a part left out, or is one weight a slip? Both are kept as they are.',
    gained: 'It weighs more than it did green. Look at both weights again; they are kept as they are.',
  }[judgeLoss(loss, staged ? { ...expected, sdPercent: STAGED_SD } : expected)];
  return (
    <p>
      <b className="text-xl">
        {loss < 0 ? 'Gained' : 'Loss'} {Math.abs(loss).toFixed(1)} %
      </b>{' '}
      {usual && <span className="text-husk">· {usual}.</span>}{' '}
      {remark && <span className="text-danger block">{remark}</span>}
    </p>
  );
}

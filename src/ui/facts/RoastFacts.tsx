import {
  evennesses,
  evennessNames,
  finalShade,
  meantShade,
  type PullEntry,
  pullsOf,
  type Roast,
  roastedGrams,
} from '@/core/roast';
import { judgeLoss, lossPercent, type ShadeNumber, shadeOf } from '@/core/shade';
import { logEntry } from '@/store/atTheHeat';
import { database } from '@/store/current';
import { editRoast } from '@/store/roasting';
import { Segmented } from '../Segmented';
import { ShadePicker } from '../ShadePicker';
import { StarPicker } from '../Stars';
import { useWords } from '../useHousehold';
import { LookFacts } from './LookFacts';
import { NoteField } from './NoteField';
import { WeighIn } from './WeighIn';

/** What is known of a batch once it is out: weight, shade, evenness, how it was liked, a line of note. All of it can wait. */
export function RoastFacts({ roast }: { readonly roast: Roast }) {
  const pulls = pullsOf(roast);
  const last = pulls.at(-1);
  const edit = (facts: Partial<Roast>) => void editRoast(database(), roast.id, facts);
  // Said after the roast, so it carries the time of the pull it speaks of.
  const amendPull = (pull: PullEntry, facts: { grams?: number | null; shade?: ShadeNumber | null }) =>
    void logEntry(database(), roast.id, { kind: 'amend', target: pull.id, ...facts }, pull.at);
  if (!last) return <p className="text-husk">No pull is marked, so there is nothing to weigh yet.</p>;
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
      <ShadePicker
        label="Shade as it turned out"
        value={last.shade}
        wanted={meantShade(roast)}
        onChange={(shade) => amendPull(last, { shade: shade ?? null })}
      />
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

/** The loss beside what is usual for the shade, with a remark only when it is odd. */
function LossLine({ roast }: { readonly roast: Roast }) {
  const words = useWords();
  const roasted = roastedGrams(roast);
  const shade = finalShade(roast) ?? meantShade(roast);
  const { mean, sd } = shadeOf(shade).lossPercent;
  const usual = `${words.shade(shade)} usually loses ${(mean - sd).toFixed(1)} to ${(mean + sd).toFixed(1)} %`;
  if (roasted === undefined)
    return (
      <p className="text-husk">
        From {words.weight(roast.greenGrams)} green; {usual}.
      </p>
    );
  const loss = lossPercent(roast.greenGrams, roasted);
  const remark = {
    usual: '',
    low: 'Less than usual: is the shade right, was every bean weighed?',
    high: 'More than usual: is the shade right, did beans get lost, was the green wet?',
    absurd: 'No roast loses that much: was a part left out, or is one weight a slip? Both are kept as they are.',
    gained: 'It weighs more than it did green. Look at both weights again; they are kept as they are.',
  }[judgeLoss(loss, shade)];
  return (
    <p>
      <b className="text-xl">Loss {loss.toFixed(1)} %</b> <span className="text-husk">· {usual}.</span>{' '}
      {remark && <span className="text-danger block">{remark}</span>}
    </p>
  );
}

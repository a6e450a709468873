import { differenceInCalendarDays } from 'date-fns';
import { useState } from 'react';
import { type Brew, type Cup, lineNames, type Sheet, sheetLines, tasteWords } from '@/core/taste';
import { counted } from '@/core/units';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import type { JarNow } from '@/store/shelf';
import { addCup, editCup, removeCup } from '@/store/tasting';
import { Button } from '@/ui/Button';
import { dayWords } from '@/ui/dates';
import { TextField } from '@/ui/Field';
import { jarTitle } from '@/ui/jarWords';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import { BrewSentence } from './BrewSentence';
import { type BrewDraft, draftOfBrew, plainBrew, readBrew } from './brewDraft';
import { ScoreLine } from './ScoreLine';

const OTHER = 'other';
/** The coffee of a cup whose jar is not known any more. */
const GONE = 'gone';

interface CupSheetProps {
  readonly jars: readonly JarNow[];
  readonly brew: Brew | undefined;
  readonly taster: string | undefined;
  /** The cup that is put right; a new one when absent. */
  readonly cup: Cup | undefined;
  readonly asked: string | null;
}

/** The sheet of one cup, a new one or one that is put right. */
export function CupSheet({ jars, brew: usual, taster: last, cup, asked }: CupSheetProps) {
  const words = useWords();
  const dates = useRoastDates();
  const [picked, setPicked] = useState<string>();
  const [name, setName] = useState(cup?.name ?? '');
  const [taster, setTaster] = useState((cup ? cup.taster : last) ?? '');
  const [sheet, setSheet] = useState<Sheet>(cup?.sheet ?? {});
  const [said, setSaid] = useState<readonly string[]>(cup?.words ?? []);
  const [note, setNote] = useState(cup?.note ?? '');
  const [brewed, setBrewed] = useState<BrewDraft>();
  const [error, setError] = useState('');
  const known = (id: string | null | undefined) => (jars.some(({ pull }) => pull.id === id) ? id : undefined);
  const of = known(cup ? cup.pullId : asked) ?? (cup && (cup.roastId ? GONE : OTHER));
  const value = picked ?? of ?? jars[0]?.pull.id ?? OTHER;
  const jar = jars.find(({ pull }) => pull.id === value);
  const scored = Object.values(sheet).some((score) => score !== undefined) || said.length > 0 || note.trim() !== '';
  // As the last cup was, since most people brew the same way each time.
  const brew = cup ? cup.brew : usual;
  const draft = brewed ?? (brew ? draftOfBrew(brew, words.weightUnit) : plainBrew);
  const keep = async () => {
    setError('');
    if (!scored) return setError('Move a slider, pick a word or write one: one of them is enough.');
    const read = readBrew(draft, words.weightUnit, setError);
    if (!read) return;
    const facts = {
      ...coffeeOf(value, jar, name, cup),
      sheet,
      words: [...said],
      taster: taster.trim() === '' ? undefined : taster.trim(),
      note: note.trim() === '' ? undefined : note.trim(),
      brew: { ...cup?.brew, ...read },
    };
    const db = database();
    if (cup) notify({ text: 'The cup is put right.', undo: await editCup(db, cup, facts) });
    else
      notify({ text: 'The cup is noted.', undo: await addCup(db, { ...facts, tastedAt: new Date().toISOString() }) });
    location.assign('/taste/');
  };
  const remove = async () => {
    if (cup) notify({ text: 'The cup is deleted.', undo: await removeCup(database(), cup) });
    location.assign('/taste/');
  };
  const toggle = (word: string) =>
    setSaid(said.includes(word) ? said.filter((each) => each !== word) : [...said, word]);
  return (
    <section className="max-w-4xl pt-7">
      <h1 className="text-[clamp(1.3rem,3.6vw,2.2rem)] leading-[1.5] font-medium">
        A cup of{' '}
        <select
          aria-label="Coffee"
          className="choice"
          value={value}
          onChange={(event) => setPicked(event.target.value)}
        >
          {value === GONE && <option value={GONE}>a roast</option>}
          {jars.map((each) => (
            <option key={each.pull.id} value={each.pull.id}>
              {jarTitle(each, words, dates.date)}
            </option>
          ))}
          <option value={OTHER}>other coffee</option>
        </select>{' '}
        <BrewSentence draft={draft} unit={words.weightUnit} onDraft={setBrewed} />
      </h1>
      <p className="text-husk mt-1">
        {jar ? ageWords(jar, cup?.tastedAt) : value === OTHER ? 'Coffee from elsewhere, to hold yours against.' : ''}
      </p>
      {value === OTHER && (
        <TextField
          label="What it is"
          autoComplete="off"
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      )}
      <div className="mt-4 grid gap-x-12 md:grid-cols-2">
        {sheetLines.map((line) => (
          <ScoreLine
            key={line}
            name={lineNames[line]}
            value={sheet[line]}
            onValue={(score) => setSheet({ ...sheet, [line]: score })}
          />
        ))}
      </div>
      <ScoreLine name="Overall" large value={sheet.overall} onValue={(overall) => setSheet({ ...sheet, overall })} />
      <div className="mt-4 flex flex-wrap gap-2">
        {Object.values(tasteWords)
          .flat()
          .map((word) => (
            <button
              key={word}
              type="button"
              aria-pressed={said.includes(word)}
              className="border-line aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-chaff min-h-11 rounded-xl border-2 px-3"
              onClick={() => toggle(word)}
            >
              {word}
            </button>
          ))}
      </div>
      <div className="mt-4 grid max-w-3xl gap-x-6 gap-y-2 sm:grid-cols-[1fr_12rem]">
        <TextField
          label="In your own words"
          maxLength={1000}
          autoComplete="off"
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
        <TextField
          label="Who tasted"
          maxLength={60}
          value={taster}
          onChange={(event) => setTaster(event.target.value)}
        />
      </div>
      {error && (
        <p role="alert" className="text-danger">
          {error}
        </p>
      )}
      <div className="mt-4 flex flex-wrap items-center gap-3">
        <Button variant="next" size="large" onClick={() => void keep()}>
          Keep this cup
        </Button>
        {cup && <Button onClick={() => void remove()}>Delete it</Button>}
      </div>
      <p className="text-husk mt-5 max-w-[70ch] text-[0.95rem]">
        Everything tastes the same? Look at the grounds first: dust and boulders together hide the roast. Then brew by
        immersion, then look at the roast.
      </p>
    </section>
  );
}

/** What the cup was of. A cup that is put right keeps its roast though the jar has left the shelf. */
function coffeeOf(value: string, jar: JarNow | undefined, name: string, cup: Cup | undefined) {
  if (jar) return { roastId: jar.named.roast.id, pullId: jar.pull.id, name: undefined };
  if (value === OTHER)
    return { roastId: undefined, pullId: undefined, name: name.trim() === '' ? undefined : name.trim() };
  return { roastId: cup?.roastId, pullId: cup?.pullId, name: cup?.name };
}

function ageWords(jar: JarNow, cuppedAt: string | undefined): string {
  const days = differenceInCalendarDays(cuppedAt ? new Date(cuppedAt) : new Date(), new Date(jar.madeAt));
  if (cuppedAt) return `Tasted ${dayWords(cuppedAt)}, ${counted(days, 'day')} from the roast.`;
  const age = days === 0 ? 'Roasted today' : days === 1 ? 'Roasted yesterday' : `${days} days from the roast`;
  if (jar.leftGrams < 1) return `${age}. The jar counts as empty; the cup is noted all the same.`;
  return jar.state === 'resting' ? `${age}, and still resting.` : `${age}.`;
}

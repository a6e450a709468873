import { differenceInCalendarDays } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { lineNames, type Sheet, sheetLines, tasteWords } from '@/core/taste';
import { database } from '@/store/current';
import { say } from '@/store/notices';
import { allJars, type JarNow } from '@/store/shelf';
import { addCup, lastBrew } from '@/store/tasting';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Island } from '@/ui/Island';
import { jarTitle } from '@/ui/jarWords';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import { BrewSentence } from './BrewSentence';
import { type BrewDraft, draftOfBrew, plainBrew, readBrew } from './brewDraft';
import { ScoreLine } from './ScoreLine';

/** One cup on our short sheet: under a minute, all of it can be left out but one thing. */
export function SheetView() {
  return (
    <Island>
      <OneCup />
    </Island>
  );
}

const OTHER = 'other';

function OneCup() {
  const words = useWords();
  const dates = useRoastDates();
  const jars = useLiveQuery(() => allJars(database(), Date.now()), []);
  const asked = new URLSearchParams(location.search).get('pull');
  const [picked, setPicked] = useState<string>();
  const [name, setName] = useState('');
  const [sheet, setSheet] = useState<Sheet>({});
  const [said, setSaid] = useState<readonly string[]>([]);
  const [note, setNote] = useState('');
  const [brewed, setBrewed] = useState<BrewDraft>();
  const usual = useLiveQuery(() => lastBrew(database()), []);
  const [error, setError] = useState('');
  if (!jars) return <p className="text-husk py-10">Setting out the cup…</p>;
  const value = picked ?? asked ?? jars[0]?.pull.id ?? OTHER;
  const jar = jars.find(({ pull }) => pull.id === value);
  const scored = Object.values(sheet).some((score) => score !== undefined) || said.length > 0 || note.trim() !== '';
  // As the last cup was, since most people brew the same way each time.
  const draft = brewed ?? (usual ? draftOfBrew(usual, words.weightUnit) : plainBrew);
  const keep = async () => {
    setError('');
    if (!scored) return setError('Move a slider, pick a word or write one: one of them is enough.');
    const brew = readBrew(draft, words.weightUnit, setError);
    if (!brew) return;
    const change = await addCup(database(), {
      ...(jar ? { roastId: jar.named.roast.id, pullId: jar.pull.id } : name.trim() === '' ? {} : { name: name.trim() }),
      at: new Date().toISOString(),
      sheet,
      words: [...said],
      ...(note.trim() === '' ? {} : { note: note.trim() }),
      brew,
    });
    say({ text: 'The cup is noted.', undo: change });
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
          {jars.slice(0, 20).map((each) => (
            <option key={each.pull.id} value={each.pull.id}>
              {jarTitle(each, words, dates.date)}
            </option>
          ))}
          <option value={OTHER}>other coffee</option>
        </select>{' '}
        <BrewSentence draft={draft} unit={words.weightUnit} onDraft={setBrewed} />
      </h1>
      <p className="text-husk mt-1">{jar ? ageWords(jar) : 'Coffee from elsewhere, to hold yours against.'}</p>
      {value === OTHER && (
        <TextField
          label="What it is"
          autoComplete="off"
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
      <div className="mt-4 max-w-xl">
        <TextField
          label="In your own words"
          maxLength={1000}
          autoComplete="off"
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
      </div>
      {error && (
        <p role="alert" className="text-danger">
          {error}
        </p>
      )}
      <Button variant="next" size="large" className="mt-4" onClick={() => void keep()}>
        Keep this cup
      </Button>
      <p className="text-husk mt-5 max-w-[70ch] text-[0.95rem]">
        Everything tastes the same? Look at the grounds first: dust and boulders together hide the roast. Then brew by
        immersion, then look at the roast.
      </p>
    </section>
  );
}

function ageWords(jar: JarNow): string {
  const days = differenceInCalendarDays(new Date(), new Date(jar.madeAt));
  const age = days === 0 ? 'Roasted today' : days === 1 ? 'Roasted yesterday' : `${days} days from the roast`;
  if (jar.leftGrams < 1) return `${age}. The jar counts as empty; the cup is noted all the same.`;
  return jar.state === 'resting' ? `${age}, and still resting.` : `${age}.`;
}

import { issueSentence } from '@/core/issues';
import { capital, counted } from '@/core/units';
import type { LeftOutName } from '@/store/fileIn';
import { Button } from '@/ui/Button';
import { rowWords } from '@/ui/rowWords';
import { saveBlob } from '@/ui/saveBlob';

interface DamageProps {
  readonly name: string;
  readonly cutOff: boolean;
  /** So many things were left out, and the first of them. */
  readonly count: number;
  readonly first: readonly LeftOutName[];
  /** All of them, as a file. */
  readonly onKeep: () => Promise<Blob>;
}

/** What a damaged file had that cannot be taken in, by name, and the way to keep it. */
export function Damage({ name, cutOff, count, first, onKeep }: DamageProps) {
  if (!cutOff && count === 0) return null;
  const setAside = async () => saveBlob(await onKeep(), `left-out-of-${name.replace(/\.json$/, '')}.json`);
  return (
    <div role="alert" className="text-danger mt-4">
      <p className="font-bold">
        {cutOff ? 'This file breaks off. What stands before the break can be loaded' : 'This file is damaged'}
        {count > 0 &&
          `${cutOff ? '; also' : ':'} ${counted(count, 'thing')} cannot be read and ${count === 1 ? 'is' : 'are'} left out`}
        .
      </p>
      {count > 0 && (
        <>
          <ul className="mt-2 list-disc pl-5">
            {first.map((each) => (
              <li key={`${each.table} ${each.called} ${issueSentence(each.why)}`}>{leftOutWords(each)}</li>
            ))}
            {count > first.length && <li>and {count - first.length} more</li>}
          </ul>
          <div className="text-ink mt-3">
            <Button onClick={() => void setAside()}>Keep the file’s copy of them aside</Button>
          </div>
        </>
      )}
    </div>
  );
}

/** “A line of the roast of 3 Nov: …”, with what is wrong with it. */
export function leftOutWords({ table, called, why, part, standsIn }: LeftOutName): string {
  const name = rowWords(table, called);
  const what = part ? `a part of ${name}` : name;
  const reason =
    why.code === 'dangling'
      ? `its ${why.wanted} is not in the file`
      : `${fieldWords(why.path)}${'detail' in why ? why.detail : issueSentence(why)}`;
  const instead = standsIn ? ' What could be read of it stands in its place.' : '';
  return `${capital(what)}: ${reason}.${instead}`;
}

/** What the fields of rows are called, where a person may meet one that is spoilt. */
const FIELDS: Readonly<Record<string, string>> = {
  entries: 'its log',
  greenGrams: 'how much green',
  wantedShade: 'the shade',
  createdAt: 'when it was',
  chargedAt: 'when the beans went in',
  at: 'when it was',
  celsius: 'a temperature',
  grams: 'a weight',
  name: 'its name',
  nickname: 'its name',
  packs: 'what was bought',
  uses: 'what was taken of it',
  method: 'the method',
  process: 'the process',
  batches: 'its batches',
};

/** “how much green: ”; nothing where the row itself is meant. */
function fieldWords(path: readonly (string | number)[]): string {
  const field = path.slice(1).findLast((key) => typeof key === 'string');
  if (field === undefined) return '';
  // The file's own word, spelled out, where nobody thought of one.
  const words = FIELDS[field] ?? field.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
  return `${words}: `;
}

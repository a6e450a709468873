import { type LeftOut, type Salvaged, theRow } from '@/core/exchange';
import { issueSentence } from '@/core/issues';
import { counted } from '@/core/units';
import { Button } from '@/ui/Button';
import { shortDate } from '@/ui/dates';
import { saveBlob } from '@/ui/saveBlob';

interface DamageProps extends Pick<Salvaged, 'leftOut' | 'cutOff'> {
  readonly name: string;
}

/** So many are named; the file that is set aside has them all. */
const NAMED = 8;

/** What a damaged file had that cannot be taken in, by name, and the way to keep it. */
export function Damage({ name, leftOut, cutOff }: DamageProps) {
  const setAside = () =>
    saveBlob(
      new Blob(
        [
          `${JSON.stringify(
            leftOut.map(({ table, row }) => ({ table, row })),
            null,
            1,
          )}\n`,
        ],
        {
          type: 'application/json',
        },
      ),
      `left-out-of-${name.replace(/\.json$/, '')}.json`,
    );
  return (
    <div role="alert" className="text-danger mt-4">
      <p className="font-bold">
        {cutOff ? 'This file breaks off. What stands before the break can be loaded' : 'This file is damaged'}
        {leftOut.length > 0 &&
          `${cutOff ? '; also' : ':'} ${counted(leftOut.length, 'thing')} cannot be read and ${leftOut.length === 1 ? 'is' : 'are'} left out`}
        .
      </p>
      {leftOut.length > 0 && (
        <>
          <ul className="mt-2 list-disc pl-5">
            {leftOut.slice(0, NAMED).map((each) => (
              <li key={`${each.table} ${each.called} ${issueSentence(each.why)}`}>{leftOutWords(each)}</li>
            ))}
            {leftOut.length > NAMED && <li>and {leftOut.length - NAMED} more</li>}
          </ul>
          <div className="text-ink mt-3">
            <Button onClick={setAside}>Keep the file’s copy of them aside</Button>
          </div>
        </>
      )}
    </div>
  );
}

/** “A line of the roast of 3 Nov: …”, with what is wrong with it. */
export function leftOutWords({ table, called, why, part, standsIn }: LeftOut): string {
  const name = table === 'household' ? theRow(table) : `${theRow(table)} ${nameWords(called)}`;
  const what = part ? `a part of ${name}` : name;
  const reason =
    why.code === 'dangling'
      ? `its ${why.wanted} is not in the file`
      : `${String(why.path.at(-1) ?? '')}: ${'detail' in why ? why.detail : issueSentence(why)}`;
  const instead = standsIn ? ' What could be read of it stands in its place.' : '';
  return `${what.charAt(0).toUpperCase()}${what.slice(1)}: ${reason}.${instead}`;
}

const nameWords = (called: string) =>
  /^\d{4}-\d\d-\d\dT/.test(called) && !Number.isNaN(Date.parse(called)) ? `of ${shortDate(called)}` : `“${called}”`;

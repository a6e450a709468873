import { useLiveQuery } from 'dexie-react-hooks';
import { counted } from '@/core/units';
import { database } from '@/store/current';

/** One line where roasts are listed, while some could not be read. */
export function AsideLine() {
  const roasts =
    useLiveQuery(
      () =>
        database()
          .aside.filter(({ table, part }) => table === 'roasts' && !part)
          .count(),
      [],
    ) ?? 0;
  if (roasts === 0) return null;
  return (
    <p className="border-danger my-3 border-2 px-4 py-2">
      {counted(roasts, 'roast')} cannot be read and {roasts === 1 ? 'is' : 'are'} not listed here.{' '}
      <a href="/files/#aside" className="inline-flex min-h-11 items-center font-bold underline underline-offset-4">
        Repair, export or delete {roasts === 1 ? 'it' : 'them'}
      </a>
    </p>
  );
}

import { useLiveQuery } from 'dexie-react-hooks';
import { localDay } from '@/core/units';
import { database } from '@/store/current';
import { readContent } from '@/store/notebook';
import { Button } from '@/ui/Button';
import { saveNotebook } from '@/ui/saveNotebook';

/** The whole notebook as one file. */
export function SaveFile() {
  const counts = useLiveQuery(async () => {
    const db = database();
    return { roasts: await db.roasts.count(), lots: await db.lots.count(), gear: await db.gear.count() };
  }, []);
  const save = async () => saveNotebook(await readContent(database()), `gander-notebook-${localDay(new Date())}`);
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="mb-2 text-2xl">Take it with you</h2>
      <p className="mb-4">
        One file holds everything
        {counts && `: ${counts.roasts} roasts, ${counts.lots} lots, ${counts.gear} pieces of gear and the settings`}. It
        is plain JSON in an open format. Browsers may clear their data, so save one now and then.
      </p>
      <Button variant="next" onClick={() => void save()}>
        Save the notebook
      </Button>
    </section>
  );
}

import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { counted, formatMegabytes } from '@/core/units';
import type { Beside } from '@/store/bundle';
import { chosenHousehold, database } from '@/store/current';
import { photoSpace } from '@/store/photos';
import { soundSpace } from '@/store/sounds';
import { Button } from '@/ui/Button';
import { saveWhole } from '@/ui/saveNotebook';
import { Tick } from '@/ui/Tick';
import { useWords } from '@/ui/useHousehold';
import { Copies } from './Copies';
import { SaveTables } from './SaveTables';

/** The whole notebook as one file. */
export function SaveFile() {
  const words = useWords();
  const counts = useLiveQuery(async () => {
    const db = database();
    return { roasts: await db.roasts.count(), lots: await db.lots.count(), gear: await db.gear.count() };
  }, []);
  const [saved, setSaved] = useState<{ readonly savedAt: string; readonly faults: readonly string[] }>();
  const sound = useLiveQuery(() => soundSpace(database()), []);
  const photos = useLiveQuery(() => photoSpace(database()), []);
  const [beside, setBeside] = useState<readonly Beside[]>(['photos']);
  const tick = (kind: Beside, isOn: boolean) =>
    setBeside((before) => [...before.filter((each) => each !== kind), ...(isOn ? [kind] : [])]);
  const [busy, setBusy] = useState(false);
  const save = async () => {
    setBusy(true);
    setSaved(undefined);
    try {
      const there = { photos: (photos?.bytes ?? 0) > 0, sounds: (sound?.bytes ?? 0) > 0 };
      const faults = await saveWhole(beside.filter((kind) => there[kind]));
      setSaved({ savedAt: new Date().toISOString(), faults });
    } finally {
      setBusy(false);
    }
  };
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="mb-2 text-2xl">Take it with you</h2>
      <p className="mb-4">
        One file holds everything
        {counts &&
          `: ${counted(counts.roasts, 'roast')}, ${counted(counts.lots, 'lot')}, ${counted(counts.gear, 'piece of gear', 'pieces of gear')} and the settings`}
        . It is plain JSON in an open format. Browsers may clear their data, so save one now and then.
      </p>
      {photos && photos.bytes > 0 && (
        <Tick checked={beside.includes('photos')} onChange={(event) => tick('photos', event.target.checked)}>
          With {counted(photos.photos, 'photo')} of beans, {formatMegabytes(photos.bytes)}: then it is a zip file
        </Tick>
      )}
      {sound && sound.bytes > 0 && (
        <Tick checked={beside.includes('sounds')} onChange={(event) => tick('sounds', event.target.checked)}>
          With the kept sound of {counted(sound.roasts, 'roast')}, {formatMegabytes(sound.bytes)}: then it is a zip file
        </Tick>
      )}
      <Button variant="next" disabled={busy} onClick={() => void save()}>
        {busy ? 'Writing it and reading it back…' : 'Save the notebook'}
      </Button>
      {saved && saved.faults.length === 0 && (
        <p role="status" className="mt-4">
          Saved at {words.time(saved.savedAt)} and read back: it opens again.
        </p>
      )}
      {saved && saved.faults.length > 0 && (
        <div role="alert" className="text-danger mt-4">
          <p className="font-bold">
            It is saved, but some of it would be left out when it is loaded. Keep the file; nothing here is changed.
          </p>
          <ul className="mt-2 list-disc pl-5">
            {saved.faults.map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
          </ul>
        </div>
      )}
      {chosenHousehold() !== 'demo' && <Copies />}
      <SaveTables />
    </section>
  );
}

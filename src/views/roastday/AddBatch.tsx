import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { lotTitle, measuresOf } from '@/core/bean';
import { type Gear, judgeBatch, proposedGreen } from '@/core/gear';
import { issueSentence } from '@/core/issues';
import { MEDIUM, type ShadeNumber } from '@/core/shade';
import { parseWeight } from '@/core/units';
import { database } from '@/store/current';
import { addBatches } from '@/store/days';
import type { LotStock } from '@/store/larder';
import { proposedShade } from '@/store/likedShades';
import { lastRoast } from '@/store/queries';
import { usualBatch } from '@/store/usualBatch';
import { Button, LinkButton } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Typed } from '@/ui/Typed';
import { useWords } from '@/ui/useHousehold';

interface AddBatchProps {
  readonly date: string;
  readonly gear: readonly Gear[];
  readonly lots: readonly LotStock[];
  /** Batches that the day still takes. */
  readonly room: number;
}

const RANGE = { leastGrams: 1, mostGrams: 5000 };

/** One more batch, as a sentence. */
export function AddBatch({ date, gear, lots, room }: AddBatchProps) {
  const words = useWords();
  const [lotId, setLotId] = useState('');
  const [gearId, setGearId] = useState('');
  const [text, setText] = useState<string>();
  const [chosenShade, setShade] = useState<ShadeNumber>();
  const [count, setCount] = useState(1);
  const itsGear = gear.find(({ id }) => id === gearId) ?? gear[0];
  const stock = lots.find(({ lot }) => lot.id === lotId) ?? lots[0];
  const [itsLot, itsGearId] = [stock?.lot.id, itsGear?.id];
  // Asked anew when other beans or gear are chosen; what was chosen by hand stays.
  const proposed = useLiveQuery(async () => {
    if (itsLot === undefined || itsGearId === undefined) return undefined;
    const db = database();
    const [last, usual] = await Promise.all([lastRoast(db, itsGearId), usualBatch(db)]);
    return { last, shade: await proposedShade(db, itsLot, usual.shade) };
  }, [itsLot, itsGearId]);
  const shade = chosenShade ?? proposed?.shade ?? MEDIUM;
  if (!itsGear || !stock)
    return (
      <div className="mt-6">
        <LinkButton href="/plan/" variant="next">
          Add gear and beans first
        </LinkButton>
      </div>
    );
  if (room <= 0) return <p className="text-husk mt-6">The day is full. Take a batch off the list to make room.</p>;
  const counts = Array.from({ length: room }, (_, i) => i + 1);
  const shown = text ?? words.weight(proposedGreen(itsGear, proposed?.last));
  const grams = parseWeight(shown, words.weightUnit, {
    range: RANGE,
    extraGramsPer: measuresOf(stock.lot, words.weightUnit),
  });
  const verdict = grams.ok ? judgeBatch(itsGear, grams.value) : undefined;
  const add = () => {
    if (!grams.ok) return;
    const batch = { lotId: stock.lot.id, gearId: itsGear.id, greenGrams: grams.value, shade };
    void addBatches(database(), date, Array(Math.min(count, room)).fill(batch));
  };
  return (
    <section className="border-ink mt-8 border-t-2 pt-4">
      <h2 className="text-2xl leading-[1.7] font-medium">
        Add{' '}
        <Choice
          label="How many"
          value={Math.min(count, room)}
          options={counts.map((each) => [each, each === 1 ? 'one batch' : `${each} batches`])}
          onPick={setCount}
        />{' '}
        of <Typed label="Batch weight" value={shown} onType={setText} />{' '}
        <Choice
          label="Batch beans"
          value={stock.lot.id}
          options={lots.map(({ lot }) => [lot.id, lotTitle(lot)])}
          onPick={setLotId}
        />{' '}
        in the{' '}
        <Choice
          label="Batch gear"
          value={itsGear.id}
          options={gear.map((each) => [each.id, each.nickname])}
          onPick={(id) => {
            setGearId(id);
            setText(undefined);
          }}
        />
        , to <Choice label="Batch shade" value={shade} options={words.shadeChoices()} onPick={setShade} />.
      </h2>
      {!grams.ok && (
        <p role="alert" className="text-danger mt-2">
          {grams.issues.map(issueSentence).join(' ')}
        </p>
      )}
      {verdict && (verdict.kind === 'above' || verdict.kind === 'aboveLargest' || verdict.kind === 'absurd') && (
        <p className="text-danger mt-2">
          More than the {itsGear.nickname} takes well (
          {words.weight(verdict.kind === 'aboveLargest' ? verdict.largestGrams : verdict.mostGrams)}).
        </p>
      )}
      <Button className="mt-3" disabled={!grams.ok} onClick={add}>
        Put it on the list
      </Button>
    </section>
  );
}

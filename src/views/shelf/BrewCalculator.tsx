import { useState } from 'react';
import { CUP_ML, doseForMugs, doseForWater, STEEP_S, WATER_C } from '@/core/brew';
import { parseNumber } from '@/core/units';
import { database } from '@/store/current';
import { say } from '@/store/notices';
import { addJarEvent, type JarNow } from '@/store/shelf';
import { Button } from '@/ui/Button';
import { useHousehold, useWords } from '@/ui/useHousehold';

/** Mugs or water to dose, and what that takes off the jar. */
export function BrewCalculator({ jar }: { readonly jar: JarNow }) {
  const { mugMl, gramsPerLitre } = useHousehold();
  const words = useWords();
  const [text, setText] = useState('2');
  const [unit, setUnit] = useState<'mugs' | 'ml' | 'cup'>('mugs');
  const parsed = parseNumber(text, '2');
  const amount = unit === 'cup' ? 1 : parsed.ok && parsed.value > 0 && parsed.value < 20_000 ? parsed.value : undefined;
  const dose =
    amount === undefined
      ? undefined
      : unit === 'mugs'
        ? doseForMugs(amount, mugMl, gramsPerLitre)
        : doseForWater(unit === 'cup' ? CUP_ML : amount, gramsPerLitre);
  const brew = async () => {
    if (!dose) return;
    const at = new Date().toISOString();
    say({
      text: `${words.weight(dose.grams)} are off the jar.`,
      undo: await addJarEvent(database(), jar.row, { kind: 'use', at, grams: dose.grams }),
    });
  };
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="mb-1 text-xl">
        Brew{' '}
        {unit !== 'cup' && (
          <input
            aria-label="Amount"
            inputMode="decimal"
            className="choice w-[3ch] text-center"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        )}{' '}
        <select
          aria-label="Measure"
          className="choice"
          value={unit}
          onChange={(event) => setUnit(event.target.value as typeof unit)}
        >
          <option value="mugs">mugs</option>
          <option value="ml">ml of water</option>
          <option value="cup">one tasting cup</option>
        </select>
      </h2>
      {dose ? (
        <>
          <p>
            <b className="text-2xl">{words.weight(dose.grams)}</b> for {Math.round(dose.waterMl)} ml,{' '}
            {words.temperature(WATER_C.least)} to {words.temperature(WATER_C.most)}, {STEEP_S / 60} minutes.
          </p>
          {dose.grams > jar.leftGrams && <p className="text-danger">More than the jar holds; it will show as empty.</p>}
          <Button className="mt-2" onClick={() => void brew()}>
            Take it off the jar
          </Button>
        </>
      ) : (
        <p role="alert" className="text-danger">
          Write how many, such as 2.
        </p>
      )}
      <p className="text-husk mt-2 text-[0.95rem]">
        Judge a roast by immersion: grounds and water together, four minutes; it hides slips of pouring.
      </p>
    </section>
  );
}

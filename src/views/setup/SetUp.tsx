import { useState } from 'react';
import { type Lot, lotTitle } from '@/core/bean';
import { type Gear, methodOf } from '@/core/gear';
import { issueSentence } from '@/core/issues';
import type { Roast } from '@/core/roast';
import { type ShadeNumber, shades } from '@/core/shade';
import { parseWeight } from '@/core/units';
import { database } from '@/store/current';
import { addGear, addLot } from '@/store/larder';
import { startRoast } from '@/store/roasting';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { shortDate } from '@/ui/dates';
import { GearForm } from '@/ui/forms/GearForm';
import { LotForm } from '@/ui/forms/LotForm';
import { useWords } from '@/ui/useHousehold';
import { Expected } from './Expected';
import { type AmountKind, usePlanned } from './usePlanned';
import { type Choices, useSetUp } from './useSetUp';

interface SetUpProps {
  readonly gear: readonly Gear[];
  readonly lots: readonly { readonly lot: Lot; readonly leftGrams: number }[];
  /** The roast to be repeated. */
  readonly earlier: Roast | undefined;
}

const BATCH_RANGE = { leastGrams: 1, mostGrams: 5000 };
const NEW = 'new';

/** The set-up as one sentence whose underlined parts are the choices. */
export function SetUp(props: SetUpProps) {
  const { weightUnit } = useWords();
  const { choices, ...change } = useSetUp(props.gear, props.lots, weightUnit, props.earlier);
  if (!choices) return <p className="text-husk py-10">Looking at your last roast…</p>;
  return <Sentence {...props} {...change} choices={choices} />;
}

type SentenceProps = SetUpProps & Omit<ReturnType<typeof useSetUp>, 'choices'> & { readonly choices: Choices };

function Sentence({ gear, lots, earlier, choices, choose, chooseGear }: SentenceProps) {
  const words = useWords();
  const [adding, setAdding] = useState<'lot' | 'gear'>();
  const [trouble, setTrouble] = useState<React.ReactNode>();
  const itsGear = gear.find((each) => each.id === choices.gearId);
  const itsLot = lots.find((each) => each.lot.id === choices.lotId);
  const scoop = itsLot?.lot.scoopGrams;
  const grams = parseWeight(choices.gramsText, words.weightUnit, {
    range: BATCH_RANGE,
    extraGramsPer: scoop ? { scoop } : {},
  });
  const planned = usePlanned(itsGear, itsLot?.lot, choices.shade, {
    kind: choices.amountKind,
    grams: grams.ok ? grams.value : undefined,
  });

  const start = async (how: 'charge' | 'preheat') => {
    // The beans are in when the button is pressed, not when the database has answered.
    const nowMs = Date.now();
    if (!grams.ok) return setTrouble(grams.issues.map(issueSentence).join(' '));
    if (!itsGear || !itsLot || !planned) return;
    const setUp = {
      lotId: itsLot.lot.id,
      gearId: itsGear.id,
      greenGrams: Math.round(planned.greenGramsEach * 10) / 10,
      wantedShade: choices.shade,
      place: choices.place,
      follows: earlier?.id,
    };
    const started = await startRoast(database(), setUp, how, nowMs);
    const id = started.kind === 'started' ? started.roast.id : started.roastId;
    const href = `/roast/live/?id=${encodeURIComponent(id)}`;
    if (started.kind === 'started') return location.assign(href);
    setTrouble(
      <>
        {itsGear.nickname} has a roast on the heat already.{' '}
        <a className="font-bold underline" href={href}>
          Go to it
        </a>
        , or choose other gear.
      </>,
    );
  };

  return (
    <section className="pt-8">
      <h1 className="text-[clamp(1.7rem,4.4vw,2.75rem)] leading-[1.42] font-medium">
        Roast{' '}
        <input
          aria-label="Weight"
          className="choice w-[5ch] min-w-[4ch]"
          value={choices.gramsText}
          onFocus={(event) => event.target.select()}
          onChange={(event) => choose({ gramsText: event.target.value })}
        />{' '}
        <select
          aria-label="Green or roasted"
          className="choice"
          value={choices.amountKind}
          onChange={(event) => choose({ amountKind: event.target.value as AmountKind })}
        >
          <option value="green">green</option>
          <option value="roasted">for the jar</option>
        </select>{' '}
        of{' '}
        <select
          aria-label="Beans"
          className="choice"
          value={choices.lotId}
          onChange={(event) => (event.target.value === NEW ? setAdding('lot') : choose({ lotId: event.target.value }))}
        >
          {lots.map(({ lot }) => (
            <option key={lot.id} value={lot.id}>
              {lotTitle(lot)}
            </option>
          ))}
          <option value={NEW}>Other beans…</option>
        </select>{' '}
        in the{' '}
        <select
          aria-label="Gear"
          className="choice"
          value={choices.gearId}
          onChange={(event) => (event.target.value === NEW ? setAdding('gear') : chooseGear(event.target.value))}
        >
          {gear.map((each) => (
            <option key={each.id} value={each.id}>
              {each.nickname}
            </option>
          ))}
          <option value={NEW}>Other gear…</option>
        </select>
        , to{' '}
        <select
          aria-label="Shade"
          className="choice"
          value={choices.shade}
          onChange={(event) => choose({ shade: Number(event.target.value) as ShadeNumber })}
        >
          {shades.map(({ number, landmark }) => (
            <option key={number} value={number} title={landmark}>
              {words.shade(number)}
            </option>
          ))}
        </select>
        ,{' '}
        <select
          aria-label="Place"
          className="choice"
          value={choices.place}
          onChange={(event) => choose({ place: event.target.value as Roast['place'] })}
        >
          <option value="indoors">indoors</option>
          <option value="outdoors">outdoors</option>
        </select>
        .{earlier && <span className="text-husk"> Like {shortDate(earlier.createdAt)}.</span>}
      </h1>
      {(trouble || !grams.ok) && (
        <p role="alert" className="text-danger mt-4">
          {grams.ok ? trouble : grams.issues.map(issueSentence).join(' ')}
        </p>
      )}
      <div className="mt-6 flex flex-wrap items-center gap-4">
        <Button variant="next" size="large" className="px-10" onClick={() => start('charge')}>
          {planned && planned.batches > 1 ? 'Beans in: batch 1' : 'Beans in'}
        </Button>
        <Button size="large" onClick={() => start('preheat')}>
          Preheat first
        </Button>
        <span className="text-husk">The clock starts as you press.</span>
      </div>
      {itsGear && itsLot && (
        <Expected
          gear={itsGear}
          shade={choices.shade}
          planned={planned}
          lot={itsLot.lot}
          leftGrams={itsLot.leftGrams}
          method={methodOf(itsGear.method)}
        />
      )}
      <Dialog open={adding === 'lot'} onClose={() => setAdding(undefined)} title="Other beans">
        <LotForm
          onCancel={() => setAdding(undefined)}
          onSave={async (facts) => {
            choose({ lotId: (await addLot(database(), facts)).id });
            setAdding(undefined);
          }}
        />
      </Dialog>
      <Dialog open={adding === 'gear'} onClose={() => setAdding(undefined)} title="Other gear">
        <GearForm
          onCancel={() => setAdding(undefined)}
          onSave={async (facts) => {
            const added = await addGear(database(), facts);
            setAdding(undefined);
            choose({ gearId: added.id });
          }}
        />
      </Dialog>
    </section>
  );
}

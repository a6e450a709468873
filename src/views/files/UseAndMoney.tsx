import { useState } from 'react';
import { parsePrice, priceGrams, pricePer } from '@/core/cost';
import type { Household } from '@/core/household';
import { issueSentence, type Result } from '@/core/issues';
import { type RestSchool, restSchools } from '@/core/shelf';
import { type Currency, currencies, formatWeight, moneyFieldText, parseMoney, parseWeight } from '@/core/units';
import { database } from '@/store/current';
import { saveHousehold } from '@/store/settings';
import { SelectField, TextField } from '@/ui/Field';
import { numberReader, optional, type Reader } from '@/ui/forms/readDraft';
import { Segmented } from '@/ui/Segmented';
import { useHousehold } from '@/ui/useHousehold';

const schoolNames = {
  early: 'early, from the next morning',
  usual: 'usual, two to four days',
  patient: 'patient, four to nine days',
} as const satisfies Record<RestSchool, string>;

/** How much coffee is used, how long it rests, and what things cost: the ground of every sum about amounts and money. */
export function UseAndMoney() {
  const household = useHousehold();
  const save = (facts: Partial<Household>) => void saveHousehold(database(), facts);
  const { currency, weightUnit } = household;
  const money = (minor: number | undefined) => (minor === undefined ? '' : moneyFieldText(minor, currency));
  return (
    <section id="use-and-money" className="border-ink border-t-2 pt-3">
      <h2 className="mb-2 text-2xl">Use and money</h2>
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
        <Kept
          label="People who drink it"
          value={String(household.people)}
          read={numberReader(1, 50, '', '2')}
          onKeep={(people) => save({ people: Math.round(people) })}
        />
        <Kept
          label="Roasted coffee each uses a day"
          value={formatWeight(household.gramsPerPersonDay, weightUnit)}
          read={(text) => parseWeight(text, weightUnit, { range: { leastGrams: 1, mostGrams: 500 } })}
          onKeep={(gramsPerPersonDay) => save({ gramsPerPersonDay })}
        />
        <Kept
          label="A mug holds"
          unit="ml"
          value={String(household.mugMl)}
          read={numberReader(30, 1000, 'ml', '240')}
          onKeep={(mugMl) => save({ mugMl })}
        />
        <Kept
          label="Coffee for a litre of water"
          unit="g"
          value={String(household.gramsPerLitre)}
          read={numberReader(20, 150, 'g', '60')}
          onKeep={(gramsPerLitre) => save({ gramsPerLitre })}
        />
        <SelectField
          label="Money in"
          value={currency}
          onChange={(event) => save({ currency: event.target.value as Currency })}
        >
          {currencies.map((each) => (
            <option key={each} value={each}>
              {each}
            </option>
          ))}
        </SelectField>
        <Kept<number | undefined>
          label={`Coffee like yours in a shop, ${pricePer(weightUnit)}, or 12.50 for ${weightUnit === 'g' ? '250 g' : '12 oz'}`}
          unit={currency}
          value={money(
            household.shopMinorPerKg === undefined
              ? undefined
              : (household.shopMinorPerKg * priceGrams(weightUnit)) / 1000,
          )}
          read={optional((text: string) => parsePrice(text, currency, weightUnit))}
          onKeep={(shopMinorPerKg) => save({ shopMinorPerKg })}
        />
        <Kept<number | undefined>
          label="A kWh of electricity"
          unit={currency}
          value={money(household.tariffMinorPerKwh)}
          read={optional((text: string) => parseMoney(text, currency))}
          onKeep={(tariffMinorPerKwh) => save({ tariffMinorPerKwh })}
        />
      </div>
      <p className="text-husk mt-3 mb-1 text-[0.95rem]">Coffee rests before you drink it</p>
      <Segmented
        label="School of rest"
        value={household.restSchool}
        options={restSchools.map((value) => ({ value, name: schoolNames[value] }))}
        onChange={(restSchool) => save({ restSchool })}
      />
    </section>
  );
}

interface KeptProps<T> {
  readonly label: string;
  readonly unit?: string;
  readonly value: string;
  readonly read: Reader<T>;
  readonly onKeep: (value: T) => void;
}

/** A field that is kept when it is left, if what stands in it can be read; else it says why not and waits. */
function Kept<T>({ label, unit, value, read, onKeep }: KeptProps<T>) {
  const [text, setText] = useState<string>();
  const result: Result<T> | undefined = text === undefined ? undefined : read(text);
  return (
    <TextField
      label={label}
      autoComplete="off"
      {...(unit ? { unit } : {})}
      value={text ?? value}
      error={result && !result.ok ? result.issues.map(issueSentence).join(' ') : undefined}
      onChange={(event) => setText(event.target.value)}
      onBlur={() => {
        if (!result?.ok) return;
        onKeep(result.value);
        setText(undefined);
      }}
    />
  );
}

import { controlsOf, type Gear, heatControl, valueWords } from '@/core/gear';
import type { GearRecord, Spread } from '@/core/record';
import { milestoneNames } from '@/core/roast';
import { capital, formatClock } from '@/core/units';
import { Column } from '@/ui/Column';
import { useWords } from '@/ui/useHousehold';

const range = ({ low, high }: Spread, write: (value: number) => string) =>
  write(low) === write(high) ? '' : `${write(low)} to ${write(high)}`;

export function Times({ record, ownC }: { record: GearRecord; ownC: number | undefined }) {
  const words = useWords();
  const rows = (['yellow', 'firstCrack', 'pull'] as const).flatMap((milestone) => {
    const spread = record.times[milestone];
    return spread ? [{ name: capital(milestoneNames[milestone]), spread }] : [];
  });
  return (
    <Column title="Its own times">
      {rows.length === 0 && <p className="text-husk">They come with the first roast.</p>}
      <Rows>
        {rows.map(({ name, spread }) => (
          <Row key={name} name={name} value={formatClock(spread.median)} more={range(spread, formatClock)} />
        ))}
        {ownC !== undefined && (
          <Row name="Reads at first crack" value={words.temperature(ownC)} more="in its last roasts" />
        )}
      </Rows>
      {rows.length > 0 && <p className="text-husk mt-2 text-[0.95rem]">The middle, and where four of five lie.</p>}
    </Column>
  );
}

const percent = (value: number) => `${value.toFixed(1)} %`;

export function Losses({ record: { losses } }: { readonly record: GearRecord }) {
  const words = useWords();
  return (
    <Column title="Weight lost">
      {losses.length === 0 && (
        <p className="text-husk">Weigh a roast and say how dark it came out, and its loss stands here.</p>
      )}
      <Rows>
        {losses.map(({ shade, percent: spread }) => (
          <Row
            key={shade}
            name={capital(words.shade(shade))}
            value={percent(spread.median)}
            more={range(spread, percent) || 'one roast'}
          />
        ))}
      </Rows>
    </Column>
  );
}

export function Habits({ gear, record }: { readonly gear: Gear; readonly record: GearRecord }) {
  const words = useWords();
  const { heat, betweenMin, greenGrams } = record;
  const minutes = (value: number) => `${Math.round(value)} min`;
  const stretches = heat
    ? ([
        ['drying', heat.drying],
        ['browning', heat.browning],
        ['after first crack', heat.afterCrack],
      ] as const)
    : [];
  return (
    <Column title="How you use it">
      <Rows>
        {greenGrams && (
          <Row name="Green in it" value={words.weight(greenGrams.median)} more={range(greenGrams, words.weight)} />
        )}
        {stretches.map(
          ([name, value]) =>
            value !== '' && (
              <Row
                key={name}
                name={`${heat?.control.label}, ${name}`}
                value={valueWords(heat?.control, value)}
                more=""
              />
            ),
        )}
        {betweenMin && (
          <Row
            name="From a pull to the next beans"
            value={minutes(betweenMin.median)}
            more={range(betweenMin, minutes)}
          />
        )}
      </Rows>
      {!heat && heatControl(controlsOf(gear)) && (
        <p className="text-husk mt-2">No setting of its heat was noted yet.</p>
      )}
      {record.roasts === 0 && <p className="text-husk">What you do with it stands here from its first roast on.</p>}
    </Column>
  );
}

function Rows({ children }: { readonly children: React.ReactNode }) {
  return <dl className="divide-line divide-y">{children}</dl>;
}

function Row({ name, value, more }: { readonly name: string; readonly value: string; readonly more: string }) {
  return (
    <div className="flex flex-wrap items-baseline gap-x-3 py-1.5">
      <dt className="mr-auto">{name}</dt>
      <dd>
        <b className="num">{value}</b> {more && <span className="text-husk num text-[0.95rem]">{more}</span>}
      </dd>
    </div>
  );
}

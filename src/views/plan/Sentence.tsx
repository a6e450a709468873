import { addDays, format } from 'date-fns';
import { lotTitle } from '@/core/bean';
import type { Gear } from '@/core/gear';
import type { Roast } from '@/core/roast';
import { type ShadeNumber, shades } from '@/core/shade';
import { weightFieldText } from '@/core/units';
import { dayOf } from '@/store/days';
import type { LotStock } from '@/store/larder';
import { useWords } from '@/ui/useHousehold';
import { type AmountKind, amountKinds, amountNames } from './amount';
import { RuleChoice } from './RuleChoice';
import type { Choices } from './useChoices';
import type { Planned } from './usePlanned';

interface SentenceProps {
  readonly choices: Choices;
  readonly planned: Planned;
  readonly gear: readonly Gear[];
  readonly lots: readonly LotStock[];
  readonly choose: (some: Partial<Choices>) => void;
  readonly onGear: (gearId: string) => void;
  readonly onNew: (what: 'lot' | 'gear') => void;
  readonly children: React.ReactNode;
}

const NEW = 'new';
const JAR_DAYS = 14;

/** The plan as one sentence whose underlined parts are the choices. */
export function Sentence({ choices, planned, gear, lots, choose, onGear, onNew, children }: SentenceProps) {
  const words = useWords();
  const typed = planned.amount.ok && !['green', 'roasted', 'byDay'].includes(choices.amountKind);
  const amountText =
    typed && planned.amount.ok
      ? `${weightFieldText(Math.round(planned.amount.value), words.weightUnit)} ${words.weightUnit}`
      : choices.amountText;
  const days = Array.from({ length: JAR_DAYS }, (_, i) => addDays(new Date(), i + 1));
  const chooseKind = (amountKind: AmountKind) =>
    choose({ amountKind, amountText, readyBy: choices.readyBy || dayOf(days[2] ?? new Date()) });
  return (
    <h1 className="text-[clamp(1.5rem,3.4vw,2.15rem)] leading-[1.4] font-medium">
      Roast{' '}
      <input
        aria-label="Weight"
        className="choice w-[5ch] min-w-[4ch]"
        value={amountText}
        onFocus={(event) => event.target.select()}
        onChange={(event) =>
          choose({ amountText: event.target.value, amountKind: typed ? 'green' : choices.amountKind })
        }
      />{' '}
      <select
        aria-label="Green or roasted"
        className="choice"
        value={choices.amountKind}
        onChange={(event) => chooseKind(event.target.value as AmountKind)}
      >
        {amountKinds
          .filter((kind) => kind !== 'asLast' || planned.lastOfLot)
          .filter((kind) => kind !== 'useUp' || planned.stock.leftGrams > 0)
          .map((kind) => (
            <option key={kind} value={kind}>
              {amountNames[kind]}
            </option>
          ))}
      </select>{' '}
      {choices.amountKind === 'byDay' && (
        <select
          aria-label="Ready by"
          className="choice"
          value={choices.readyBy}
          onChange={(event) => choose({ readyBy: event.target.value })}
        >
          {days.map((day, i) => (
            <option key={dayOf(day)} value={dayOf(day)}>
              {i < 6 ? format(day, 'EEEE') : format(day, 'EEE d MMM')}
            </option>
          ))}
        </select>
      )}{' '}
      of{' '}
      <select
        aria-label="Beans"
        className="choice"
        value={choices.lotId}
        onChange={(event) => (event.target.value === NEW ? onNew('lot') : choose({ lotId: event.target.value }))}
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
        onChange={(event) => (event.target.value === NEW ? onNew('gear') : onGear(event.target.value))}
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
      , and pull{' '}
      <RuleChoice gear={planned.gear} shade={choices.shade} rule={choices.rule} onRule={(rule) => choose({ rule })} />{' '}
      <select
        aria-label="Place"
        className="choice"
        value={choices.place}
        onChange={(event) => choose({ place: event.target.value as Roast['place'] })}
      >
        <option value="indoors">indoors</option>
        <option value="outdoors">outdoors</option>
      </select>
      . {children}
    </h1>
  );
}

import { addDays, format } from 'date-fns';
import { lotTitle } from '@/core/bean';
import type { Gear } from '@/core/gear';
import type { PullRuleKind } from '@/core/roast';
import { localDay, weightFieldText } from '@/core/units';
import type { LotStock } from '@/store/larder';
import { Choice } from '@/ui/Choice';
import { RuleChoice } from '@/ui/RuleChoice';
import { Typed } from '@/ui/Typed';
import { useWords } from '@/ui/useHousehold';
import { type AmountKind, amountKinds, amountNames } from './amount';
import type { Choices } from './useChoices';
import type { Planned } from './usePlanned';

interface SentenceProps {
  readonly choices: Choices;
  readonly planned: Planned;
  readonly gear: readonly Gear[];
  readonly lots: readonly LotStock[];
  readonly choose: (some: Partial<Choices>) => void;
  readonly onLot: (lotId: string) => void;
  readonly onGear: (gearId: string) => void;
  readonly onRuleKind: (kind: PullRuleKind) => void;
  readonly onNew: (what: 'lot' | 'gear') => void;
  readonly children: React.ReactNode;
}

const NEW = 'new';
const JAR_DAYS = 14;

/** The plan as one sentence whose underlined parts are the choices. */
export function Sentence({
  choices,
  planned,
  gear,
  lots,
  choose,
  onLot,
  onGear,
  onRuleKind,
  onNew,
  children,
}: SentenceProps) {
  const words = useWords();
  const typed = planned.amount.ok && !['green', 'roasted', 'byDay'].includes(choices.amountKind);
  const amountText =
    typed && planned.amount.ok
      ? `${weightFieldText(Math.round(planned.amount.value.grams), words.weightUnit)} ${words.weightUnit}`
      : choices.amountText;
  const days = Array.from({ length: JAR_DAYS }, (_, i) => addDays(new Date(), i + 1));
  const chooseKind = (amountKind: AmountKind) =>
    choose({ amountKind, amountText, readyBy: choices.readyBy || localDay(days[2] ?? new Date()) });
  return (
    <h1 className="text-[clamp(1.5rem,3.4vw,2.15rem)] leading-[1.4] font-medium">
      Roast{' '}
      <Typed
        label="Weight"
        value={amountText}
        onType={(text) => choose({ amountText: text, amountKind: typed ? 'green' : choices.amountKind })}
      />{' '}
      <Choice
        label="Green or roasted"
        value={choices.amountKind}
        options={amountKinds
          .filter((kind) => kind !== 'asLast' || planned.lastOfLot)
          .filter((kind) => kind !== 'useUp' || planned.stock.leftGrams > 0)
          .map((kind) => [kind, amountNames[kind]])}
        onPick={chooseKind}
      />{' '}
      {choices.amountKind === 'byDay' && (
        <Choice
          label="Ready by"
          value={choices.readyBy}
          options={days.map((day, i) => [localDay(day), format(day, i < 6 ? 'EEEE' : 'EEE d MMM')])}
          onPick={(readyBy) => choose({ readyBy })}
        />
      )}{' '}
      of{' '}
      <Choice
        label="Beans"
        value={choices.lotId}
        options={[...lots.map(({ lot }) => [lot.id, lotTitle(lot)] as const), [NEW, 'Other beans…']]}
        onPick={(lotId) => (lotId === NEW ? onNew('lot') : onLot(lotId))}
      />{' '}
      in the{' '}
      <Choice
        label="Gear"
        value={choices.gearId}
        options={[...gear.map((each) => [each.id, each.nickname] as const), [NEW, 'Other gear…']]}
        onPick={(gearId) => (gearId === NEW ? onNew('gear') : onGear(gearId))}
        then=","
      />{' '}
      to{' '}
      <Choice
        label="Shade"
        value={choices.shade}
        options={words.shadeChoices()}
        onPick={(shade) => choose({ shade })}
        then=","
      />{' '}
      and pull{' '}
      <RuleChoice
        gear={planned.gear}
        shade={choices.shade}
        rule={choices.rule}
        onRule={(rule) => choose({ rule })}
        onKind={onRuleKind}
      />{' '}
      <Choice
        label="Place"
        value={choices.place}
        options={[
          ['indoors', 'indoors'],
          ['outdoors', 'outdoors'],
        ]}
        onPick={(place) => choose({ place })}
        then="."
      />{' '}
      {children}
    </h1>
  );
}

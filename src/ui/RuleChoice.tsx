import type { Gear } from '@/core/gear';
import { ruleClock, schoolsFor } from '@/core/plan';
import type { PullRule, PullRuleKind } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import { fromCelsius } from '@/core/units';
import { useWords } from './useHousehold';
import { useWholeNumber } from './useWholeNumber';

interface RuleChoiceProps {
  readonly gear: Pick<Gear, 'method' | 'probe'>;
  readonly shade: ShadeNumber;
  readonly rule: PullRule;
  readonly onRule: (rule: PullRule) => void;
  readonly onKind: (kind: PullRuleKind) => void;
}

/** How each kind stands in the sentence, behind its number where it has one. */
const names = {
  afterFirstCrack: 'after first crack',
  afterFirstCrackEnd: 'after first crack ends',
  firstSnaps: 'at the first snaps of second crack',
  intoSecondCrack: 'into second crack',
  colour: 'by colour',
  probe: 'past first crack by the probe',
  smell: 'by smell',
} as const satisfies Record<PullRuleKind, string>;

/** Longer waits than these follow no crack. */
const MOST_SECONDS = 900;
const MOST_DEGREES = 60;

/** The pull rule inside a sentence: its number, then its kind; only what makes sense on this gear. */
export function RuleChoice({ gear, shade, rule, onRule, onKind }: RuleChoiceProps) {
  const { temperatureUnit } = useWords();
  const perDegree = fromCelsius(1, temperatureUnit) - fromCelsius(0, temperatureUnit);
  const number =
    'seconds' in rule ? rule.seconds : 'degreesPast' in rule ? Math.round(rule.degreesPast * perDegree) : undefined;
  // Elsewhere it is told so.
  const clock = 'seconds' in rule ? ruleClock(rule.seconds) : undefined;
  // A roast that is repeated has the rule that it had, also where none would propose it.
  const fitting = schoolsFor(gear, shade).map(({ kind }) => kind);
  const kinds = fitting.includes(rule.kind) ? fitting : [rule.kind, ...fitting];
  const typed = useWholeNumber({
    value: number ?? 0,
    least: 0,
    most: 'seconds' in rule ? MOST_SECONDS : Math.round(MOST_DEGREES * perDegree),
    onNumber: (value) => {
      if ('seconds' in rule) onRule({ ...rule, seconds: value });
      if ('degreesPast' in rule) onRule({ ...rule, degreesPast: Math.min(MOST_DEGREES, value / perDegree) });
    },
  });
  return (
    <>
      {number !== undefined && (
        <span className="whitespace-nowrap">
          <input
            aria-label={'seconds' in rule ? 'Seconds' : 'Degrees'}
            className="choice min-w-[2ch] text-center"
            {...typed}
          />{' '}
          {'degreesPast' in rule ? `°${temperatureUnit}` : 's'}
          {clock && ` (${clock})`}
        </span>
      )}{' '}
      <span className="whitespace-nowrap">
        <select
          aria-label="Pull"
          className="choice"
          value={rule.kind}
          onChange={(event) => onKind(event.target.value as PullRuleKind)}
        >
          {kinds.map((kind) => (
            <option key={kind} value={kind}>
              {names[kind]}
            </option>
          ))}
        </select>
        ,
      </span>
    </>
  );
}

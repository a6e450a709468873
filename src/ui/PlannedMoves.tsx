import { useState } from 'react';
import { controlsOf, type Gear, proposedValue, storedValue, valuesOf, valueWords } from '@/core/gear';
import { issueSentence } from '@/core/issues';
import { PLANNED, type PlannedMove } from '@/core/roast';
import { formatSpan, parseClock } from '@/core/units';
import { Button } from './Button';
import { moveWords } from './moveWords';

interface PlannedMovesProps {
  readonly gear: Gear;
  readonly moves: readonly PlannedMove[];
  readonly onMoves: (moves: PlannedMove[]) => void;
}

const MILESTONES = ['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack'] as const;
const milestoneLabels = {
  yellow: 'at yellow',
  firstCrack: 'at first crack',
  firstCrackEnd: 'as first crack ends',
  secondCrack: 'at second crack',
} as const;

/** Moves meant for a milestone or a time; the roast screen brings them up when they are due. */
export function PlannedMoves({ gear, moves, onMoves }: PlannedMovesProps) {
  const controls = controlsOf(gear);
  const [controlId, setControlId] = useState('');
  const [value, setValue] = useState('');
  const [when, setWhen] = useState<string>('yellow');
  const [clock, setClock] = useState('');
  const [error, setError] = useState('');
  const control = controls.find(({ id }) => id === controlId) ?? controls[0];
  const stoodAt = (id: string) => moves.findLast((move) => move.control === id)?.value;
  if (!control) return null;
  const values = valuesOf(control);
  // What was picked on other gear may be nothing here.
  const picked = values.includes(value) ? value : proposedValue(control, stoodAt(control.id));
  const add = () => {
    const at = when === 'at' ? parseClock(clock) : undefined;
    if (at && !at.ok) return setError(at.issues.map(issueSentence).join(' '));
    if (at?.ok && (at.value < 0 || at.value > PLANNED.latestS))
      return setError(`Write a time within ${formatSpan(PLANNED.latestS)} of the beans going in, such as 2:00.`);
    if (moves.length >= PLANNED.moves)
      return setError(`A plan holds ${PLANNED.moves} moves. Take one out to make room.`);
    setError('');
    onMoves([
      ...moves,
      {
        control: control.id,
        when: at?.ok
          ? { kind: 'at', atS: at.value }
          : { kind: 'milestone', milestone: when as (typeof MILESTONES)[number] },
        ...(picked === undefined ? {} : { value: storedValue(control, picked) }),
      },
    ]);
    setClock('');
  };
  return (
    <section className="border-line border-t pt-3">
      <h2 className="mb-2 text-xl">Moves you mean to make</h2>
      <ul>
        {moves.map((move, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two planned moves may be the same
          <li key={i} className="flex items-center gap-3">
            <span>{moveWords(move, gear)}</span>
            <Button
              variant="quiet"
              aria-label={`Take ${moveWords(move, gear)} out`}
              onClick={() => onMoves(moves.filter((_, other) => other !== i))}
            >
              Take out
            </Button>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <select
          aria-label="Move"
          className="choice"
          value={control.id}
          onChange={(event) => {
            setControlId(event.target.value);
            setValue('');
          }}
        >
          {controls.map(({ id, label }) => (
            <option key={id} value={id}>
              {label.toLowerCase()}
            </option>
          ))}
        </select>
        {control.kind !== 'act' && (
          <select aria-label="To" className="choice" value={picked} onChange={(event) => setValue(event.target.value)}>
            {values.map((each) => (
              <option key={each} value={each}>
                {valueWords(control, each)}
              </option>
            ))}
          </select>
        )}
        <select aria-label="When" className="choice" value={when} onChange={(event) => setWhen(event.target.value)}>
          {MILESTONES.map((milestone) => (
            <option key={milestone} value={milestone}>
              {milestoneLabels[milestone]}
            </option>
          ))}
          <option value="at">at a time</option>
        </select>
        {when === 'at' && (
          <input
            aria-label="Time of the move"
            className="choice w-[6ch]"
            placeholder="2:00"
            value={clock}
            onChange={(event) => setClock(event.target.value)}
          />
        )}
        <Button onClick={add}>Add</Button>
      </div>
      {error && (
        <p role="alert" className="text-danger mt-1">
          {error}
        </p>
      )}
    </section>
  );
}

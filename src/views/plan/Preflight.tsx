import type { Gear, Place } from '@/core/gear';
import { preflightFor, type RoastDay } from '@/core/plan';
import { database } from '@/store/current';
import { editDay } from '@/store/days';
import { Tick } from '@/ui/Tick';

interface PreflightProps {
  readonly gear: Gear;
  readonly place: Place;
  readonly day: RoastDay;
}

/** The five lines that matter here, ticked once a roast day. */
export function Preflight({ gear, place, day }: PreflightProps) {
  const lines = preflightFor(gear, place);
  const ticked = new Set(day.ticked);
  const toggle = (key: string) =>
    void editDay(database(), day.date, (now) => ({
      ticked: now.ticked.includes(key) ? now.ticked.filter((each) => each !== key) : [...now.ticked, key],
    }));
  return (
    <ul>
      {lines.map(({ key, text }) => (
        <li key={key}>
          <Tick checked={ticked.has(key)} onChange={() => toggle(key)}>
            {text}
          </Tick>
        </li>
      ))}
    </ul>
  );
}

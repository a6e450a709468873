import { useEffect, useRef } from 'react';
import { USUAL_START } from '@/core/plan';
import { database } from '@/store/current';
import { editDay } from '@/store/days';

interface StartsAtProps {
  readonly date: string;
  readonly isOn: boolean;
  readonly startsAt: string | undefined;
}

/** When the first beans are to go in. What is typed stays in the field until it is a whole time, whatever the locale's form. */
export function StartsAt({ date, isOn, startsAt }: StartsAtProps) {
  const field = useRef<HTMLInputElement>(null);
  const stored = startsAt ?? (isOn ? '' : USUAL_START);
  // The browser gives no value for half a time, and must not be answered with one: the field is its own while it has the focus.
  useEffect(() => {
    if (field.current && document.activeElement !== field.current) field.current.value = stored;
  }, [stored]);
  const keep = (text: string) => void editDay(database(), date, () => ({ startsAt: text || undefined }));
  return (
    <label className="text-husk">
      First beans in at{' '}
      <input
        ref={field}
        type="time"
        className="choice text-ink font-bold"
        defaultValue={stored}
        onChange={(event) => event.target.value && keep(event.target.value)}
        onBlur={(event) => event.target.value !== stored && keep(event.target.value)}
      />
    </label>
  );
}

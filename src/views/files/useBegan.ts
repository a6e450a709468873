import { min, subSeconds } from 'date-fns';
import { useState } from 'react';
import { type ReadLog, timeOfDay } from '@/core/sheet';
import { localDay, localTime } from '@/core/units';

/** A file that does not say when: this morning at ten, or, while that is still to come, as late as it can have been. */
function likelyBegan(log: ReadLog): Date {
  const lastS = log.readings.at(-1)?.at ?? 0;
  return min([new Date(`${localDay(Date.now())}T10:00`), subSeconds(Date.now(), lastS)]);
}

/** When the beans went in: as it was typed, else as the columns say that are chosen now. */
export function useBegan(log: ReadLog) {
  const [likely] = useState(() => likelyBegan(log));
  const [typedDay, setDay] = useState<string>();
  const [typedTime, setTime] = useState<string>();
  const day = typedDay ?? log.began?.day ?? localDay(likely);
  const time = typedTime ?? (log.began ? timeOfDay(log.began.timeS) : localTime(likely));
  return { day, time, setDay, setTime };
}

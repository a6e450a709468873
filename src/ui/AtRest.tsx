import { useEffect } from 'react';
import { lookAfterDaily } from './lookAfter';
import { Missing } from './Missing';
import { NewerGander } from './NewerGander';
import { SaveReminder } from './SaveReminder';
import { useWaiting } from './useWaiting';

/** What a page sees to once it stands: that everything is there, can be read and is saved, and whether a newer Gander waits. */
export function AtRest() {
  const waiting = useWaiting();
  useEffect(() => lookAfterDaily(), []);
  return (
    <>
      <Missing />
      {waiting && <NewerGander waiting={waiting} />}
      {['/', '/files/'].includes(location.pathname) && <SaveReminder />}
    </>
  );
}

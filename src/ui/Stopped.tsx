import { useEffect, useState } from 'react';
import { type StorageTrouble, storageTrouble } from './failureWords';

const titles = {
  full: 'This device has no room left.',
  blocked: 'This browser keeps nothing here.',
  other: 'This page stopped working.',
} as const;

const advice = {
  full: 'The notebook cannot be opened without a little room. Delete something large on this device, then load the page again. The notebook itself is not touched.',
  blocked:
    'Gander keeps the notebook in the browser’s own storage, and that is blocked: by a private window, a setting for this site, or a setting for all sites. Allow this site to keep data, or open it in an ordinary window, then load the page again.',
  other:
    'Nothing in your notebook is lost: every entry was kept as you made it. Load the page again to go on. The rescue page opens whatever the data are.',
} as const;

/** What stands in place of a page that cannot go on. A row that cannot be read is the usual cause, and is looked for. */
export function Stopped({ error }: { readonly error: Error }) {
  const [looking, setLooking] = useState(true);
  const trouble: StorageTrouble = storageTrouble(error);
  useEffect(() => {
    // What could not even be opened cannot be looked through; then these words stay.
    void import('./lookAfter')
      .then(({ setAside }) => setAside())
      .catch(() => false)
      .then((found) => found || setLooking(false));
  }, []);
  return (
    <section role="alert" className="mx-auto max-w-2xl p-6">
      <h1 className="text-3xl">{titles[trouble ?? 'other']}</h1>
      <p className="mt-3">{advice[trouble ?? 'other']}</p>
      <p className="text-husk mt-3">
        {looking && !trouble
          ? 'Looking whether something in the notebook cannot be read…'
          : `What happened: ${error.message}`}
      </p>
      <p className="mt-5 flex flex-wrap items-center gap-x-8 gap-y-3">
        <button
          type="button"
          className="bg-bill text-on-bill min-h-11 rounded-xl px-5 font-bold"
          onClick={() => location.reload()}
        >
          Load again
        </button>
        <a href="/rescue/" className="flex min-h-11 items-center underline underline-offset-4">
          To the rescue page
        </a>
      </p>
    </section>
  );
}

/** Whether Gander opens on this device when nothing answers; what would have to be so that it does. */
export function KeptHere() {
  return <p className="text-husk -mt-4 max-w-2xl pb-8">{keptWords(navigator.serviceWorker)}</p>;
}

/** Says it from what the browser tells of the worker that keeps the pages; it gives none at addresses it does not trust. */
export function keptWords(keeper: { readonly controller: unknown } | undefined): string {
  if (!keeper)
    return 'At this address a browser keeps no pages: Gander opens here only while its server answers. It keeps them at an https address, and on the computer that serves it.';
  if (!keeper.controller)
    return 'Gander is being kept on this device; from the next page on it opens without a network.';
  return 'Gander is kept on this device and opens without a network.';
}

import { Component, type ReactNode } from 'react';

interface State {
  readonly error?: Error;
  /** Whether the notebook is being looked through for what cannot be read. */
  readonly looking?: boolean;
}

/**
 * Shows what went wrong instead of an empty page. A row that cannot be read is the usual cause: it is taken out of the way and
 * the page loaded again.
 */
export class ErrorBoundary extends Component<{ readonly children: ReactNode }, State> {
  override state: State = {};

  static getDerivedStateFromError(error: Error): State {
    return { error, looking: true };
  }

  override componentDidCatch() {
    // What could not even be opened cannot be looked through; then these words stay.
    import('./lookAfter')
      .then(({ setAside }) => setAside())
      .then((found) => found || this.setState({ looking: false }))
      .catch(() => this.setState({ looking: false }));
  }

  override render() {
    const { error, looking } = this.state;
    if (!error) return this.props.children;
    return (
      <section role="alert" className="mx-auto max-w-2xl p-6">
        <h1 className="text-3xl">{titleOf(error)}</h1>
        <p className="mt-3">{adviceOf(error)}</p>
        <p className="text-husk mt-3">
          {looking ? 'Looking whether something in the notebook cannot be read…' : `What happened: ${error.message}`}
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
}

/** What a browser says that keeps nothing for this address. */
const BLOCKED = new Set(['SecurityError', 'MissingAPIError', 'InvalidStateError', 'NoStorageError']);
const isFull = ({ name, message }: Error) => name === 'QuotaExceededError' || /quota/i.test(message);
const isBlocked = (error: Error) =>
  BLOCKED.has(error.name) ||
  (error.name === 'OpenFailedError' && /security|denied|mutation|insecure/i.test(error.message));

function titleOf(error: Error): string {
  if (isFull(error)) return 'This device has no room left.';
  if (isBlocked(error)) return 'This browser keeps nothing here.';
  return 'This page stopped working.';
}

function adviceOf(error: Error): string {
  if (isFull(error))
    return 'The notebook cannot be opened without a little room. Delete something large on this device, then load the page again. The notebook itself is not touched.';
  if (isBlocked(error))
    return 'Gander keeps the notebook in the browser’s own storage, and that is blocked: by a private window, a setting for this site, or a setting for all sites. Allow this site to keep data, or open it in an ordinary window, then load the page again.';
  return 'Nothing in your notebook is lost: every entry was kept as you made it. Load the page again to go on. The rescue page opens whatever the data are.';
}

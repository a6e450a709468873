import { Component, type ReactNode } from 'react';

interface State {
  readonly error?: Error;
}

/** Shows what went wrong instead of an empty page. The notebook is on the disk and not touched by it. */
export class ErrorBoundary extends Component<{ readonly children: ReactNode }, State> {
  override state: State = {};

  static getDerivedStateFromError(error: Error): State {
    return { error };
  }

  override render() {
    const { error } = this.state;
    if (!error) return this.props.children;
    return (
      <section role="alert" className="mx-auto max-w-2xl p-6">
        <h1 className="text-3xl">This page stopped working.</h1>
        <p className="mt-3">
          Nothing in your notebook is lost: every entry was kept as you made it. Load the page again to go on.
        </p>
        <p className="text-husk mt-3">What happened: {error.message}</p>
        <button
          type="button"
          className="bg-bill text-on-bill mt-5 min-h-11 rounded-xl px-5 font-bold"
          onClick={() => location.reload()}
        >
          Load again
        </button>
      </section>
    );
  }
}

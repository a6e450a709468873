import { Component, type ComponentType, lazy, type ReactNode, Suspense } from 'react';

interface State {
  readonly error?: Error;
}

/** Fetched when it is wanted, which is seldom; where even that fails, its place is empty and the page's own words stand there. */
const Stopped = lazy<ComponentType<{ readonly error: Error }>>(() =>
  import('./Stopped').then(
    (module) => ({ default: module.Stopped }),
    () => ({ default: () => null }),
  ),
);

/** Shows what went wrong instead of an empty page. */
export class ErrorBoundary extends Component<{ readonly children: ReactNode }, State> {
  override state: State = {};

  static getDerivedStateFromError(error: Error): State {
    return { error };
  }

  override render() {
    const { error } = this.state;
    if (!error) return this.props.children;
    return (
      <Suspense>
        <Stopped error={error} />
      </Suspense>
    );
  }
}

import { lazy, type ReactNode, Suspense, useEffect, useState } from 'react';
import { chosenHousehold, database, isPractice } from '@/store/current';
import { requireWritable } from '@/store/database';
import { readHousehold } from '@/store/householdNow';
import { takeUpHeatWrites } from '@/store/outbox';
import { rules } from '@/store/rules';
import { DemoBar } from './DemoBar';
import { ErrorBoundary } from './ErrorBoundary';
import { sayFailures } from './failures';
import { NoticeBar } from './NoticeBar';
import { UnderWayBar } from './UnderWayBar';

// Nothing that the page waits for, and it brings the file's schemas along.
const AtRest = lazy(async () => ({ default: (await import('./AtRest')).AtRest }));

// Begun as soon as the script runs, since opening takes the browser a moment; what goes wrong is said by the gate below.
if (isPractice() || chosenHousehold())
  void database()
    .open()
    .catch(() => undefined);

// In the browser alone: the server draws the island's place before any of it runs.
if ('window' in globalThis) sayFailures();

interface IslandProps {
  readonly children: ReactNode;
  /** The roast screen says what is under way by itself. */
  readonly bare?: boolean;
}

type Gate =
  | { readonly kind: 'opening' }
  | { readonly kind: 'open' }
  | { readonly kind: 'readOnly'; readonly reason: string };

/** What every view stands in: the household is open before it shows, errors are caught, and what just happened is said. */
export function Island(props: IslandProps) {
  return (
    <ErrorBoundary>
      <Gated {...props} />
    </ErrorBoundary>
  );
}

/** Inside of what catches errors, its own too: a notebook that does not open is one. */
function Gated({ children, bare = false }: IslandProps) {
  const gate = useGate();
  return (
    <>
      {gate.kind === 'readOnly' && (
        <p role="alert" className="border-danger text-danger my-4 border-2 p-4 font-bold">
          {gate.reason}
        </p>
      )}
      {gate.kind !== 'opening' && (
        <>
          {!bare && !isPractice() && chosenHousehold() === 'demo' && <DemoBar />}
          {!bare && <UnderWayBar />}
          {!bare && !isPractice() && (
            <Suspense>
              <AtRest />
            </Suspense>
          )}
          {children}
          <NoticeBar />
        </>
      )}
    </>
  );
}

function useGate(): Gate {
  const [gate, setGate] = useState<Gate>({ kind: 'opening' });
  const [failed, setFailed] = useState<Error>();
  useEffect(() => {
    let current = true;
    openHousehold()
      .then((next) => current && setGate(next))
      .catch((error: Error) => current && setFailed(error));
    return () => {
      current = false;
    };
  }, []);
  const isOpen = gate.kind === 'open';
  useEffect(() => {
    if (!isOpen) return;
    // Without a network the next change fetches it again, and says so where it cannot.
    const timer = setTimeout(() => void rules().catch(() => undefined), FETCHES_RULES_AFTER_MS);
    return () => clearTimeout(timer);
  }, [isOpen]);
  if (failed) throw failed;
  return gate;
}

/** Once the page stands, and long before anybody has filled anything in. */
const FETCHES_RULES_AFTER_MS = 500;

/** Told when the browser has nowhere to keep anything. */
class NoStorageError extends Error {
  override readonly name = 'NoStorageError';
}

/** A database that neither opens nor fails: another window holds on to an older one. */
const OPENS_WITHIN_MS = 15_000;

function openInTime(): Promise<void> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(
      () => reject(new Error('The notebook does not open. Close Gander’s other windows, then load this page again.')),
      OPENS_WITHIN_MS,
    );
    requireWritable(database())
      .then(resolve, reject)
      .finally(() => clearTimeout(timer));
  });
}

async function openHousehold(): Promise<Gate> {
  // Loaded only then: it brings the file format with it, which no other visit to a page needs.
  if (!chosenHousehold() && (await wantsDemo())) await (await import('./enterDemo')).enterDemo();
  if (typeof indexedDB === 'undefined' || indexedDB === null) throw new NoStorageError('there is no IndexedDB');
  try {
    await openInTime();
    takeUpHeatWrites(database());
    await readHousehold();
    return { kind: 'open' };
  } catch (error) {
    if ((error as Error).name === 'NewerDatabaseError') return { kind: 'readOnly', reason: (error as Error).message };
    throw error;
  }
}

/** Asked once, on the very first visit; without an answer the person is asked instead. */
async function wantsDemo(): Promise<boolean> {
  try {
    const answer = (await (await fetch('/api/welcome')).json()) as { begin?: string };
    return answer.begin === 'demo';
  } catch {
    return false;
  }
}

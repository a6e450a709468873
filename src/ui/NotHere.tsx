import { LinkButton } from './Button';

interface NotHereProps {
  /** What the address asked for, such as "roast". */
  readonly what: string;
  readonly href: string;
  /** Where that leads, such as "To the journal". */
  readonly children: string;
}

/** For a page whose address names something that is not in this household, or no longer. */
export function NotHere({ what, href, children }: NotHereProps) {
  return (
    <section className="max-w-xl py-10">
      <h1 className="text-4xl">There is no such {what} here.</h1>
      <p className="mt-3 mb-6">It may have been deleted, or it belongs to the other household on this device.</p>
      <LinkButton href={href} variant="next">
        {children}
      </LinkButton>
    </section>
  );
}

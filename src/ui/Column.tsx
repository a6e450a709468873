import type { ReactNode } from 'react';

/** One of several columns under a page's headline, with its own name. */
export function Column({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="mb-1 text-xl">{title}</h2>
      {children}
    </section>
  );
}

const tabs = [
  { key: 'one', name: 'One roast', href: '/plan/' },
  { key: 'day', name: 'Roast day', href: '/plan/day/' },
  { key: 'ahead', name: 'Four weeks ahead', href: '/plan/ahead/' },
] as const;

/** The pages of Plan: one roast, a day of them, the weeks to come. */
export function PlanTabs({ at }: { readonly at: (typeof tabs)[number]['key'] }) {
  return (
    <nav aria-label="Plan" className="no-print border-line flex flex-wrap gap-x-7 border-b">
      {tabs.map(({ key, name, href }) => (
        <a
          key={key}
          href={href}
          aria-current={key === at ? 'page' : undefined}
          className="text-husk aria-[current]:border-ink aria-[current]:text-ink flex min-h-11 items-center border-b-2 border-transparent aria-[current]:font-bold"
        >
          {name}
        </a>
      ))}
    </nav>
  );
}

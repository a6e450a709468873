/** One page of a place. */
export interface Tab<Key extends string> {
  readonly key: Key;
  readonly name: string;
  readonly href: string;
}

interface TabsProps<Key extends string> {
  readonly label: string;
  readonly tabs: readonly Tab<Key>[];
  readonly at: Key;
}

/** The pages of one place, the one that is open underlined. */
export function Tabs<Key extends string>({ label, tabs, at }: TabsProps<Key>) {
  return (
    <nav
      aria-label={label}
      className="no-print border-line flex gap-x-7 max-sm:gap-x-5 overflow-x-auto border-b whitespace-nowrap"
    >
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

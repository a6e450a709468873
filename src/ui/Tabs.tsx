/** One page of a place. */
interface Tab<Key extends string> {
  readonly key: Key;
  readonly name: string;
  readonly href: string;
}

interface TabsProps<Key extends string> {
  readonly label: string;
  readonly tabs: readonly Tab<Key>[];
  readonly current: Key;
}

/** Brings the open page's tab into view where not all have room; one function, so that it runs once. */
function show(tab: HTMLAnchorElement | null): void {
  const { parentElement: row } = tab ?? {};
  if (tab && row && row.scrollWidth > row.clientWidth) row.scrollLeft = tab.offsetLeft - row.clientWidth / 3;
}

/** The pages of one place, the one that is open underlined. */
export function Tabs<Key extends string>({ label, tabs, current }: TabsProps<Key>) {
  return (
    <nav
      aria-label={label}
      className="no-print border-line relative flex gap-x-7 max-sm:gap-x-5 overflow-x-auto border-b whitespace-nowrap"
    >
      {tabs.map(({ key, name, href }) => (
        <a
          key={key}
          ref={key === current ? show : undefined}
          href={href}
          aria-current={key === current ? 'page' : undefined}
          className="text-husk aria-[current]:border-ink aria-[current]:text-ink flex min-h-11 items-center border-b-2 border-transparent aria-[current]:font-bold"
        >
          {name}
        </a>
      ))}
    </nav>
  );
}

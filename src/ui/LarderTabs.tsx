const tabs = [
  { key: 'green', name: 'Green beans', href: '/larder/' },
  { key: 'roasted', name: 'Roasted, in jars', href: '/larder/shelf/' },
  { key: 'buying', name: 'Which pack to buy', href: '/larder/buying/' },
] as const;

/** The sides of the larder: green, roasted, and what to buy. */
export function LarderTabs({ at }: { readonly at: (typeof tabs)[number]['key'] }) {
  return (
    <nav aria-label="Larder" className="no-print border-line flex flex-wrap gap-x-7 border-b">
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

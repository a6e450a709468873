import { Tabs } from './Tabs';

const tabs = [
  { key: 'roasts', name: 'Roasts', href: '/journal/' },
  { key: 'recipes', name: 'Recipes', href: '/journal/recipes/' },
  { key: 'experiments', name: 'Experiments', href: '/journal/experiments/' },
  { key: 'money', name: 'Money', href: '/journal/money/' },
  { key: 'paper', name: 'From paper', href: '/journal/paper/' },
] as const;

/** The pages of the journal: the roasts, what was kept of them, what was learned, what they cost. */
export function JournalTabs({ current }: { readonly current: (typeof tabs)[number]['key'] }) {
  return <Tabs label="Journal" tabs={tabs} current={current} />;
}

import { Tabs } from './Tabs';

const tabs = [
  { key: 'green', name: 'Green beans', href: '/larder/' },
  { key: 'roasted', name: 'Roasted, in jars', href: '/larder/shelf/' },
  { key: 'buying', name: 'Buying', href: '/larder/buying/' },
] as const;

/** The sides of the larder: green, roasted, and what to buy. */
export function LarderTabs({ current }: { readonly current: (typeof tabs)[number]['key'] }) {
  return <Tabs label="Larder" tabs={tabs} current={current} />;
}

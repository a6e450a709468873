import { Tabs } from './Tabs';

const tabs = [
  { key: 'one', name: 'One roast', href: '/plan/' },
  { key: 'day', name: 'Roast day', href: '/plan/day/' },
  { key: 'ahead', name: 'Four weeks ahead', href: '/plan/ahead/' },
] as const;

/** The pages of Plan: one roast, a day of them, the weeks to come. */
export function PlanTabs({ current }: { readonly current: (typeof tabs)[number]['key'] }) {
  return <Tabs label="Plan" tabs={tabs} current={current} />;
}

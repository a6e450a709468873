/** The places in the top line, by the roaster's day. One appears here when it works. */
export const places: readonly { readonly name: string; readonly href: string; readonly short?: string }[] = [
  { name: 'Today', href: '/' },
  { name: 'Plan', href: '/plan/' },
  { name: 'Journal', href: '/journal/' },
  { name: 'Taste', href: '/taste/' },
  { name: 'Larder', href: '/larder/' },
  { name: 'Gear', href: '/gear/' },
  { name: 'Practice', href: '/practice/', short: 'Try' },
  { name: 'Files and settings', href: '/files/', short: 'Files' },
];

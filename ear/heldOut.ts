import { allKinds, type Kinds } from './scene.ts';

/** Kinds that are left out of training together, and that scenes are then made of: real beans are a kind it never heard. */
export const heldOut: Readonly<Record<string, Kinds>> = {
  a: {
    cracks: ['grain'],
    gear: ['hood', 'scraping'],
    kitchen: ['glass', 'typing', 'speech'],
    microphones: ['phone', 'gain'],
  },
  b: {
    cracks: ['modes'],
    gear: ['blower', 'shaking'],
    kitchen: ['clatter', 'rustle', 'water'],
    microphones: ['flat', 'clipping'],
  },
  c: {
    cracks: ['burst', 'tear'],
    gear: ['stirring', 'drum'],
    kitchen: ['claps', 'fire', 'music'],
    microphones: ['dull', 'call'],
  },
};

/** All kinds but those of a fold; `none` leaves nothing out. */
export function withoutKinds(fold: string): Kinds {
  const out = heldOut[fold];
  if (!out) {
    if (fold === 'none') return allKinds;
    throw new Error(`No such fold: ${fold}. There are ${Object.keys(heldOut).join(', ')} and none.`);
  }
  const rest = <K extends keyof Kinds>(key: K) =>
    (allKinds[key] as readonly string[]).filter(
      (each) => !(out[key] as readonly string[]).includes(each),
    ) as unknown as Kinds[K];
  return { cracks: rest('cracks'), gear: rest('gear'), kitchen: rest('kitchen'), microphones: rest('microphones') };
}

import { type ShadeNumber, shadeOf, shadeOfLightness } from '../shade/index.ts';
import type { RoastLook } from './looks.ts';
import { finalShade, pullsOf } from './progress.ts';
import type { Roast } from './roast.ts';
import type { Evenness } from './roastKinds.ts';

type Looked = Pick<Roast, 'entries' | 'looks'>;

/** The newest photo of the whole beans of a pull, the last pull's unless said; undefined where none was taken. */
export function lookOf(roast: Looked, pullId = pullsOf(roast).at(-1)?.id): RoastLook | undefined {
  return newest(roast, 'whole', pullId);
}

function newest({ looks }: Looked, of: RoastLook['of'], pullId: RoastLook['pullId']): RoastLook | undefined {
  return looks?.findLast((look) => look.of === of && look.pullId === pullId);
}

/** The shade as a photo measured it, the last pull's unless said; undefined without one. `lies` is how much lighter this person's shades lie than the table's, L*. */
export function measuredShade(roast: Looked, pullId?: string, lies = 0): ShadeNumber | undefined {
  const look = lookOf(roast, pullId as RoastLook['pullId']);
  return look && shadeOfLightness(look.lightness - lies);
}

/**
 * What is learnt from a roast of how dark it came out: measured before named. Where the name lies within what the photo
 * leaves open, eye and photo agree, and the name stands.
 */
export function learntShade(roast: Looked): ShadeNumber | undefined {
  const [look, named] = [lookOf(roast), finalShade(roast)];
  if (!look) return named;
  const table = named === undefined ? Number.NaN : shadeOf(named).lightness;
  return table >= look.least && table <= look.most ? named : shadeOfLightness(look.lightness);
}

/** Spreads from here on are some, and patchy, L* between beans. Our own reading of the handbook's words; beans of one lot and roast differ by 2 to 3. */
const SPREAD = { some: 4, patchy: 6 } as const;

/** How alike the beans came out: as a person says, else as a photo shows; undefined where neither is known. */
export function evennessSeen(roast: Looked & Pick<Roast, 'evenness'>): Evenness | undefined {
  const spread = lookOf(roast)?.spread;
  return roast.evenness ?? (spread === undefined ? undefined : evennessOf(spread));
}

/** What a spread between beans is called, L* standard deviation. */
export function evennessOf(spread: number): Evenness {
  if (spread >= SPREAD.patchy) return 'patchy';
  return spread >= SPREAD.some ? 'someSpread' : 'even';
}

/** Shares of scorched beans from which some, and many, are. Our own: one in fifty is picked out by hand, one in eight spoils the cup. */
const SCORCHED = { some: 0.02, many: 0.12 } as const;

/** How many beans have scorched spots: as a person says, else as a photo shows; undefined where neither is known. */
export function spotsSeen(roast: Looked & Pick<Roast, 'spots'>): Roast['spots'] {
  const share = lookOf(roast)?.scorchedShare;
  if (roast.spots !== undefined || share === undefined) return roast.spots;
  if (share >= SCORCHED.many) return 'many';
  return share >= SCORCHED.some ? 'some' : 'none';
}

/** A share of the beans that a look saw, as a count of them: “3 of about 96 beans”, where only some of them were measured. */
export function beansOf(
  { measured, beans = measured }: Pick<RoastLook, 'measured' | 'beans'>,
  share = 0,
): { readonly count: number; readonly words: string } {
  const count = Math.round(share * beans);
  return { count, words: `${count} of ${beans === measured ? '' : 'about '}${beans} beans` };
}

/** The newest photo of a pull's coffee, ground; undefined where none was taken. */
export function groundLookOf(roast: Looked, pullId = pullsOf(roast).at(-1)?.id): RoastLook | undefined {
  return newest(roast, 'ground', pullId);
}

/** How much lighter the ground coffee of a pull, the last unless said, is than its whole beans, L*; undefined until both were seen. */
export function palerInsideBy(roast: Looked, pullId?: RoastLook['pullId']): number | undefined {
  const [whole, ground] = [lookOf(roast, pullId), groundLookOf(roast, pullId)];
  return whole && ground && ground.lightness - whole.lightness;
}

/** The roast with what photos show wherever nobody said it: how alike, how spotted, how it is inside. */
export function asSeen(roast: Roast): Roast {
  const lag = palerInsideBy(roast);
  const bite = roast.bite ?? (lag === undefined ? undefined : lag >= INSIDE_LAGS_FROM ? 'palerInside' : 'alike');
  const [evenness, spots] = [evennessSeen(roast), spotsSeen(roast)];
  return { ...roast, ...(evenness && { evenness }), ...(spots && { spots }), ...(bite && { bite }) };
}

/** Ground reads lighter than whole in any case (handbook, section 15); from here on the inside has not kept up. Our own figure. */
export const INSIDE_LAGS_FROM = 9;

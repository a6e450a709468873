import { type Random, seededRandom } from '../src/core/chance/index.ts';
import { Onsets } from '../src/core/listen/index.ts';
import { clipRates, type Kinds, makeScene, type Scene } from './scene.ts';

/** Classes of the nets, in their order. */
export const CLASSES = ['nothing', 'first', 'second'] as const;

/** Onsets with what they were; features one after the other. */
export interface Examples {
  readonly features: Float32Array;
  readonly labels: Uint8Array;
  readonly width: number;
}

const CLIP_S = 30;
/** An onset belongs to a crack so near; one that nobody could hear teaches nothing, neither that it is one nor that it is none. */
const NEAR_S = 0.012;
const AUDIBLE_DB = 3;
/** So many of the onsets that are nothing are kept; the odds are put right for the rest. */
export const KEPT_OF_NOTHING = 0.5;
/** The first seconds are left out: the background is not known yet. */
const SETTLED_S = 3;

/** What onsets of a scene were. */
function labelled(scene: Scene, random: Random): { features: Float32Array; label: number }[] {
  const onsets = new Onsets(scene.sampleRate);
  const found: { features: Float32Array; label: number }[] = [];
  for (const sample of scene.samples) {
    const onset = onsets.push(sample);
    if (!onset || onset.at < SETTLED_S) continue;
    const { at, features } = onset;
    const near = scene.cracks.filter((crack) => Math.abs(at - 0.002 - crack.at) < NEAR_S);
    const heard = near.find(({ snrDb }) => snrDb >= AUDIBLE_DB);
    if (heard) found.push({ features, label: heard.kind === 'first' ? 1 : 2 });
    else if (near.length === 0 && random() < KEPT_OF_NOTHING) found.push({ features, label: 0 });
  }
  return found;
}

/** Examples from clips with these seeds. */
export function examplesOf(seeds: readonly number[], kinds: Kinds): Examples {
  const all = seeds.flatMap((seed) => {
    const random = seededRandom(seed * 7919 + 13);
    random();
    return labelled(
      makeScene(Math.floor(random() * 2 ** 31), { seconds: CLIP_S, rates: clipRates(random), kinds }),
      random,
    );
  });
  const width = all[0]?.features.length ?? 0;
  const features = new Float32Array(all.length * width);
  for (const [i, each] of all.entries()) features.set(each.features, i * width);
  return { features, labels: Uint8Array.from(all, ({ label }) => label), width };
}

/** A source of numbers in [0, 1), such as Math.random or a seeded one. */
export type Random = () => number;

/** A seeded source of numbers in [0, 1). Source: mulberry32, public domain, Tommy Ettinger 2017. */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** A draw from the standard normal distribution. Source: Box & Muller, Ann. Math. Statist. 29 (1958), 610. */
export function normal(random: Random): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

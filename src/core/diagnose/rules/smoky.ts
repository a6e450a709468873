import type { Rule } from '../rule.ts';
import { fact } from '../signs.ts';

/** Words for what smoke and burnt chaff leave in a cup. */
const OF_SMOKE = ['ashy', 'smoky', 'burnt', 'acrid'];
/** Shades that smoke by themselves. */
const SMOKES_FROM = 6;

/** Smoke stayed over the beans. */
export const smoky: Rule = {
  id: 'smoky',
  explains: ['bitter'],
  against: [],
  causes: [],
  signs: (evidence) => {
    const { live, reached, method, complaints } = evidence;
    const { meant, got } = evidence.shades;
    const seen = live.flatMap((entry) =>
      entry.kind === 'sense' && entry.sense === 'smoke' && entry.at <= (reached.pull ?? entry.at) ? [entry.word] : [],
    );
    const tasted = (complaints.get('bitter') ?? []).some((word) => OF_SMOKE.includes(word));
    const [thick, some] = [seen.includes('thick'), seen.includes('some')];
    return [
      !thick && !some && !tasted && { says: 'Nobody noted smoke.', weight: -3 },
      fact(thick, 'Thick smoke was seen before the pull.', 0.8),
      fact(some && !thick, 'Smoke was seen before the pull.', 0.4),
      fact(tasted && !thick && !some, 'It tasted of smoke or ash.', 0.35),
      fact(method.mess.chaff === 'staysIn', 'The chaff stays in this gear and can burn.', 0.15),
      fact((got ?? meant) >= SMOKES_FROM, 'So dark a roast smokes by itself.', -0.6),
      fact(got !== undefined && got > meant, 'It came out darker than it was meant to be.', -0.4),
    ];
  },
  says: () => 'Smoke and burning chaff stayed with the beans.',
  propose: () => ({ change: { kind: 'care', care: 'moreAirflow' }, question: 'Smoke and chaff let out?' }),
};

// What is measured in drawn photos, bean by bean: in daylight, by a hard light, and one with scorch and pale beans among the rest.
import { it } from 'node:test';
import { lookAt, type SeenEllipse } from '@/core/look';
import { trayPhoto } from '@/core/simulate';
import { trialOf } from '../../../bench/trays/scenes.ts';
import { assertPinned } from '../pinned.ts';

/** Places in thousandths of the picture's width, half axes too, and the angle in hundredths. */
const written = ({ x, y, long, broad, angle }: SeenEllipse) =>
  [1000 * x, 1000 * y, 1000 * long, 1000 * broad, 100 * angle].map(Math.round).join(' ');

it('the same photos are measured the same', () => {
  const pictures = {
    medium: trialOf(8102, 'medium', undefined, 480).drawn.picture,
    hard: trialOf(8103, 'hard', undefined, 480).drawn.picture,
    uneven: trayPhoto({ lightness: 30, spread: 3, scorchedShare: 0.15, paleShare: 0.1, count: 70 }, 5),
  };
  const looks = Object.entries(pictures).map(([name, picture]) => {
    const look = lookAt(picture);
    if (look.kind === 'refused') return [name, look.refuse];
    const { measure, white, beans, patches } = look;
    const seen = beans.map((bean) => `${written(bean)}: ${bean.lightness.toFixed(1)} ${bean.is ?? ''}`.trim());
    return [name, { measure, white, seen, patches: patches.map(written) }];
  });
  assertPinned('look', Object.fromEntries(looks));
});

// Everything that is told, asked and forecast at the heat through whole roasts, on each method, with and without readings.
import { it } from 'node:test';
import { methodIds, methodOf } from '@/core/gear';
import { forecastsAhead, nextWords, rateOfRise, tellingsFor } from '@/core/heat';
import { entry, mark } from '../build.ts';
import { assertPinned } from '../pinned.ts';
import { type Scene, scene } from './situation.ts';

const whole = (_: string, value: unknown) => (typeof value === 'number' ? Math.round(value) : value);
const reading = (at: number, celsius: number) => entry(at, { kind: 'reading', celsius });

/** A roast of that method's usual times, stretched, at many moments. */
function through(method: Scene['method'], times: number, facts: Partial<Scene>, withReadings: boolean) {
  const { usual } = methodOf(method ?? 'other') as unknown as { usual: Record<string, { medianS: number }> };
  const at = (name: string, other: number) => Math.round((usual?.[name]?.medianS ?? other) * times);
  const [yellow, firstCrack] = [at('yellow', 270), at('firstCrack', 540)];
  const all = [
    mark(yellow, 'yellow'),
    mark(firstCrack, 'firstCrack'),
    ...[3, 6, 9].map((s) => entry(firstCrack + s, { kind: 'crack', crack: 'first' })),
    ...(withReadings ? Array.from({ length: 40 }, (_, i) => reading(i * 20, 60 + 145 * (1 - Math.exp(-i / 12)))) : []),
  ].sort((a, b) => a.at - b.at);
  return [-60, 5, 60, 170, 290, 420, 530, 600, 680, 760, 900].map((nowS) => {
    const here = scene({ method: method ?? 'other', nowS, entries: all.filter((each) => each.at <= nowS), ...facts });
    const told = tellingsFor(here);
    return [
      `${nowS}:`,
      ...told.map(({ text, says }: never | { text: string; says?: string }) => says ?? text),
      '–',
      JSON.stringify(nextWords(here, told[0]), whole),
      '–',
      ...forecastsAhead(here).map((forecast) => JSON.stringify(forecast, whole)),
      rateOfRise(here.readings, nowS)?.toFixed(2) ?? '',
    ].join(' | ');
  });
}

it('the same is told at the same moments', () => {
  const tellings = methodIds.flatMap((method, i) =>
    [0.8, 1.25].map((times) => [
      `${method} ${times}`,
      through(
        method,
        times,
        { roast: { wantedShade: ((i % 5) + 2) as never, ambientC: i % 2 ? 4 : 36 }, ...(i % 3 ? {} : { ownC: 196 }) },
        i % 2 === 0,
      ),
    ]),
  );
  assertPinned('heat', Object.fromEntries(tellings));
});

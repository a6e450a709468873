import { useCallback } from 'react';
import { formatClock, type TemperatureUnit } from '@/core/units';
import { Plot } from './Plot';

/** One roast's readings: seconds from the line-up, °C past its gear's own first crack. */
interface RelativeCurve {
  readonly name: string;
  readonly points: readonly { readonly atS: number; readonly byC: number }[];
}

interface RelativeChartProps {
  readonly curves: readonly RelativeCurve[];
  readonly unit: TemperatureUnit;
}

/** Told apart by dash and weight as well as by colour. */
const looks = [
  { colour: '--slate', dash: 'solid', width: 4 },
  { colour: '--bill', dash: 'solid', width: 2 },
  { colour: '--ink', dash: 'dash', width: 2 },
  { colour: '--husk', dash: 'dot', width: 3 },
  { colour: '--slate', dash: 'dash', width: 2 },
  { colour: '--bill', dash: 'dot', width: 3 },
] as const;

/** Several curves in one chart, zero at first crack. */
export function RelativeChart({ curves, unit }: RelativeChartProps) {
  const draw = useCallback(
    (colour: (name: string) => string) => {
      const perC = unit === 'F' ? 1.8 : 1;
      const ticks = minuteTicks(curves);
      return {
        curves: curves.map(({ name, points }, i) => {
          const look = looks[i % looks.length] as (typeof looks)[number];
          return {
            x: points.map(({ atS }) => atS),
            y: points.map(({ byC }) => Math.round(byC * perC * 10) / 10),
            name,
            mode: 'lines',
            type: 'scatter',
            line: { color: colour(look.colour), width: look.width, dash: look.dash },
          };
        }),
        layout: {
          margin: { l: 0, r: 0, t: 10, b: 30 },
          showlegend: true,
          legend: { orientation: 'h', y: 1.12 },
          xaxis: { tickvals: ticks, ticktext: ticks.map(formatClock) },
          yaxis: {
            ticksuffix: ` °${unit}`,
            nticks: 6,
            zeroline: true,
            zerolinecolor: colour('--bill'),
            zerolinewidth: 2,
          },
        },
      };
    },
    [curves, unit],
  );
  return (
    <Plot
      draw={draw}
      height={320}
      label={`Temperature against first crack of ${curves.map(({ name }) => name).join('; ')}.`}
      failedWords="the figures below are all there."
    />
  );
}

/** Whole minutes, few enough to be read. */
function minuteTicks(curves: readonly RelativeCurve[]): number[] {
  const all = curves.flatMap(({ points }) => points.map(({ atS }) => atS));
  const [from, to] = [Math.min(...all), Math.max(...all)];
  const everyS = to - from > 720 ? 120 : 60;
  const ticks: number[] = [];
  for (let tick = Math.ceil(from / everyS) * everyS; tick <= to; tick += everyS) ticks.push(tick);
  return ticks;
}

import { useEffect, useRef, useState } from 'react';
import { formatClock, type TemperatureUnit } from '@/core/units';

/** One roast's readings: seconds from the line-up, °C past its gear's own first crack. */
export interface RelativeCurve {
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

/** Several curves in one chart, zero at first crack. Plotly is loaded when the first chart is shown. */
export function RelativeChart({ curves, unit }: RelativeChartProps) {
  const element = useRef<HTMLDivElement>(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    let current = true;
    const here = element.current;
    import('plotly.js-basic-dist-min')
      .then(({ default: plotly }) => {
        if (!current || !here) return;
        const style = getComputedStyle(here);
        const colour = (name: string) => style.getPropertyValue(name).trim();
        const perC = unit === 'F' ? 1.8 : 1;
        const ticks = minuteTicks(curves);
        void plotly.react(
          here,
          curves.map(({ name, points }, i) => {
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
          {
            height: 320,
            margin: { l: 0, r: 0, t: 10, b: 30 },
            paper_bgcolor: 'transparent',
            plot_bgcolor: 'transparent',
            showlegend: true,
            legend: { orientation: 'h', y: 1.12 },
            hovermode: false,
            font: { family: style.fontFamily, color: colour('--ink'), size: 14 },
            xaxis: {
              tickvals: ticks,
              ticktext: ticks.map(formatClock),
              gridcolor: colour('--line'),
              zeroline: false,
              fixedrange: true,
            },
            yaxis: {
              ticklabelposition: 'inside top',
              gridcolor: colour('--line'),
              ticksuffix: ` °${unit}`,
              zerolinecolor: colour('--bill'),
              zerolinewidth: 2,
              fixedrange: true,
              nticks: 6,
            },
          },
          { displayModeBar: false, responsive: true, staticPlot: true },
        );
      })
      .catch(() => current && setFailed(true));
    return () => {
      current = false;
    };
  }, [curves, unit]);
  return (
    <figure className="mt-2">
      <div
        ref={element}
        role="img"
        aria-label={`Temperature against first crack of ${curves.map(({ name }) => name).join('; ')}.`}
        style={{ minHeight: failed ? 0 : 320 }}
      />
      {failed && <p className="text-husk">The chart could not be loaded; the figures below are all there.</p>}
    </figure>
  );
}

/** Whole minutes, few enough to be read. */
function minuteTicks(curves: readonly RelativeCurve[]): number[] {
  const all = curves.flatMap(({ points }) => points.map(({ atS }) => atS));
  const [from, to] = [Math.min(...all), Math.max(...all)];
  const everyS = to - from > 720 ? 120 : 60;
  const ticks: number[] = [];
  for (let at = Math.ceil(from / everyS) * everyS; at <= to; at += everyS) ticks.push(at);
  return ticks;
}

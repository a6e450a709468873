import { useEffect, useRef, useState } from 'react';
import type { Reading } from '@/core/heat';
import { fromCelsius, type TemperatureUnit } from '@/core/units';

interface TemperatureChartProps {
  readonly readings: readonly Reading[];
  /** An earlier roast, drawn pale. */
  readonly guide?: readonly Reading[] | undefined;
  /** The gear's own reading at first crack, °C. */
  readonly ownC?: number | undefined;
  readonly unit: TemperatureUnit;
  /** The same edges as the ribbon above it, seconds from charge. */
  readonly fromS: number;
  readonly toS: number;
  readonly height?: number;
}

/** A gap longer than this is a gap and no line, seconds. */
const GAP_S = { streamed: 8, hand: 120 } as const;

/** Temperature over time under the ribbon, on its time axis. Plotly is loaded when the first chart is shown. */
export function TemperatureChart({ readings, guide, ownC, unit, fromS, toS, height = 210 }: TemperatureChartProps) {
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
        const shown = (celsius: number) => Math.round(fromCelsius(celsius, unit) * 10) / 10;
        void plotly.react(
          here,
          [
            ...(guide
              ? [{ ...curve(guide, shown), line: { color: colour('--line'), width: 5 }, name: 'earlier' }]
              : []),
            {
              ...curve(readings, shown),
              mode: readings.length < 60 ? 'lines+markers' : 'lines',
              line: { color: colour('--slate'), width: 3 },
              marker: { size: 8, color: colour('--slate') },
              name: 'now',
            },
          ],
          {
            height,
            margin: { l: 0, r: 0, t: 6, b: 4 },
            paper_bgcolor: 'transparent',
            plot_bgcolor: 'transparent',
            showlegend: false,
            hovermode: false,
            font: { family: style.fontFamily, color: colour('--husk'), size: 14 },
            xaxis: { range: [fromS, toS], visible: false, fixedrange: true },
            yaxis: {
              ticklabelposition: 'inside top',
              gridcolor: colour('--line'),
              ticksuffix: ` °${unit}`,
              zeroline: false,
              fixedrange: true,
              nticks: 5,
            },
            shapes:
              ownC === undefined
                ? []
                : [
                    {
                      type: 'line',
                      xref: 'paper',
                      x0: 0,
                      x1: 1,
                      y0: shown(ownC),
                      y1: shown(ownC),
                      line: { color: colour('--bill'), width: 2, dash: 'dot' },
                    },
                  ],
            annotations:
              ownC === undefined
                ? []
                : [
                    {
                      xref: 'paper',
                      x: 1,
                      y: shown(ownC),
                      text: `first crack here: ${Math.round(shown(ownC))} °${unit}`,
                      showarrow: false,
                      xanchor: 'right',
                      yanchor: 'bottom',
                      font: { color: colour('--ink') },
                    },
                  ],
          },
          { displayModeBar: false, responsive: true, staticPlot: true },
        );
      })
      .catch(() => current && setFailed(true));
    return () => {
      current = false;
    };
  }, [readings, guide, ownC, unit, fromS, toS, height]);
  const last = readings.at(-1);
  return (
    <figure className="mt-2">
      <div
        ref={element}
        role="img"
        aria-label={`Temperature: ${readings.length} readings, the last ${last ? `${Math.round(fromCelsius(last.celsius, unit))} °${unit}` : 'none'}.`}
        style={{ minHeight: failed ? 0 : height }}
      />
      {failed && <p className="text-husk">The chart could not be loaded; the readings are kept all the same.</p>}
    </figure>
  );
}

/** The points of a curve, parted where nothing was read for long. */
function curve(readings: readonly Reading[], shown: (celsius: number) => number) {
  const x: (number | null)[] = [];
  const y: (number | null)[] = [];
  readings.forEach(({ at, celsius, streamed }, i) => {
    const before = readings[i - 1];
    if (before && at - before.at > GAP_S[streamed ? 'streamed' : 'hand']) {
      x.push(null);
      y.push(null);
    }
    x.push(at);
    y.push(shown(celsius));
  });
  return { x, y, mode: 'lines', type: 'scatter', connectgaps: false };
}

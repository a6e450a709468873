import { useCallback } from 'react';
import type { Reading } from '@/core/heat';
import { fromCelsius, type TemperatureUnit } from '@/core/units';
import { Plot } from './Plot';

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

/** Temperature over time under the ribbon, on its time axis. */
export function TemperatureChart({ readings, guide, ownC, unit, fromS, toS, height = 210 }: TemperatureChartProps) {
  const draw = useCallback(
    (colour: (name: string) => string) => {
      const shown = (celsius: number) => Math.round(fromCelsius(celsius, unit) * 10) / 10;
      const now = {
        ...curve(readings, shown),
        mode: readings.length < 60 ? 'lines+markers' : 'lines',
        line: { color: colour('--slate'), width: 3 },
        marker: { size: 8, color: colour('--slate') },
        name: 'now',
      };
      const earlier = guide && {
        ...curve(guide, shown),
        line: { color: colour('--line'), width: 5 },
        name: 'earlier',
      };
      return {
        curves: earlier ? [earlier, now] : [now],
        layout: {
          font: { color: colour('--husk') },
          xaxis: { range: [fromS, toS], visible: false },
          yaxis: { ticksuffix: ` °${unit}`, nticks: 5 },
          ...(ownC === undefined ? {} : crackLine(shown(ownC), unit, colour)),
        },
      };
    },
    [readings, guide, ownC, unit, fromS, toS],
  );
  const last = readings.at(-1);
  return (
    <Plot
      draw={draw}
      height={height}
      label={`Temperature: ${readings.length} readings, the last ${last ? `${Math.round(fromCelsius(last.celsius, unit))} °${unit}` : 'none'}.`}
      failedWords="the readings are kept all the same."
    />
  );
}

/** A dotted line with its words at what this gear reads at first crack. */
function crackLine(at: number, unit: TemperatureUnit, colour: (name: string) => string) {
  const line = { color: colour('--bill'), width: 2, dash: 'dot' };
  return {
    shapes: [{ type: 'line', xref: 'paper', x0: 0, x1: 1, y0: at, y1: at, line }],
    annotations: [
      {
        xref: 'paper',
        x: 1,
        y: at,
        text: `first crack here: ${Math.round(at)} °${unit}`,
        showarrow: false,
        xanchor: 'right',
        yanchor: 'bottom',
        font: { color: colour('--ink') },
      },
    ],
  };
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

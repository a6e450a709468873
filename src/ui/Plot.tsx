import { useEffect, useRef, useState } from 'react';

/** What one chart shows beyond what all of them share. */
interface Drawing {
  readonly curves: readonly object[];
  readonly layout: {
    readonly xaxis: object;
    readonly yaxis: object;
    readonly font?: object;
    readonly [part: string]: unknown;
  };
}

interface PlotProps {
  /** Keep it with `useCallback`: another one draws anew. `colour` reads a colour of the theme, such as `--ink`. */
  readonly draw: (colour: (name: string) => string) => Drawing;
  readonly height: number;
  /** The chart in words. */
  readonly label: string;
  /** Said when the chart could not be loaded: where its figures are. */
  readonly failedWords: string;
}

/** A still chart in the theme's colours. Plotly is loaded when the first one is shown. */
export function Plot({ draw, height, label, failedWords }: PlotProps) {
  const element = useRef<HTMLDivElement>(null);
  const clear = useRef<() => void>(undefined);
  const [failed, setFailed] = useState(false);
  useEffect(() => () => clear.current?.(), []);
  useEffect(() => {
    let current = true;
    const here = element.current;
    import('plotly.js-basic-dist-min')
      .then(({ default: plotly }) => {
        if (!current || !here) return;
        // It listens to the window for as long as it is not told to stop.
        clear.current = () => plotly.purge(here);
        const style = getComputedStyle(here);
        const colour = (name: string) => style.getPropertyValue(name).trim();
        const { curves, layout } = draw(colour);
        void plotly.react(
          here,
          curves,
          {
            height,
            margin: { l: 0, r: 0, t: 6, b: 4 },
            paper_bgcolor: 'transparent',
            plot_bgcolor: 'transparent',
            showlegend: false,
            hovermode: false,
            ...layout,
            font: { family: style.fontFamily, color: colour('--ink'), size: 14, ...layout.font },
            xaxis: { fixedrange: true, gridcolor: colour('--line'), zeroline: false, ...layout.xaxis },
            yaxis: {
              fixedrange: true,
              gridcolor: colour('--line'),
              zeroline: false,
              ticklabelposition: 'inside top',
              ...layout.yaxis,
            },
          },
          { displayModeBar: false, responsive: true, staticPlot: true },
        );
      })
      .catch(() => current && setFailed(true));
    return () => {
      current = false;
    };
  }, [draw, height]);
  return (
    <figure className="mt-2">
      <div ref={element} role="img" aria-label={label} style={{ minHeight: failed ? 0 : height }} />
      {failed && <p className="text-husk">The chart could not be loaded; {failedWords}</p>}
    </figure>
  );
}

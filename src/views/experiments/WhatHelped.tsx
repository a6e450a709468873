import { scaleLinear } from 'd3-scale';
import { type ChangeRecord, type Experiment, type Outcome, scoreOfChanges } from '@/core/experiment';
import { shortDate } from '@/ui/dates';
import { useWidth } from '@/ui/useWidth';

const ROW = 34;
const MIDDLE = 64;
const HEIGHT = 150;
const SIDE = 14;
/** The way of each outcome from the middle line: up is better. */
const way = { helped: -1, noDifference: 0, worse: 1 } as const satisfies Record<Outcome, number>;
const says = { helped: 'helped', noDifference: 'no difference', worse: 'worse' } as const satisfies Record<
  Outcome,
  string
>;

/** Changes over time on one line: above it those that helped, on it those that did nothing, below it those that hurt. */
export function WhatHelped({ experiments }: { readonly experiments: readonly Experiment[] }) {
  const { ref, width } = useWidth();
  const dated = experiments
    .flatMap(({ question, outcome, answeredAt, createdAt }) =>
      outcome ? [{ question, outcome, at: answeredAt ?? createdAt }] : [],
    )
    .sort((a, b) => (a.at < b.at ? -1 : 1));
  const [first, last] = [dated[0], dated.at(-1)];
  if (!first || !last || dated.length < 2) return null;
  const again = scoreOfChanges(experiments).filter(({ times }) => times > 1);
  const x = scaleLinear([Date.parse(first.at), Date.parse(last.at)], [SIDE, width - SIDE]);
  return (
    <figure className="border-ink mt-8 border-t-2 pt-4">
      <figcaption className="font-heading text-2xl font-semibold">Which changes helped, over time</figcaption>
      <div ref={ref}>
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={dated
            .map(({ question, outcome, at }) => `${shortDate(at)}: ${question} ${says[outcome]}`)
            .join('; ')}
        >
          <line x1={0} x2={width} y1={MIDDLE} y2={MIDDLE} stroke="var(--line)" strokeWidth={2} />
          {dated.map(({ question, outcome, at }, i) => {
            const left = x(Date.parse(at));
            const top = MIDDLE + way[outcome] * ROW;
            // Names take turns above and below, so that neighbours do not run into each other.
            const label = outcome === 'helped' ? top - 12 : top + 24 + (i % 2) * 18;
            const end = left > width * 0.66;
            return (
              <g key={`${at} ${question}`}>
                <line x1={left} x2={left} y1={MIDDLE} y2={top} stroke="var(--ink)" strokeWidth={3} />
                <circle
                  cx={left}
                  cy={top}
                  r={8}
                  fill={outcome === 'helped' ? 'var(--bill)' : outcome === 'worse' ? 'var(--chaff)' : 'var(--husk)'}
                  stroke="var(--ink)"
                  strokeWidth={outcome === 'worse' ? 3 : 0}
                />
                <text
                  x={left}
                  y={label}
                  textAnchor={end ? 'end' : i === 0 ? 'start' : 'middle'}
                  fontSize="14"
                  fill="var(--ink)"
                >
                  {question}
                </text>
              </g>
            );
          })}
          <text x={0} y={HEIGHT - 6} fontSize="14" fill="var(--husk)">
            {shortDate(first.at)}
          </text>
          <text x={width} y={HEIGHT - 6} textAnchor="end" fontSize="14" fill="var(--husk)">
            {shortDate(last.at)}
          </text>
        </svg>
      </div>
      <p className="text-husk">Above the line it helped, on it there was no difference, below it was worse.</p>
      {again.length > 0 && (
        <ul className="mt-3">
          {again.map(({ question, record, times }) => (
            <li key={question}>
              <b>{question}</b> Tried {howOften(times)}: {recordWords(record)}.
            </li>
          ))}
        </ul>
      )}
    </figure>
  );
}

/** "helped twice, worse once". */
function recordWords(record: ChangeRecord): string {
  return (Object.keys(says) as Outcome[])
    .filter((outcome) => record[outcome] > 0)
    .map((outcome) => `${says[outcome]} ${howOften(record[outcome])}`)
    .join(', ');
}

function howOften(times: number): string {
  return times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`;
}

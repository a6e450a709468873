import { scaleLinear } from 'd3-scale';
import { type ChangeRecord, type Experiment, type Outcome, scoreOfChanges } from '@/core/experiment';
import { shortDate } from '@/ui/dates';
import { useWidth } from '@/ui/useWidth';

const ROW = 34;
/** A line of names, and how wide a letter of one is at most, px. */
const LINE = 18;
const LETTER = 8;
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
      outcome ? [{ question, outcome, answeredAt: answeredAt ?? createdAt }] : [],
    )
    .sort((a, b) => (a.answeredAt < b.answeredAt ? -1 : 1));
  const [first, last] = [dated[0], dated.at(-1)];
  if (!first || !last || dated.length < 2) return null;
  const again = scoreOfChanges(experiments).filter(({ times }) => times > 1);
  const x = scaleLinear([Date.parse(first.answeredAt), Date.parse(last.answeredAt)], [SIDE, width - SIDE]);
  const named = dated.map((each) => {
    const long = Math.min(width, each.question.length * LETTER);
    const left = x(Date.parse(each.answeredAt));
    return { ...each, left, label: Math.max(0, Math.min(width - long, left - long / 2)), long };
  });
  const isAbove = ({ outcome }: { outcome: Outcome }) => outcome === 'helped';
  const [above, below] = [named.filter(isAbove), named.filter((each) => !isAbove(each))];
  const lanes = [above, below].map((side) => lanesOf(side.map(({ label, long }) => [label, label + long])));
  const [up, down] = lanes.map((lane) => Math.max(0, ...lane) + 1) as [number, number];
  const middle = up * LINE + 12 + ROW;
  const height = middle + ROW + 14 + down * LINE + LINE + 8;
  return (
    <figure className="border-ink mt-8 border-t-2 pt-4">
      <figcaption className="font-heading text-2xl font-semibold">Which changes helped, over time</figcaption>
      <div ref={ref}>
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={dated
            .map(({ question, outcome, answeredAt }) => `${shortDate(answeredAt)}: ${question} ${says[outcome]}`)
            .join('; ')}
        >
          <line x1={0} x2={width} y1={middle} y2={middle} stroke="var(--line)" strokeWidth={2} />
          {named.map((each) => {
            const { question, outcome, answeredAt, left } = each;
            const top = middle + way[outcome] * ROW;
            const side = isAbove(each) ? above : below;
            const lane = lanes[isAbove(each) ? 0 : 1]?.[side.indexOf(each)] ?? 0;
            const base = isAbove(each) ? top - 14 - lane * LINE : middle + ROW + 26 + lane * LINE;
            return (
              <g key={`${answeredAt} ${question}`}>
                <line x1={left} x2={left} y1={top} y2={isAbove(each) ? base + 4 : base - 14} stroke="var(--line)" />
                <line x1={left} x2={left} y1={middle} y2={top} stroke="var(--ink)" strokeWidth={3} />
                <circle
                  cx={left}
                  cy={top}
                  r={8}
                  fill={outcome === 'helped' ? 'var(--bill)' : outcome === 'worse' ? 'var(--chaff)' : 'var(--husk)'}
                  stroke="var(--ink)"
                  strokeWidth={outcome === 'worse' ? 3 : 0}
                />
                <text {...anchored(each, width)} y={base} fontSize="14" fill="var(--ink)">
                  {question}
                </text>
              </g>
            );
          })}
          <text x={0} y={height - 6} fontSize="14" fill="var(--husk)">
            {shortDate(first.answeredAt)}
          </text>
          <text x={width} y={height - 6} textAnchor="end" fontSize="14" fill="var(--husk)">
            {shortDate(last.answeredAt)}
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

/** A name stands over its mark, or against the edge that it would cross. */
function anchored({ left, label, long }: { left: number; label: number; long: number }, width: number) {
  if (label === 0) return { x: 0 };
  return label + long >= width ? { x: width, textAnchor: 'end' as const } : { x: left, textAnchor: 'middle' as const };
}

/** For each span the first line on which it runs into none before it. */
function lanesOf(spans: readonly (readonly [number, number])[]): number[] {
  const ends: number[] = [];
  return spans.map(([from, to]) => {
    const free = ends.findIndex((end) => end < from);
    const lane = free === -1 ? ends.length : free;
    ends[lane] = to;
    return lane;
  });
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

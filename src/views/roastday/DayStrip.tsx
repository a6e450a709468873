import { scaleLinear } from 'd3-scale';
import { coolDownMinOf } from '@/core/gear';
import type { DayPlan } from '@/core/plan';
import { beanColour, fieldColour, shadeTone } from '@/core/shade';
import { HOUR_MS, MINUTE_MS } from '@/core/units';
import { useWords } from '@/ui/useHousehold';
import { useWidth } from '@/ui/useWidth';
import type { DayData } from './useDayPlan';

interface DayStripProps {
  readonly data: DayData;
  readonly plan: DayPlan;
  readonly nowMs: number;
}

const ROW = 46;
const NAME_WIDTH = 128;
/** A bar narrower than this has no room for its number, pixels. */
const NUMBER_WIDTH = 20;
/** Nearer to the right edge a time has no room for its second half, pixels. */
const EDGE = 24;

/** The day drawn: a line for each piece of gear, its roasts in the shade they are meant for, its cooling hatched. */
export function DayStrip({ data, plan, nowMs }: DayStripProps) {
  const words = useWords();
  const { ref, width } = useWidth();
  const used = data.gear.filter(({ id }) => plan.lines.some(({ row }) => row.batch.gearId === id));
  const fromMs = Math.min(...plan.lines.map(({ startMs }) => startMs));
  const toMs = Math.max(...plan.lines.map(({ pullMs }) => pullMs), plan.endMs);
  const x = scaleLinear([fromMs, toMs], [NAME_WIDTH, Math.max(width, NAME_WIDTH + 10)]);
  const stepMs =
    [HOUR_MS / 4, HOUR_MS / 2, HOUR_MS, 2 * HOUR_MS].find((each) => x(fromMs + each) - NAME_WIDTH > 64) ?? 4 * HOUR_MS;
  const firstTick = Math.ceil(fromMs / stepMs) * stepMs;
  const ticks = Array.from(
    { length: Math.max(0, Math.floor((toMs - firstTick) / stepMs) + 1) },
    (_, i) => firstTick + i * stepMs,
  );
  return (
    <div ref={ref} className="mt-6 overflow-hidden">
      <svg
        role="img"
        aria-label={`The day from ${words.time(fromMs)} to ${words.time(toMs)}; the list below says it in words.`}
        width={width}
        height={used.length * ROW + 26}
        className="block"
      >
        <defs>
          <pattern id="day-cooling" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="2.5" height="8" fill="var(--husk)" />
          </pattern>
        </defs>
        {used.map((gear, i) => (
          <g key={gear.id} transform={`translate(0 ${i * ROW})`}>
            <text x={0} y={24} fontSize={16} fontWeight={700} fill="var(--ink)">
              {gear.nickname.length > 15 ? `${gear.nickname.slice(0, 14)}…` : gear.nickname}
            </text>
            <line x1={NAME_WIDTH} x2={width} y1={ROW - 6} y2={ROW - 6} stroke="var(--line)" />
            {plan.lines
              .filter(({ row }) => row.batch.gearId === gear.id)
              .map(({ row, startMs, pullMs, state }) => {
                const next = plan.lines.find((other) => other.row.batch.gearId === gear.id && other.startMs > startMs);
                const coolEnd = pullMs + coolDownMinOf(gear) * MINUTE_MS;
                return (
                  <g key={row.batch.id}>
                    <rect
                      x={x(startMs)}
                      y={5}
                      width={Math.max(x(pullMs) - x(startMs), 3)}
                      height={28}
                      rx={5}
                      fill={beanColour(shadeTone(row.batch.shade))}
                      opacity={state === 'toCome' ? 1 : 0.5}
                    />
                    {x(pullMs) - x(startMs) >= NUMBER_WIDTH && (
                      <text
                        x={(x(startMs) + x(pullMs)) / 2}
                        y={25}
                        textAnchor="middle"
                        fontSize={16}
                        fontWeight={700}
                        fill={state === 'toCome' ? fieldColour(shadeTone(row.batch.shade)).text : 'var(--ink)'}
                      >
                        {batchNumber(plan, row.batch.id)}
                      </text>
                    )}
                    {next && !next.row.batch.hotStart && (
                      <rect
                        x={x(pullMs)}
                        y={15}
                        width={Math.max(0, Math.min(x(coolEnd), width) - x(pullMs))}
                        height={9}
                        fill="url(#day-cooling)"
                      />
                    )}
                  </g>
                );
              })}
          </g>
        ))}
        {nowMs > fromMs && nowMs < toMs && (
          <line
            data-testid="now"
            x1={x(nowMs)}
            x2={x(nowMs)}
            y1={0}
            y2={used.length * ROW}
            stroke="var(--bill)"
            strokeWidth={3}
          />
        )}
        {ticks.map((tick) => (
          <text
            key={tick}
            x={x(tick)}
            y={used.length * ROW + 18}
            textAnchor={width - x(tick) < EDGE ? 'end' : 'middle'}
            fontSize={14}
            fill="var(--husk)"
            className="num"
          >
            {words.time(tick)}
          </text>
        ))}
      </svg>
    </div>
  );
}

/** The batches of a day count from one, in the order in which they are roasted. */
export function batchNumber({ lines }: DayPlan, batchId: string): number {
  return lines.findIndex(({ row }) => row.batch.id === batchId) + 1;
}

import { mean as average } from 'd3-array';
import type { RoastFigures } from '@/core/compare';
import { controlsOf, settingWords } from '@/core/gear';
import { liveEntries, type StretchName, shownLengthS, stretchesOf, stretchNames } from '@/core/roast';
import { lineNames, scoreWords, sheetLines } from '@/core/taste';
import { formatClock } from '@/core/units';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import type { Compared } from './compared';

interface ComparedTableProps {
  readonly compared: readonly Compared[];
  readonly figures: ReadonlyMap<string, RoastFigures>;
}

/** Every figure side by side, for those who ask; rows that nobody has are left out. */
export function ComparedTable({ compared, figures }: ComparedTableProps) {
  const dates = useRoastDates();
  const words = useWords();
  const stretch = (name: StretchName) => (figures: RoastFigures) => {
    const found = stretchesOf(figures.reached).find((each) => each.name === name);
    return found && formatClock(shownLengthS(found));
  };
  const clock = (seconds: number | undefined) => (seconds === undefined ? undefined : formatClock(seconds));
  const mean = (each: Compared, line: (typeof sheetLines)[number]) => {
    const scores = each.cups.flatMap(({ sheet }) => sheet[line] ?? []);
    return average(scores)?.toFixed(1);
  };
  const rows: readonly (readonly [string, (each: Compared, figures: RoastFigures) => string | undefined])[] = [
    ['green', ({ roast }) => words.weight(roast.greenGrams)],
    ...(Object.keys(stretchNames) as StretchName[]).map(
      (name) => [stretchNames[name], (_: Compared, figures: RoastFigures) => stretch(name)(figures)] as const,
    ),
    ['first crack', (_, figures) => clock(figures.reached.firstCrack)],
    ['pull', (_, figures) => clock(figures.reached.pull)],
    ['loss', (_, figures) => (figures.lossPercent === undefined ? undefined : `${figures.lossPercent.toFixed(1)} %`)],
    ['shade', (_, figures) => figures.shade && words.shade(figures.shade)],
    [
      'air around the gear',
      (_, figures) => (figures.ambientC === undefined ? undefined : words.temperature(figures.ambientC)),
    ],
    ['gear when it began', ({ roast }) => (roast.gearHot ? 'hot' : undefined)],
    ['moves', (each) => moveWords(each) || undefined],
    ['liked', ({ roast }) => (roast.stars === undefined ? undefined : `${roast.stars} of 5`)],
    ['overall', (_, figures) => (figures.overall === undefined ? undefined : scoreWords(figures.overall))],
    ...sheetLines.map((line) => [lineNames[line].toLowerCase(), (each: Compared) => mean(each, line)] as const),
    ['tasted of', (_, figures) => figures.words.join(', ') || undefined],
  ];
  return (
    <section className="border-ink mt-8 border-t-2 pt-4">
      <h2 className="mb-3 text-2xl">Figures and tastes</h2>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a table that scrolls sideways must be reached by the keyboard */}
      <section className="overflow-x-auto" tabIndex={0} aria-label="Figures side by side">
        <table className="w-full min-w-[36rem] border-collapse text-left">
          <thead>
            <tr className="border-ink border-b-2">
              <td className="py-2" />
              {compared.map(({ roast, gearName }) => (
                <th key={roast.id} scope="col" className="py-2 pr-4 align-bottom">
                  <a
                    className="underline underline-offset-4"
                    href={`/journal/roast/?id=${encodeURIComponent(roast.id)}`}
                  >
                    {dates.date(roast.createdAt)}
                  </a>
                  <span className="text-husk block font-normal">{gearName}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody className="divide-line divide-y">
            {rows.map(([name, read]) => {
              const cells = compared.map((each) => read(each, figures.get(each.roast.id) as RoastFigures));
              if (cells.every((cell) => cell === undefined)) return null;
              return (
                <tr key={name}>
                  <th scope="row" className="text-husk py-2 pr-4 font-normal whitespace-nowrap">
                    {name}
                  </th>
                  {cells.map((cell, i) => (
                    <td key={compared[i]?.roast.id} className="py-2 pr-4 align-top">
                      {cell ?? <span className="text-husk">not noted</span>}
                    </td>
                  ))}
                </tr>
              );
            })}
          </tbody>
        </table>
      </section>
    </section>
  );
}

/** The moves of a roast in a line: "lid off 2:22, stir 0:40". */
function moveWords({ roast, gear }: Compared): string {
  const controls = controlsOf(gear);
  return liveEntries(roast.entries)
    .flatMap((entry) =>
      entry.kind === 'move' ? [`${settingWords(controls, entry.control, entry.value)} ${formatClock(entry.at)}`] : [],
    )
    .join(', ');
}

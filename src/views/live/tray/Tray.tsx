import { lazy, type ReactNode, Suspense } from 'react';

export type TrayTab = 'beans' | 'marks' | 'moves' | 'reading' | 'curve' | 'smell' | 'colour' | 'more';
const names = {
  beans: 'Beans',
  marks: 'Marks',
  moves: 'Moves',
  reading: 'Reading',
  curve: 'Curve',
  smell: 'Smell',
  colour: 'Colour',
  more: 'More',
} as const satisfies Record<TrayTab, string>;

interface TrayProps {
  readonly tabs: readonly TrayTab[];
  readonly chosen: TrayTab;
  readonly onChoose: (tab: TrayTab) => void;
  /** A tab that asks for attention: a reading is due. */
  readonly due: TrayTab | undefined;
  readonly children: ReactNode;
}

/** Everything else that can be pressed, one thing at a time, chosen by large tabs that stay where they are. */
export function Tray({ tabs, chosen, onChoose, due, children }: TrayProps) {
  return (
    <>
      <div className="heat-tabs grid auto-cols-fr grid-flow-col">
        {tabs.map((tab) => (
          <button
            key={tab}
            type="button"
            aria-pressed={tab === chosen}
            className="border-line aria-pressed:border-bill min-h-[64px] min-w-[56px] border-t-4 text-[0.85rem] aria-pressed:font-bold roomy:text-lg"
            onClick={() => onChoose(tab)}
          >
            {names[tab]}
            {tab === due && <span className="text-bill block text-[0.8rem] leading-none font-bold">due</span>}
          </button>
        ))}
      </div>
      <div className="heat-tray overflow-hidden p-[3px]">
        <Suspense fallback={<p className="text-husk">…</p>}>{children}</Suspense>
      </div>
    </>
  );
}

/** Loaded when somebody looks at the curve: it brings the charts with it. */
export const CurvePanel = lazy(() => import('./CurvePanel').then((module) => ({ default: module.CurvePanel })));

import { ForecastMarks, MARKS_HEIGHT } from '@/ui/ribbon/ForecastMarks';
import { CRACK_ROOM, GUIDE_ROOM, Ribbon } from '@/ui/ribbon/Ribbon';
import { TimeAxis } from '@/ui/ribbon/TimeAxis';
import { useWidth } from '@/ui/useWidth';
import { liveEndS } from './liveEndS';
import type { LiveRoastModel } from './useLiveRoast';
import { useRoom } from './useRoom';

/** Height of the body with a guide or without, so that the zone is filled and never outgrown (live/heat.css), pixels. */
const BODY = { low: 22, phone: 40, shallow: 36, roomy: 60 } as const;

/** The ribbon as it grows, half on the field and half below it, with the pale expectation ahead of now. */
export function LiveRibbon({ model }: { readonly model: LiveRoastModel }) {
  const { ref, width } = useWidth();
  const { roomy, low, shallow } = useRoom();
  const { situation, drawn, pressable } = model;
  const { ribbon, guide } = drawn;
  const toS = liveEndS(model);
  const nowS = situation.charged ? situation.nowS : 0;
  const room = BODY[shallow ? 'shallow' : roomy ? 'roomy' : low ? 'low' : 'phone'];
  const bodyHeight = guide ? room - (low ? 8 : GUIDE_ROOM) : room;
  const awaitedMarks = drawn.ahead.filter(({ milestone, medianS }) => milestone === 'pull' || medianS > nowS - 60);
  const controls = pressable.controls.map(({ control }) => control);
  return (
    <div className="heat-ribbon relative">
      {/* The lower half of the ribbon lies on the plain ground; a sheet of it reaches up under the rest. */}
      <div className="bg-chaff absolute inset-x-[-100vw] bottom-0 h-1/2" />
      <div className="bg-chaff absolute inset-x-[-8px] bottom-0 rounded-t-2xl" style={{ top: MARKS_HEIGHT }} />
      <div ref={ref} className="relative">
        <ForecastMarks
          width={width}
          fromS={0}
          toS={toS}
          reached={situation.reached}
          forecasts={awaitedMarks.filter(
            ({ milestone }) => milestone !== 'firstCrackEnd' && milestone !== 'secondCrack',
          )}
          colour="currentColor"
        />
        <div className="text-ink">
          <Ribbon
            ribbon={ribbon}
            width={width}
            bodyHeight={bodyHeight}
            fromS={0}
            toS={toS}
            words={roomy}
            guide={low ? undefined : guide}
            controls={controls}
          />
          {!low && <TimeAxis width={width} fromS={0} toS={toS} />}
        </div>
        {model.underWay && situation.charged && (
          <span
            aria-hidden="true"
            className="bg-ink absolute left-[-2px] w-1 rounded"
            style={{
              transform: `translateX(${(nowS / toS) * width}px)`,
              top: MARKS_HEIGHT + CRACK_ROOM - 8,
              height: bodyHeight + 16,
            }}
          />
        )}
      </div>
    </div>
  );
}

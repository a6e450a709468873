import { ForecastMarks, MARKS_HEIGHT } from '@/ui/ribbon/ForecastMarks';
import { CRACK_ROOM, Ribbon } from '@/ui/ribbon/Ribbon';
import { TimeAxis } from '@/ui/ribbon/TimeAxis';
import { useWidth } from '@/ui/useWidth';
import { liveEndS } from './liveEndS';
import type { LiveRoastModel } from './useLiveRoast';

const WIDE_BODY = 76;
const PHONE_BODY = 56;
const PHONE_PX = 640;

/** The ribbon as it grows, half on the field and half below it, with the pale expectation ahead of now. */
export function LiveRibbon({ model }: { readonly model: LiveRoastModel }) {
  const { ref, width } = useWidth();
  const { reached, nowS, ribbon } = model;
  const shown = model.forecasts.filter(({ milestone }) => milestone === model.next || milestone === 'pull');
  const toS = liveEndS(model);
  const bodyHeight = width < PHONE_PX ? PHONE_BODY : WIDE_BODY;
  const nowX = (nowS / toS) * width;
  const controlName = (id: string) => model.controls.find(({ control }) => control.id === id)?.control.label ?? id;
  return (
    <div className="relative">
      {/* The lower half of the ribbon lies on the plain ground; a sheet of it reaches up under the rest. */}
      <div className="bg-chaff absolute inset-x-[-18px] bottom-0 h-[86px] sm:inset-x-[-100vw]" />
      <div className="bg-chaff absolute inset-x-[-10px] bottom-0 rounded-t-2xl" style={{ top: MARKS_HEIGHT }} />
      <div ref={ref} className="relative">
        <ForecastMarks width={width} fromS={0} toS={toS} reached={reached} forecasts={shown} colour="currentColor" />
        <div className="text-ink">
          <Ribbon
            ribbon={ribbon}
            width={width}
            bodyHeight={bodyHeight}
            fromS={0}
            toS={toS}
            words
            guide={model.guide}
            controlName={controlName}
          />
          <TimeAxis width={width} fromS={0} toS={toS} />
        </div>
        {model.underWay && model.charged && (
          <span
            aria-hidden="true"
            className="bg-ink absolute w-1 rounded"
            style={{ left: nowX - 2, top: MARKS_HEIGHT + CRACK_ROOM - 8, height: bodyHeight + 16 }}
          />
        )}
      </div>
    </div>
  );
}

import { Segmented } from '../Segmented';
import { type LineUp, lineUpNames } from './lineUp';

const options = (Object.keys(lineUpNames) as LineUp[]).map((value) => ({ value, name: lineUpNames[value] }));

interface LineUpChoiceProps {
  readonly value: LineUp;
  readonly onChange: (lineUp: LineUp) => void;
}

/** What the ribbons below are lined up by. */
export function LineUpChoice({ value, onChange }: LineUpChoiceProps) {
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <span className="text-husk max-sm:sr-only">line up by</span>
      <Segmented label="Line up by" value={value} options={options} onChange={onChange} />
    </div>
  );
}

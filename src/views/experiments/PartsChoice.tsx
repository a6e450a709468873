import { pullsOf, type Roast } from '@/core/roast';
import { Choice } from '@/ui/Choice';
import { partWords } from '@/ui/partWords';
import { useWords } from '@/ui/useHousehold';

/** The two pulls that a question compares: as picked, else the first and the last of the roast. */
export function partsAsked(roast: Roast, picked: readonly string[]) {
  const ids = pullsOf(roast).map(({ id }) => id);
  return [ids.find((id) => id === picked[0]) ?? ids[0], ids.find((id) => id === picked[1]) ?? ids.at(-1)] as const;
}

interface PartsChoiceProps {
  readonly roast: Roast;
  readonly picked: readonly string[];
  readonly onPick: (picked: readonly string[]) => void;
}

/** Which part of a staged pull against which, inside the sentence. */
export function PartsChoice({ roast, picked, onPick }: PartsChoiceProps) {
  const { shade } = useWords();
  const [one, other] = partsAsked(roast, picked);
  const options = pullsOf(roast).map(({ id }) => [id as string, partWords(roast, id, shade)] as const);
  return (
    <>
      : <Choice label="One part" value={one ?? ''} options={options} onPick={(id) => onPick([id, other ?? ''])} />{' '}
      against{' '}
      <Choice label="The other part" value={other ?? ''} options={options} onPick={(id) => onPick([one ?? '', id])} />
    </>
  );
}

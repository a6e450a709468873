interface StarsProps {
  readonly stars: number | undefined;
}

/** How a roast was liked, as filled and open beans of five. */
export function Stars({ stars }: StarsProps) {
  if (stars === undefined) return null;
  return (
    <span role="img" aria-label={`${stars} of 5`} className="text-husk text-[0.7rem] tracking-[0.2em]">
      {'●'.repeat(stars)}
      {'○'.repeat(5 - stars)}
    </span>
  );
}

interface StarPickerProps extends StarsProps {
  readonly onChange: (stars: number | undefined) => void;
}

/** Picks one to five; the picked one again takes it back. */
export function StarPicker({ stars, onChange }: StarPickerProps) {
  return (
    <fieldset className="flex items-center">
      <legend className="text-husk text-[0.95rem]">How you liked it</legend>
      {[1, 2, 3, 4, 5].map((each) => (
        <button
          key={each}
          type="button"
          aria-label={`${each} of 5`}
          aria-pressed={stars === each}
          className="size-11 text-2xl"
          onClick={() => onChange(stars === each ? undefined : each)}
        >
          {stars !== undefined && each <= stars ? '●' : '○'}
        </button>
      ))}
    </fieldset>
  );
}

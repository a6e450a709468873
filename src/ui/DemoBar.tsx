import { chooseHousehold } from '@/store/current';

/** Says that these are made-up data, and leads to the person's own notebook. */
export function DemoBar() {
  return (
    <p className="no-print text-husk border-line flex flex-wrap items-center gap-x-4 border-b text-[0.95rem]">
      <span className="py-2">
        Demo household<span className="max-sm:hidden">: made-up roasts, kept apart from your own notebook</span>.
      </span>
      <button
        type="button"
        className="text-ink min-h-11 font-bold underline underline-offset-4"
        onClick={() => {
          chooseHousehold('own');
          location.assign('/');
        }}
      >
        Open my own
      </button>
    </p>
  );
}

import type { NamedRoast } from '@/store/queries';
import { type DrawnRow, drawnRow } from '@/ui/rows/drawnRow';

/** Rows that are read at a time: one by one, the asking costs more than the answer. */
const BLOCK = 16;
/** Rows that come up in one frame: a ribbon takes its time, and a thumb feels a frame that is late. */
const A_FRAME = 2;
/** Rows that were read stay, up to so many, so that nothing is read twice while one scrolls to and fro. */
const KEPT = 300;

/** Reads the journal's rows a block at a time and hands them out a few a frame, those in view first. */
export class RowReader {
  readonly rows = new Map<string, DrawnRow>();
  private readonly asked = new Set<string>();
  private waiting: NamedRoast[] = [];
  private inView: ReadonlySet<string> = new Set();
  private frame = 0;
  /** Rows that were drawn before something was written; they stand until they are read again. */
  private readonly old = new Set<string>();
  /** How often everything was to be read again: what was asked before that comes too late. */
  private turn = 0;

  /** `read` fetches roasts by their ids; `onRows` is called when rows in view came up, `onFailed` when reading went wrong. */
  constructor(
    private readonly read: (ids: readonly string[]) => Promise<readonly NamedRoast[]>,
    private readonly onRows: () => void,
    private readonly onFailed: (error: Error) => void,
  ) {}

  /** Takes rows that were read elsewhere. */
  take(first: readonly NamedRoast[]): void {
    for (const named of first) if (!this.rows.has(named.roast.id)) this.draw(named);
  }

  /** Says which rows of `ids` are near the screen; what is missing around them is fetched. */
  see(ids: readonly string[], fromRow: number, toRow: number): void {
    this.inView = new Set(ids.slice(fromRow, toRow + 1));
    const from = Math.floor(fromRow / BLOCK) * BLOCK;
    const to = Math.ceil((toRow + 1) / BLOCK) * BLOCK;
    const missing = ids.slice(from, to).filter((id) => (!this.rows.has(id) || this.old.has(id)) && !this.asked.has(id));
    if (missing.length === 0) return;
    for (const id of missing) this.asked.add(id);
    const { turn } = this;
    this.read(missing)
      .then((found) => {
        if (turn !== this.turn) return;
        this.waiting.push(...found);
        if (this.frame === 0) this.handOut();
      })
      .catch(this.onFailed)
      // What did not come is asked for again when it is seen next.
      .finally(() => {
        if (turn !== this.turn) return;
        const came = new Set<string>(this.waiting.map(({ roast }) => roast.id));
        for (const id of missing) if (!came.has(id)) this.asked.delete(id);
      });
  }

  /** Something was written: whatever is in view is read again, and stands until it was. */
  readAgain(): void {
    for (const id of this.rows.keys()) this.old.add(id);
    this.turn++;
    this.asked.clear();
    this.stop();
    this.onRows();
  }

  stop(): void {
    cancelAnimationFrame(this.frame);
    this.frame = 0;
    this.waiting = [];
  }

  private handOut(): void {
    const [seen, beyond] = [this.waiting.filter(this.isInView), this.waiting.filter((named) => !this.isInView(named))];
    const ordered = [...seen, ...beyond];
    for (const named of ordered.slice(0, A_FRAME)) this.draw(named);
    this.waiting = ordered.slice(A_FRAME);
    this.forget();
    this.frame = this.waiting.length > 0 ? requestAnimationFrame(() => this.handOut()) : 0;
    if (seen.length > 0) this.onRows();
  }

  private readonly isInView = ({ roast }: NamedRoast) => this.inView.has(roast.id);

  private draw(named: NamedRoast): void {
    this.rows.set(named.roast.id, drawnRow(named));
    this.old.delete(named.roast.id);
    this.asked.delete(named.roast.id);
  }

  private forget(): void {
    for (const id of this.rows.keys()) {
      if (this.rows.size <= KEPT) return;
      if (!this.inView.has(id)) this.rows.delete(id);
    }
  }
}

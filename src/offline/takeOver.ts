/** What a page tells a newer Gander that waits for its turn. */
export const TAKE_OVER = 'take over';

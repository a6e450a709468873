/** What stands under the cups of one who tastes alone, where the tongue cannot read it: a letter for each coffee. */
export const cupMark = (cup: number): string => 'ABCDEF'[cup] ?? '?';

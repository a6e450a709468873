/** The keys of the roast screen, a line each, in the order in which one learns them. */
export const keyHelp: readonly (readonly [string, string])[] = [
  ['Space, Page Down', 'the next milestone; twice for the pull, or its next part'],
  ['Shift + Space', 'pull'],
  ['U, Page Up', 'undo'],
  ['B', '5 seconds earlier'],
  ['C', 'a crack heard; tap along with the pops'],
  ['T', 'a reading'],
  ['↑ ↓', 'heat up, down'],
  ['← →', 'air down, up'],
  ['1 to 6', 'a smell, in the order they come'],
  ['Shift + 1 to 9', 'a colour, green to nearly black'],
  ['N', 'a note'],
  ['?', 'this list'],
];

/** A colour that a person can name while looking at the beans; `tone` is its place on the bean ramp. */
export interface NamedColour {
  readonly name: string;
  readonly tone: number;
}

/** Nine plain words for the colour of beans, green to near black. */
export const namedColours: readonly NamedColour[] = [
  { name: 'green', tone: 0 },
  { name: 'pale', tone: 0.17 },
  { name: 'yellow', tone: 0.3 },
  { name: 'tan', tone: 0.42 },
  { name: 'cinnamon', tone: 0.52 },
  { name: 'brown', tone: 0.6 },
  { name: 'chestnut', tone: 0.7 },
  { name: 'dark', tone: 0.82 },
  { name: 'nearly black', tone: 0.93 },
];

/** The word whose tone is nearest. */
export function colourName(tone: number): string {
  let nearest = namedColours[0] as NamedColour;
  for (const colour of namedColours) if (Math.abs(colour.tone - tone) < Math.abs(nearest.tone - tone)) nearest = colour;
  return nearest.name;
}

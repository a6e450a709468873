import sharp from 'sharp';
import { lookAt, refusalWords } from '../src/core/look/index.ts';
import { shadeOf, shadeOfLightness } from '../src/core/shade/index.ts';

// ./gander look FILE: what Gander sees in a photo of beans beside white paper, as JSON.
const [path] = process.argv.slice(2);
if (!path) fail('Name a photo: ./gander look FILE.jpg. It may be JPEG, PNG, WebP or AVIF.');

// As the browser shows it: turned as the camera was held, anything see-through on grey, as white might pass for paper.
const { data, info } = await sharp(path)
  .rotate()
  .toColourspace('srgb')
  .flatten({ background: '#808080' })
  .ensureAlpha()
  .raw()
  .toBuffer({ resolveWithObject: true })
  .catch((error: Error) => fail(`${path} cannot be read as a photo: ${error.message}`));
const look = lookAt({ width: info.width, height: info.height, rgba: data });
console.log(JSON.stringify(look.kind === 'refused' ? { refuse: refusalWords[look.refuse] } : answer(look.measure)));

function answer({
  medianL,
  range,
  spreadL,
  paleShare,
  scorchedShare,
  beans,
}: Extract<typeof look, { kind: 'measured' }>['measure']) {
  return {
    medianL: rounded(medianL, 1),
    range: [rounded(range.least, 1), rounded(range.most, 1)],
    ...(spreadL !== undefined && { spreadL: rounded(spreadL, 1) }),
    ...(paleShare !== undefined && { paleShare: rounded(paleShare, 3) }),
    ...(scorchedShare !== undefined && { scorchedShare: rounded(scorchedShare, 3) }),
    ...(beans !== undefined && { beans }),
    shade: shadeOf(shadeOfLightness(medianL)).name,
  };
}

function rounded(value: number, digits: number): number {
  return Number(value.toFixed(digits));
}

function fail(words: string): never {
  console.error(words);
  process.exit(1);
}

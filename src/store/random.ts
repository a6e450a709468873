/** Numbers in [0, 1) from the browser's cryptographic source, for ids. */
export function secureRandom(): number {
  const [word = 0] = crypto.getRandomValues(new Uint32Array(1));
  return word / 2 ** 32;
}

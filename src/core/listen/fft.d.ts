declare module 'fft.js' {
  /** A radix-4 Fourier transform of one size, a power of two. */
  // biome-ignore lint/style/noDefaultExport: so the package is made
  export default class FFT {
    constructor(size: number);
    realTransform(out: ArrayLike<number>, data: ArrayLike<number>): void;
    inverseTransform(out: ArrayLike<number>, data: ArrayLike<number>): void;
    completeSpectrum(spectrum: ArrayLike<number>): void;
  }
}

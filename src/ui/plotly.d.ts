/** The few parts of Plotly that are used here; its own types cover far more and weigh as much. */
declare module 'plotly.js-basic-dist-min' {
  interface Plotly {
    react(element: HTMLElement, data: readonly object[], layout: object, config: object): Promise<unknown>;
    purge(element: HTMLElement): void;
  }
  const plotly: Plotly;
  // biome-ignore lint/style/noDefaultExport: the package's own form
  export default plotly;
}

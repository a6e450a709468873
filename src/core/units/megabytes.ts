/** Bytes as people read them: `0.4 MB`, `12 MB`; never none at all. */
export function formatMegabytes(bytes: number): string {
  const megabytes = bytes / 1e6;
  return megabytes < 9.95 ? `${Math.max(0.1, megabytes).toFixed(1)} MB` : `${Math.round(megabytes)} MB`;
}

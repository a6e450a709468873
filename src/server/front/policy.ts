/**
 * What pages of Gander may do, as one Content-Security-Policy. Scripts come from here, and the few that stand in a page are
 * named by their hash. Styles may stand in a page: charts and dialogs set them as they are drawn.
 */
export function contentPolicy(scriptHashes: readonly string[]): string {
  return [
    "default-src 'self'",
    `script-src ${["'self'", ...scriptHashes.map((hash) => `'${hash}'`)].join(' ')}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    // A silent film keeps the screen awake where the browser has no other way.
    "media-src 'self' data: blob:",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
  ].join('; ');
}

/** Said with every answer. `frame-ancestors` counts only here: a page cannot say it of itself. */
export function securityHeaders(scriptHashes: readonly string[]): Readonly<Record<string, string>> {
  return {
    'content-security-policy': `${contentPolicy(scriptHashes)}; frame-ancestors 'none'`,
    'x-content-type-options': 'nosniff',
    'referrer-policy': 'no-referrer',
    'permissions-policy':
      'microphone=(self), camera=(self), screen-wake-lock=(self), serial=(self), geolocation=(), payment=(), usb=(), midi=(), browsing-topics=()',
    'cross-origin-opener-policy': 'same-origin',
    'cross-origin-resource-policy': 'same-origin',
  };
}

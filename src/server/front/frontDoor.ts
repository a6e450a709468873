import type { IncomingMessage } from 'node:http';
import { isIP } from 'node:net';
import { hostname } from 'node:os';
import { LIMITS } from '../limits.ts';

export interface Refusal {
  readonly status: number;
  readonly words: string;
}

type Asked = Pick<IncomingMessage, 'method' | 'url' | 'headers'>;

/** Names that this computer answers to, besides its numbers and `localhost`. */
export function ownNames(more = ''): ReadonlySet<string> {
  const own = hostname().toLowerCase();
  const named = more
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter(Boolean);
  return new Set(['localhost', own, `${own}.local`, ...named]);
}

/** Why a request is turned away before anything reads it; undefined when it is let in. */
export function frontRefusal(
  { method = 'GET', url = '/', headers }: Asked,
  names: ReadonlySet<string>,
): Refusal | undefined {
  // A foreign name that leads here is how a page elsewhere would get past the browser's own walls; numbers cannot be one.
  if (!isOwn(hostOf(headers.host), names))
    return {
      status: 421,
      words: 'Gander does not answer to this name. Open it by the address it printed, or name it in GANDER_HOSTS.',
    };
  const site = headers['sec-fetch-site'];
  // A link from elsewhere may lead here; nothing there may load, post or embed what is here.
  if (
    site === 'cross-site' &&
    !(method === 'GET' && headers['sec-fetch-mode'] === 'navigate' && headers['sec-fetch-dest'] === 'document')
  )
    return { status: 403, words: 'Only pages of this Gander may ask for that.' };
  const reads = method === 'GET' || method === 'HEAD';
  if (!reads && !(method === 'POST' && url.startsWith('/api/')))
    return { status: 405, words: 'Pages are only read here.' };
  if (Number(headers['content-length'] ?? 0) > LIMITS.bodyBytes)
    return {
      status: 413,
      words: `That is more than ${LIMITS.bodyBytes / 1024} kB at once. Send it in smaller pieces.`,
    };
  if (url.length > LIMITS.addressLetters) return { status: 414, words: 'That address is too long.' };
  return undefined;
}

const isOwn = (name: string | undefined, names: ReadonlySet<string>) =>
  name !== undefined && (isIP(name.replace(/^\[|\]$/g, '')) !== 0 || names.has(name));

function hostOf(host: string | undefined): string | undefined {
  try {
    return host === undefined ? undefined : new URL(`http://${host}`).hostname.toLowerCase();
  } catch {
    return undefined;
  }
}

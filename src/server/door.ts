import { LIMITS } from './limits.ts';

/** An answer that turns a request away, in words. */
export function refusal(status: number, error: string): Response {
  return Response.json(
    { error },
    { status, headers: { 'cache-control': 'no-store', 'x-content-type-options': 'nosniff' } },
  );
}

/**
 * Why a request is not let in; undefined when it is. A page of another origin must not speak or listen here: browsers say
 * where a request comes from, and bridges, which are no browsers, say nothing.
 */
export function turnedAway(request: Request): Response | undefined {
  const origin = request.headers.get('origin');
  const site = request.headers.get('sec-fetch-site');
  const host = request.headers.get('host');
  const foreign = (origin !== null && hostOf(origin) !== host) || site === 'cross-site';
  return foreign ? refusal(403, 'Only pages of this Gander may use its probes.') : undefined;
}

function hostOf(origin: string): string | undefined {
  try {
    return new URL(origin).host;
  } catch {
    return undefined;
  }
}

/** The text of a request as long as it is not too large; undefined where it is. Reads no more than is taken. */
export async function textOf(request: Request, most: number = LIMITS.bodyBytes): Promise<string | undefined> {
  if (Number(request.headers.get('content-length') ?? 0) > most) return undefined;
  const chunks: Uint8Array[] = [];
  let bytes = 0;
  const reader = request.body?.getReader();
  while (reader) {
    const { done, value } = await reader.read();
    if (done) break;
    bytes += value.byteLength;
    if (bytes > most) {
      await reader.cancel();
      return undefined;
    }
    chunks.push(value);
  }
  return Buffer.concat(chunks).toString('utf8');
}

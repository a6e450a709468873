import type { APIRoute } from 'astro';
import { parseProbeLine, probeSlug } from '@/core/exchange';
import { readingFaultWords } from '@/core/heat';
import { issueSentence } from '@/core/issues';
import { onProbeLine, sayProbeLine } from '@/server/probeHub';
import { runThermometer, thermometerRequest } from '@/server/simulatedThermometer';

export const prerender = false;

/** The probe that is only simulated. */
const SIMULATED = 'simulated';
/** A line now and then keeps the connection open where nothing is read. */
const KEEP_ALIVE_MS = 10_000;

/** A page listens: server-sent events, a line of the probe protocol each (docs/probe-protocol.md). */
export const GET: APIRoute = ({ params, url }) => {
  const name = probeSlug(params.name ?? '');
  const text = new TextEncoder();
  let stop = () => {};
  const body = new ReadableStream({
    start(controller) {
      const send = (chunk: string) => {
        try {
          controller.enqueue(text.encode(chunk));
        } catch {
          // The page has gone; `cancel` follows.
        }
      };
      send('retry: 1000\n\n');
      const say = (line: string) => send(`data: ${line}\n\n`);
      const chargedMs = Number(url.searchParams.get('charged') ?? Date.now());
      const end =
        name === SIMULATED
          ? runThermometer(
              thermometerRequest(url.searchParams),
              Number.isFinite(chargedMs) ? chargedMs : Date.now(),
              say,
            )
          : onProbeLine(name, say);
      const alive = setInterval(() => send(': listening\n\n'), KEEP_ALIVE_MS);
      stop = () => {
        end();
        clearInterval(alive);
      };
    },
    cancel: () => stop(),
  });
  return new Response(body, { headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' } });
};

/** A bridge speaks: newline JSON, one reading a line, as few or as many in one request as it likes. */
export const POST: APIRoute = async ({ params, request }) => {
  const name = probeSlug(params.name ?? '');
  if (name === SIMULATED)
    return Response.json({ error: 'The probe “simulated” is Gander’s own. Choose another name.' }, { status: 409 });
  const lines = (await request.text()).split('\n').filter((line) => line.trim() !== '');
  const faults: string[] = [];
  let heard = 0;
  lines.forEach((line, i) => {
    const parsed = parseProbeLine(line);
    // The page hears of it too, and counts what it leaves out.
    if (parsed.ok) heard = Math.max(heard, sayProbeLine(name, line));
    const wrong = parsed.ok ? readingFaultWords(parsed.value.celsius) : parsed.issues.map(issueSentence).join(' ');
    if (wrong) faults.push(`line ${i + 1}: ${wrong}`);
  });
  return Response.json(
    { taken: lines.length - faults.length, listening: heard, faults },
    { status: faults.length > 0 ? 422 : 200 },
  );
};

import type { APIRoute } from 'astro';
import { parseProbeLine, probeSlug } from '@/core/exchange';
import { readingFaultWords } from '@/core/heat';
import { issueSentence } from '@/core/issues';
import { refusal, textOf, turnedAway } from '@/server/door';
import { LIMITS } from '@/server/limits';
import { hasRoom, onProbeLine, sayProbeLine } from '@/server/probeHub';
import { chargedMsOf, runThermometer, thermometerRequest } from '@/server/simulatedThermometer';

export const prerender = false;

/** The probe that is only simulated. */
const SIMULATED = 'simulated';
/** A line now and then keeps the connection open where nothing is read. */
const KEEP_ALIVE_MS = 10_000;

/** Simulated probes are heard by one page each, and count like any other. */
let simulating = 0;

/** A page listens: server-sent events, a line of the probe protocol each (docs/probe-protocol.md). */
export const GET: APIRoute = ({ params, url, request }) => {
  const away = turnedAway(request);
  if (away) return away;
  const name = probeSlug(params.name ?? '');
  const simulated = name === SIMULATED;
  if (simulated ? simulating >= LIMITS.listenersPerProbe : !hasRoom(name))
    return refusal(503, 'As many pages listen already as this server bears. Close some, then load this page again.');
  const text = new TextEncoder();
  let stop = () => {};
  const body = new ReadableStream(
    {
      start(controller) {
        const send = (chunk: string) => {
          // A page that never reads would fill the memory; it is let go, and asks again by itself when it wakes.
          if ((controller.desiredSize ?? 0) <= 0) {
            stop();
            controller.close();
            return;
          }
          controller.enqueue(text.encode(chunk));
        };
        const say = (line: string) => send(`data: ${line}\n\n`);
        const query = url.searchParams;
        const end = simulated
          ? runThermometer(thermometerRequest(query), chargedMsOf(query, Date.now()), say)
          : onProbeLine(name, say);
        if (simulated) simulating++;
        const alive = setInterval(() => send(': listening\n\n'), KEEP_ALIVE_MS);
        stop = () => {
          stop = () => {};
          end();
          if (simulated) simulating--;
          clearInterval(alive);
        };
        send('retry: 1000\n\n');
      },
      cancel: () => stop(),
    },
    new ByteLengthQueuingStrategy({ highWaterMark: LIMITS.waitingBytes }),
  );
  return new Response(body, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-content-type-options': 'nosniff' },
  });
};

/** A bridge speaks: newline JSON, one reading a line, as few or as many in one request as it likes. */
export const POST: APIRoute = async ({ params, request }) => {
  const away = turnedAway(request);
  if (away) return away;
  const name = probeSlug(params.name ?? '');
  if (name === SIMULATED) return refusal(409, 'The probe “simulated” is Gander’s own. Choose another name.');
  const said = await textOf(request);
  if (said === undefined)
    return refusal(
      413,
      `That is more than ${LIMITS.bodyBytes / 1024} kB at once. Send the readings in smaller pieces.`,
    );
  const lines = said.split('\n').filter((line) => line.trim() !== '');
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

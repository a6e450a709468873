import type { APIRoute } from 'astro';

export const prerender = false;

/** How a browser that has no household yet should begin: `./gander demo` sets GANDER_HOUSEHOLD=demo, else it asks. */
export const GET: APIRoute = () => {
  const begin = process.env.GANDER_HOUSEHOLD === 'demo' ? 'demo' : 'ask';
  return Response.json({ begin }, { headers: { 'cache-control': 'no-store' } });
};

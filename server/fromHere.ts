import type { FastifyRequest } from 'fastify';

type Asking = Pick<FastifyRequest, 'headers' | 'host'>;

/** Whether a page of the store or the studio is said to be what asks; null where nothing is said of that. */
function saidFrom({ headers, host }: Asking, origin: string): boolean | null {
  const from = headers.origin;
  if (from === undefined) return null;
  if (from === origin) return true;
  if (!URL.canParse(from)) return false;
  const { protocol, host: theirs } = new URL(from);
  const ours = `${protocol}//${host}`;
  return URL.canParse(ours) && new URL(ours).host === theirs;
}

/** Not what another site's page asks; what is no browser says nothing, and has to bring something that it knows. */
export const isNotFromElsewhere = (asking: Asking, origin: string): boolean =>
  saidFrom(asking, origin) ?? true;

/** What a page of the store itself asks, as its browser says in one of two ways. */
export const isFromHere = (asking: Asking, origin: string): boolean =>
  saidFrom(asking, origin) ?? asking.headers['sec-fetch-site'] === 'same-origin';

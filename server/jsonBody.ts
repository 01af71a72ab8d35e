import type { FastifyInstance } from 'fastify';
import { Fault } from './faults.ts';

/** More than any draft or question of the studio comes to; checking what is larger would hold up everybody else. */
const DEEPEST = 40;
const MOST_KEYS = 2_000;
const MOST_VALUES = 150_000;

/** Refuses what is too deep or too much to be looked at. Throws a Fault. */
export function refuseHuge(body: unknown): void {
  const ahead: { value: unknown; depth: number }[] = [{ value: body, depth: 0 }];
  let values = 0;
  const tooMuch = (what: string) =>
    new Fault('body-too-large', { message: `What was sent ${what}. Send it in smaller parts.` });
  for (let next = ahead.pop(); next; next = ahead.pop()) {
    const { value, depth } = next;
    if (typeof value !== 'object' || value === null) continue;
    if (depth > DEEPEST) throw tooMuch('is too deep');
    const inside: unknown[] = Array.isArray(value) ? value : Object.values(value);
    if (!Array.isArray(value) && inside.length > MOST_KEYS) throw tooMuch('has too many names in one place');
    values += inside.length;
    if (values > MOST_VALUES) throw tooMuch('has too many values');
    for (const one of inside) ahead.push({ value: one, depth: depth + 1 });
  }
}

/** Reads JSON, and nothing else, as far as it is of a size that can be checked. */
export function readJsonOnly(app: FastifyInstance): void {
  const parse = app.getDefaultJsonParser('error', 'error');
  app.removeAllContentTypeParsers();
  app.addContentTypeParser('application/json', { parseAs: 'string' }, (request, text, done) =>
    parse(request, text as string, (error, body) => {
      if (error) return done(error);
      try {
        refuseHuge(body);
        done(null, body);
      } catch (fault) {
        done(fault as Fault);
      }
    }),
  );
}

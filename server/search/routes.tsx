import type { FastifyInstance } from 'fastify';
import pLimit from 'p-limit';
import { renderToStaticMarkup } from 'react-dom/server';
import { WORDS_PARAMETER, wordsOf } from '../../core/listing/parameters.ts';
import { MOST_SUGGESTED, suggestionsOf } from '../../core/search/suggestions.ts';
import { Suggestions } from '../../storefront/Suggestions.tsx';
import { readProducts } from '../catalogue/productRows.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';

/** Suggestions that one address may ask for in a minute: many a shopper can stand behind one. */
const MOST_ASKED = 1_200;
/** Those that are made at the same time, and that wait for it; more are sent away for a moment. */
const AT_ONCE = 3;
const MOST_WAITING = 60;

/** What is suggested while a search of the store is typed, as HTML, with what is said aloud. */
export function searchRoutes(app: FastifyInstance, { live, storefront, readDb }: Parts): void {
  const limit = pLimit(AT_ONCE);
  const limited = { config: { rateLimit: { max: MOST_ASKED, timeWindow: '1 minute' } } };
  app.get<{ Querystring: Record<string, string | string[] | undefined> }>(
    '/search/suggestions',
    limited,
    async (request, reply) => {
      const asked = request.query[WORDS_PARAMETER];
      const words = wordsOf(typeof asked === 'string' ? asked : undefined);
      const release = await live.get();
      if (!release || words === '') throw new Fault('bad-request');
      if (limit.pendingCount > MOST_WAITING) throw new Fault('too-busy');
      const found = await limit(() => storefront.searches.find(words));
      const ids = found.ids.slice(0, MOST_SUGGESTED);
      const [products, tree] = await Promise.all([readProducts(readDb, ids, [], 1), storefront.tree()]);
      const suggestions = suggestionsOf(
        found,
        ids.flatMap((id) => products.get(id) ?? []),
        tree,
        release.plan.house,
      );
      return reply.header('cache-control', 'no-store').send({
        html: renderToStaticMarkup(<Suggestions suggestions={suggestions} />),
        said: suggestions.said,
      });
    },
  );
}

import { pageFor, publicKinds, pagePath } from '../../core/pages/index.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { originOf } from './originOf.ts';
import { aboutReaders } from './about/index.ts';

/** Addresses in one file, of 50,000 that the protocol allows (sitemaps.org, protocol 0.9), so that none is too large. */
const IN_A_FILE = 20_000;
/** For so long the list is as it was read, ms. */
const KEPT_MS = 5 * 60_000;

const NAMESPACE = 'xmlns="http://www.sitemaps.org/schemas/sitemap/0.9"';

const escape = (text: string): string => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);

const locations = (tag: 'url' | 'sitemap', addresses: readonly string[]): string =>
  addresses.map((address) => `<${tag}><loc>${escape(address)}</loc></${tag}>`).join('');

export interface Sitemaps {
  /** The list of files; each has a part of all addresses. */
  index(): Promise<string>;
  /** Throws a fault where there is no such part, counted from 1. */
  part(number: number): Promise<string>;
}

/** Every address that search engines are to know, as files for them: of the published pages, and of what those are about. */
export function sitemaps(parts: Parts): Sitemaps {
  const { readDb, storefront, live, clock } = parts;
  const origin = async () => originOf(await live.get(), parts);
  let known: { release: number | null; at: number; paths: Promise<string[]> } | null = null;

  const read = async (now: number): Promise<string[]> => {
    const release = await live.get();
    if (!release?.plan.house.shop.listed) return [];
    const { plan } = release;
    const { searches } = storefront;
    const input = { db: readDb, facts: await storefront.facts(), searches, now, query: {}, shopper: null };
    const paths: string[] = [];
    for (const kind of publicKinds) {
      // A shopper's own, another form of a page that is listed itself, or one without end.
      if (kind.own || kind.standsFor || kind.endless) continue;
      const all = Object.values(plan.pages).filter((page) => page.kind === kind.id);
      const pages = all.filter(({ unlisted, about }) => !unlisted && about === null);
      if (kind.many) {
        for (const { id, slug } of pages)
          if (slug && pageFor(plan, kind, slug)?.id === id) paths.push(pagePath(kind, slug));
      } else if (pages.length > 0) {
        const slugs = kind.needs ? ((await aboutReaders[kind.needs].slugs?.(input)) ?? []) : [''];
        const unlisted = await Promise.all(
          all
            .filter((page) => page.about !== null && page.unlisted)
            .map((page) => storefront.example(kind, now, page.about)),
        );
        for (const slug of slugs) if (!unlisted.includes(slug)) paths.push(pagePath(kind, slug));
      }
    }
    return paths;
  };

  const paths = (): Promise<string[]> => {
    const [now, release] = [clock(), live.number()];
    if (!known || known.release !== release || now - known.at > KEPT_MS) {
      const asked = { release, at: now, paths: read(now) };
      known = asked;
      asked.paths.catch(() => {
        if (known === asked) known = null;
      });
    }
    return known.paths;
  };

  return {
    async index() {
      const many = Math.max(1, Math.ceil((await paths()).length / IN_A_FILE));
      const from = await origin();
      const files = Array.from({ length: many }, (_, i) => `${from}/sitemap-${i + 1}.xml`);
      return `<?xml version="1.0" encoding="UTF-8"?><sitemapindex ${NAMESPACE}>${locations('sitemap', files)}</sitemapindex>`;
    },
    async part(number) {
      const all = await paths();
      const some = all.slice((number - 1) * IN_A_FILE, number * IN_A_FILE);
      if (number < 1 || (number > 1 && some.length === 0)) throw new Fault('not-found');
      const from = await origin();
      const addresses = some.map((path) => `${from}${path}`);
      return `<?xml version="1.0" encoding="UTF-8"?><urlset ${NAMESPACE}>${locations('url', addresses)}</urlset>`;
    },
  };
}

import type { SmallStore } from './smallStore.ts';

export type SpecimenShopper = ReturnType<typeof shopperOf>;

/** A shopper with a browser that keeps cookies and sends forms. */
export function shopperOf(store: SmallStore) {
  const cookies = new Map<string, string>();
  const jar = (): Record<string, string> => {
    const kept = [...cookies].filter(([, value]) => value !== '');
    return kept.length ? { cookie: kept.map(([name, value]) => `${name}=${value}`).join('; ') } : {};
  };
  return {
    get basket() {
      return cookies.get('basket') ?? '';
    },
    set basket(text: string) {
      cookies.set('basket', text);
    },
    /** What is kept for later. */
    get saved() {
      return cookies.get('saved') ?? '';
    },
    set saved(text: string) {
      cookies.set('saved', text);
    },
    async get(url: string) {
      return store.get(url, jar());
    },
    async send(url: string, values: Record<string, string | number>, headers: Record<string, string> = {}) {
      const answer = await store.server.app.inject({
        method: 'POST',
        url,
        headers: {
          'content-type': 'application/x-www-form-urlencoded',
          origin: store.server.parts.origin,
          ...jar(),
          ...headers,
        },
        payload: new URLSearchParams(
          Object.entries(values).map(([name, value]) => [name, String(value)]),
        ).toString(),
      });
      for (const { name, value } of answer.cookies) cookies.set(name, value);
      return answer;
    },
  };
}

export const PERSON = { name: 'Ash Fenn', email: 'ash@place.example' };

/** The value of a hidden field of a page; empty where it has none. */
export const hidden = (body: string, name: string): string =>
  new RegExp(`name="${name}" value="([^"]*)"`).exec(body)?.[1] ?? '';

/** The first variant of a product, with what it costs. */
export const variantIn = async ({ database }: SmallStore, product: number) =>
  (
    await database.pool.query<{ id: number; price: number }>(
      'SELECT id, coalesce(reduced, price) AS price FROM variant WHERE product_id = $1 ORDER BY id LIMIT 1',
      [product],
    )
  ).rows[0]!;

/** @param count null where it is not counted */
export const stockIn = ({ database }: SmallStore, variant: number, count: number | null) =>
  database.pool.query('UPDATE variant SET stock = $2 WHERE id = $1', [variant, count]);

/** Goes from the basket to a placed order; what was sent, and what came of it. */
export async function checksOut(one: SpecimenShopper, more: Record<string, string> = {}) {
  const { body } = await one.get('/checkout');
  const sent = { ...PERSON, token: hidden(body, 'token'), total: hidden(body, 'total'), ...more };
  return { sent, answer: await one.send('/checkout', sent) };
}

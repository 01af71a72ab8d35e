import type { SmallStore } from './smallStore.ts';

export type SpecimenShopper = ReturnType<typeof shopperOf>;

/** A shopper with a browser that keeps cookies and sends forms. */
export function shopperOf(store: SmallStore) {
  let basket = '';
  const jar = (): Record<string, string> => (basket ? { cookie: `basket=${basket}` } : {});
  return {
    get basket() {
      return basket;
    },
    set basket(text: string) {
      basket = text;
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
      const kept = answer.cookies.find(({ name }) => name === 'basket');
      if (kept) basket = kept.value;
      return answer;
    },
  };
}

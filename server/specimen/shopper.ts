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

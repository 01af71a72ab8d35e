import { fold } from '../catalogue/fold.ts';
import type { Wanted } from './wanted.ts';

/** What tells one product of the store from another. */
export interface Identity {
  id: number;
  code: string;
  slug: string;
  titleKey: string;
}

/** Which product of the store is meant, by item code, else address, else title; null for none, a sentence for several. */
export class Identities {
  private readonly codes = new Map<string, Identity[]>();
  private readonly slugs = new Map<string, Identity>();
  private readonly titles = new Map<string, Identity[]>();

  constructor(all: readonly Identity[]) {
    const add = (map: Map<string, Identity[]>, key: string, one: Identity) =>
      map.set(key, [...(map.get(key) ?? []), one]);
    for (const one of all) {
      if (one.code) add(this.codes, one.code.toLowerCase(), one);
      this.slugs.set(one.slug, one);
      add(this.titles, one.titleKey, one);
    }
  }

  find({ code, slug, title }: Wanted['keys']): number | null | string {
    const [coded, named] = [this.codes.get(code.toLowerCase()) ?? [], this.slugs.get(slug)];
    if (code !== '' && coded.length > 0) {
      const one = coded.length === 1 ? coded[0] : coded.find((each) => each === named);
      return one?.id ?? `${coded.length} products have the item code ${code}.`;
    }
    if (slug !== '') return named?.id ?? null;
    if (title === '') return null;
    // One that has an item code of its own is another product.
    const titled = (this.titles.get(fold(title)) ?? []).filter((one) => code === '' || one.code === '');
    return titled.length > 1 ? `${titled.length} products are called ${title}.` : (titled[0]?.id ?? null);
  }
}

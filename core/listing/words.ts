import type { CategoryFacts, PictureFacts } from '../catalogue/facts.ts';
import type { FieldFacts } from '../catalogue/vocabulary.ts';

/** One value of an option, with what tells it apart besides its name. */
export interface OptionWord {
  id: number;
  name: string;
  colour: string | null;
  picture: PictureFacts | null;
}

/** What of the catalogue has names that filters go by. */
export interface ListingWords {
  categories: readonly Pick<CategoryFacts, 'id' | 'slug' | 'name'>[];
  brands: readonly { id: number; slug: string; name: string }[];
  /** Values in the store's own order. */
  options: readonly { id: number; name: string; values: readonly OptionWord[] }[];
  /** In the store's own order. */
  fields: readonly Pick<FieldFacts, 'id' | 'name' | 'type' | 'unit'>[];
  /** Tags that are called otherwise than they are known by. */
  tagNames: ReadonlyMap<string, string>;
  /** Whether any product has this, of what has no list of its own: tags and fields. */
  occurs(filter: { by: string }, key: string | number | boolean): boolean;
}

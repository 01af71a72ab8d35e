import type { PictureFacts } from '../catalogue/facts.ts';
import { LONGEST_HEADING, LONGEST_SENTENCE } from '../plan/words.ts';
import { idsOnce } from '../schema/idsOnce.ts';
import { array, object, string, type Schema } from '../schema/schema.ts';
import { faceOf, type Item } from './item.ts';

/** What a card of one shelf shows instead of what the catalogue has: only what was set of it. */
export interface Instead {
  /** Names the item by what it is of, and its number: "categories-12". */
  id: string;
  title?: string;
  words?: string;
  /** Id of a stored picture. */
  pictureId?: string;
}

export const MOST_INSTEAD = 60;
export const LONGEST_TITLE_INSTEAD = LONGEST_HEADING;
export const LONGEST_WORDS_INSTEAD = LONGEST_SENTENCE;

export const insteadSchema = array(
  object({
    id: string()
      .matches(/^(categories|collections)-[1-9]\d{0,9}$/, 'A card is named by what it shows, and its number.')
      .required(),
    title: string().max(LONGEST_TITLE_INSTEAD),
    words: string().max(LONGEST_WORDS_INSTEAD),
    pictureId: string().matches(/^[0-9a-f]{64}$/, 'This is not the id of a picture.'),
  })
    .noUnknown()
    .required(),
)
  .max(MOST_INSTEAD)
  .test('once', 'A card has own texts twice.', idsOnce)
  .required() as unknown as Schema<Instead[]>;

interface Shown {
  name: string;
  description: string;
  picture: PictureFacts | null;
}

/** Items of which a shelf may show something else. */
export const DRESSED = ['categories', 'collections'] as const;

function dressed(
  item: Item,
  { title, words, picture }: Pick<Instead, 'title' | 'words'> & { picture?: PictureFacts },
): Item {
  const over = <F extends Shown>(facts: F): F => ({
    ...facts,
    name: title ?? facts.name,
    description: words ?? facts.description,
    picture: picture ?? facts.picture,
  });
  if (item.of === 'categories') return { ...item, category: over(item.category) };
  return item.of === 'collections' ? { ...item, collection: over(item.collection) } : item;
}

/** What names an item among those of which a shelf shows something else. */
export const insteadId = (of: Item['of'], id: number): string => `${of}-${id}`;

/**
 * Items as a shelf shows them; what the catalogue has of them, and their order, stay.
 * @param pictures by id; one that is gone leaves the item its own
 */
export function shownInstead(
  items: readonly Item[],
  instead: readonly Instead[],
  pictures: (id: string) => PictureFacts | undefined,
): Item[] {
  const byId = new Map(instead.map((one) => [one.id, one]));
  return items.map((item) => {
    const one = byId.get(insteadId(item.of, faceOf(item).id));
    if (!one) return item;
    const picture = one.pictureId === undefined ? undefined : pictures(one.pictureId);
    return dressed(item, { ...one, ...(picture && { picture }) });
  });
}

import type { ListingWords } from '../../core/listing/words.ts';
import { readTagNames } from '../catalogue/tagNames.ts';
import type { Queryable } from '../db/pool.ts';
import { pictureJson } from '../pictures/pictureRows.ts';

/** What has names of its own besides categories; tags and fields have what occurs. */
export type WordRows = Pick<ListingWords, 'brands' | 'options' | 'fields' | 'tagNames'>;

/** Names that filters go by. */
export async function readListingWords(db: Queryable): Promise<WordRows> {
  const [brands, options, fields, tagNames] = await Promise.all([
    db.query<WordRows['brands'][number]>('SELECT id, slug, name FROM brand ORDER BY name, id'),
    db.query<WordRows['options'][number]>(
      `SELECT o.id, o.name, jsonb_agg(jsonb_build_object('id', v.id, 'name', v.name, 'colour', v.colour,
         'picture', ${pictureJson('p', 'v.name')}) ORDER BY v.position, v.id) AS values
       FROM option o JOIN option_value v ON v.option_id = o.id LEFT JOIN picture p ON p.id = v.picture_id
       GROUP BY o.id ORDER BY o.position, o.id`,
    ),
    db.query<WordRows['fields'][number]>('SELECT id, name, type, unit FROM field ORDER BY position, id'),
    readTagNames(db),
  ]);
  return {
    brands: brands.rows,
    options: options.rows,
    fields: fields.rows,
    tagNames,
  };
}

import type { FieldFacts, Vocabulary } from '../../core/catalogue/vocabulary.ts';
import type { Queryable } from '../db/pool.ts';

const MOST_VALUES = 40;

type FieldRow = FieldFacts;

/** The words that rules can be made of, as they occur in the catalogue. */
export async function readVocabulary(
  db: Queryable,
): Promise<Pick<Vocabulary, 'brands' | 'tags' | 'fields' | 'options'>> {
  const [brands, tags, options, fields] = await Promise.all([
    db.query<Vocabulary['brands'][number]>(
      `SELECT b.id, b.name, count(p.id)::int AS products FROM brand b LEFT JOIN product p ON p.brand_id = b.id
       GROUP BY b.id ORDER BY b.name, b.id`,
    ),
    db.query<Vocabulary['tags'][number]>(
      `SELECT t.id AS tag, t.number, t.name, count(pt.tag)::int AS products FROM tag t LEFT JOIN product_tag pt ON pt.tag = t.id
       GROUP BY t.number ORDER BY t.name, t.id`,
    ),
    db.query<Vocabulary['options'][number]>(
      `SELECT o.id, o.name, coalesce(jsonb_agg(jsonb_build_object('id', v.id, 'name', v.name, 'products',
         (SELECT count(*) FROM product_option_value pv WHERE pv.option_value_id = v.id)) ORDER BY v.position, v.id) FILTER (WHERE v.id IS NOT NULL), '[]') AS values
       FROM option o LEFT JOIN option_value v ON v.option_id = o.id GROUP BY o.id ORDER BY o.position, o.id`,
    ),
    db.query<FieldRow>(
      `WITH value AS (SELECT f.id, p.fields -> f.id AS value, count(*) AS times
         FROM field f JOIN product p ON p.fields ? f.id GROUP BY 1, 2)
       SELECT f.id, f.name, f.type, f.unit,
         (SELECT min((value #>> '{}')::float8) FROM value v WHERE v.id = f.id AND jsonb_typeof(value) = 'number') AS least,
         (SELECT max((value #>> '{}')::float8) FROM value v WHERE v.id = f.id AND jsonb_typeof(value) = 'number') AS most,
         coalesce((SELECT jsonb_agg(value ORDER BY times DESC, value) FROM
           (SELECT value, times FROM value v WHERE v.id = f.id ORDER BY times DESC, value LIMIT ${MOST_VALUES}) top), '[]') AS values
       FROM field f ORDER BY f.position, f.id`,
    ),
  ]);
  return { brands: brands.rows, tags: tags.rows, options: options.rows, fields: fields.rows };
}

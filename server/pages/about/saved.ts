import type { AboutReader } from './aboutReader.ts';

const EXAMPLES = 6;

export const aboutSaved: AboutReader = {
  async read(_, { db, now, shopper }) {
    if (shopper) return { saved: shopper.saved };
    const { rows } = await db.query<{ id: number }>(
      'SELECT id FROM product WHERE on_sale_from <= $1 ORDER BY on_sale_from DESC, id LIMIT $2',
      [new Date(now), EXAMPLES],
    );
    return { saved: rows.map(({ id }) => id) };
  },
  example: () => Promise.resolve(''),
};

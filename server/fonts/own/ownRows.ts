import { CHARACTER_SETS, type CharacterSetId } from '../../../core/text/characterSets.ts';
import type { Face } from '../../../core/text/face.ts';
import { fetchFaces } from '../../../core/text/faces.ts';
import { typeFamilies } from '../../../core/text/families/index.ts';
import { MOST_FONTS_OF_FAMILY, MOST_OWN_FAMILIES } from '../../../core/text/fontLimits.ts';
import { letterOf } from '../../../core/text/letterOf.ts';
import { fileFor } from '../../../core/text/mergeFaces.ts';
import { takeOwnFamilies, type OwnFamily, type OwnFont } from '../../../core/text/ownFamilies.ts';
import type { Slope, StandIn } from '../../../core/text/typeFamily.ts';
import { TYPEFACES } from '../../../core/view/reads.ts';
import { inTransaction, type Pool, type Queryable } from '../../db/pool.ts';
import { Fault } from '../../faults.ts';
import type { ReadUpload } from './readUpload.ts';

interface FontRow {
  id: string;
  family_id: string;
  name: string;
  stand_in: StandIn;
  slope: Slope;
  weight_from: number;
  weight_to: number;
  face: Face;
  sets: CharacterSetId[];
}

const FONTS = `SELECT font.id, family_id, name, stand_in, slope, weight_from, weight_to, face,
  (SELECT array_agg(characters) FROM own_font_part WHERE font_id = font.id) AS sets
  FROM own_font font JOIN own_family family ON family.id = family_id
  ORDER BY family.name, family_id, slope DESC, weight_from, font.id`;

/** The store's own families, each with the widths of its files. */
async function readRows(db: Queryable): Promise<{ families: OwnFamily[]; faces: ReadonlyMap<string, Face> }> {
  const { rows } = await db.query<FontRow>(FONTS);
  const families = new Map<string, OwnFamily>();
  for (const row of rows) {
    const font: OwnFont = {
      id: row.id,
      slope: row.slope,
      weights: [row.weight_from, row.weight_to],
      sets: CHARACTER_SETS.filter((set) => row.sets.includes(set)),
    };
    const family = families.get(row.family_id);
    if (family) family.fonts.push(font);
    else
      families.set(row.family_id, {
        id: row.family_id,
        name: row.name,
        standIn: row.stand_in,
        metrics: { ascent: 0, descent: 0, letter: 0 },
        fonts: [font],
      });
  }
  const faces = new Map(rows.map((row) => [row.id, row.face]));
  for (const family of families.values()) {
    const upright = family.fonts.filter(({ slope }) => slope === 'upright');
    const face = faces.get(fileFor(upright.length ? upright : family.fonts, 400).id)!;
    const em = (units: number) => Math.round((1_000 * units) / face.upem) / 1_000;
    family.metrics = {
      ascent: em(face.ascent),
      descent: em(face.descent),
      letter: Math.round(1_000 * letterOf(face)) / 1_000,
    };
  }
  return { families: [...families.values()], faces };
}

export const readOwnFamilies = async (db: Queryable): Promise<OwnFamily[]> => (await readRows(db)).families;

/** Knows the store's own families from now on, measured exactly. */
export async function takeOwnTypefaces(db: Queryable): Promise<void> {
  const { families, faces } = await readRows(db);
  takeOwnFamilies(families, ({ id }) => Promise.resolve(faces.get(id)!));
  await fetchFaces();
}

const slugOf = (name: string): string =>
  name
    .normalize('NFKD')
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, '')
    .slice(0, 40);

/** A name that no other family has: it is what style sheets call it by. */
const told = (name: string): string =>
  typeFamilies.some((one) => one.name.toLowerCase() === name.toLowerCase()) ? `${name} (own)` : name;

const say = (db: Queryable) => db.query(`SELECT pg_notify('changed', $1)`, [TYPEFACES]);

/** Keeps what was put in; gives the family that it is of. */
export const insertFont = (pool: Pool, read: ReadUpload): Promise<OwnFamily> =>
  inTransaction(pool, async (db) => {
    // One after the other, so that two files of a new family make one.
    await db.query(`SELECT pg_advisory_xact_lock(hashtext('own_family'))`);
    const familyId = `own-${slugOf(read.name) || read.id.slice(0, 8)}`;
    const before = await readOwnFamilies(db);
    const family = before.find(({ id }) => id === familyId);
    if (!family && before.length >= MOST_OWN_FAMILIES)
      throw new Fault('font-faulty', {
        message: `A store has ${MOST_OWN_FAMILIES} typefaces of its own at most. Remove one that is not used first.`,
      });
    if (family && family.fonts.length >= MOST_FONTS_OF_FAMILY)
      throw new Fault('font-faulty', {
        message: `${family.name} has ${MOST_FONTS_OF_FAMILY} files already. Remove it and put in those that are needed.`,
      });
    await db.query(
      `INSERT INTO own_family (id, name, stand_in) VALUES ($1, $2, $3) ON CONFLICT (id) DO NOTHING`,
      [familyId, told(read.name), read.standIn],
    );
    await db.query(
      `DELETE FROM own_font WHERE id = $1
       OR (family_id = $2 AND slope = $3 AND weight_from <= $5 AND weight_to >= $4)`,
      [read.id, familyId, read.slope, ...read.weights],
    );
    await db.query(
      `INSERT INTO own_font (id, family_id, slope, weight_from, weight_to, face) VALUES ($1, $2, $3, $4, $5, $6)`,
      [read.id, familyId, read.slope, ...read.weights, JSON.stringify(read.face)],
    );
    for (const { set, bytes } of read.parts)
      await db.query(`INSERT INTO own_font_part (font_id, characters, bytes) VALUES ($1, $2, $3)`, [
        read.id,
        set,
        Buffer.from(bytes),
      ]);
    await say(db);
    return (await readOwnFamilies(db)).find(({ id }) => id === familyId)!;
  });

/** Throws a Fault where there is none, or where the draft or the live release names it. */
export const removeFamily = (pool: Pool, id: string): Promise<void> =>
  inTransaction(pool, async (db) => {
    const named = `%"${id}"%`;
    const { rowCount: used } = await db.query(
      `SELECT FROM draft_document WHERE body::text LIKE $1
       UNION ALL SELECT FROM release JOIN live ON release_number = number WHERE plan::text LIKE $1 LIMIT 1`,
      [named],
    );
    if (used) throw new Fault('typeface-used');
    const { rowCount } = await db.query('DELETE FROM own_family WHERE id = $1', [id]);
    if (!rowCount) throw new Fault('typeface-gone');
    await say(db);
  });

/** A part of a font as it is served; null where there is none. */
export async function readPart(db: Queryable, fontId: string, set: string): Promise<Buffer | null> {
  const { rows } = await db.query<{ bytes: Buffer }>(
    'SELECT bytes FROM own_font_part WHERE font_id = $1 AND characters = $2',
    [fontId, set],
  );
  return rows[0]?.bytes ?? null;
}

/** The widths of a font; null where there is none. */
export async function readFontFace(db: Queryable, fontId: string): Promise<Face | null> {
  const { rows } = await db.query<{ face: Face }>('SELECT face FROM own_font WHERE id = $1', [fontId]);
  return rows[0]?.face ?? null;
}

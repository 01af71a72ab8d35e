import {
  array,
  boolean,
  idSchema,
  lazy,
  number,
  object,
  string,
  ValidationError,
  type Schema,
} from '../schema/schema.ts';
import { clauseKinds, type Clause } from './clauses/index.ts';
import { orderKinds, type Order } from './orders/index.ts';

/** Clauses and groups that must hold all, any, or none of. An empty group holds for everything. */
export interface Group {
  join: 'all' | 'any' | 'none';
  parts: (Clause | Group)[];
}

export const isGroup = (part: Clause | Group): part is Group => 'join' in part;

/** Groups may stand in groups this deep, and hold this many parts in all. */
export const MOST_DEPTH = 4;
export const MOST_CLAUSES = 60;

export interface ProductAssortment {
  of: 'products';
  rule: Group;
  order: Order;
  /** Sold-out products as they come, after all others, or not at all. */
  soldOut: 'asTheyCome' | 'toTheEnd' | 'out';
  /** Greatest number, if wanted. */
  limit: number | null;
}

/** A choice from the category tree (calculations §11). */
export interface CategoryAssortment {
  of: 'categories';
  choose:
    { from: 'roots' } | { from: 'children'; id: number } | { from: 'named'; ids: number[] } | { from: 'all' };
  without: { empty: boolean; pictureless: boolean; catchAll: boolean };
  order: { by: 'own' | 'name' | 'count' | 'asNamed' };
  limit: number | null;
}

export type Assortment = ProductAssortment | CategoryAssortment;

const byTag = <T>(tag: string, schemas: ReadonlyMap<string, Schema<T>>, what: string) =>
  lazy((value: unknown) => {
    const id =
      typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[tag] : undefined;
    const schema = typeof id === 'string' ? schemas.get(id) : undefined;
    return schema ?? object().test('known', `There is no ${what} "${String(id)}".`, () => false);
  });

const clauseSchema = byTag(
  'is',
  new Map(clauseKinds.map((kind) => [kind.id as string, kind.schema])),
  'clause',
);
const orderSchema = byTag('by', new Map(orderKinds.map((kind) => [kind.id as string, kind.schema])), 'order');

function groupSchema(depth: number): Schema {
  return object({
    join: string().oneOf(['all', 'any', 'none']).required(),
    parts: array(
      lazy((value: unknown) => {
        const nested = typeof value === 'object' && value !== null && 'join' in value;
        if (!nested) return clauseSchema;
        if (depth >= MOST_DEPTH)
          return object().test('deep', `Groups can stand in groups at most ${MOST_DEPTH} deep.`, () => false);
        return groupSchema(depth + 1);
      }),
    )
      .max(MOST_CLAUSES)
      .required(),
  }).noUnknown() as Schema;
}

const countClauses = (group: Group): number =>
  group.parts.reduce((sum, part) => sum + (isGroup(part) ? 1 + countClauses(part) : 1), 0);

const limit = number().integer().min(1).max(100_000).nullable().defined();

const productSchema = object({
  of: string().oneOf(['products']).required(),
  rule: groupSchema(1).test('many', `A rule can have at most ${MOST_CLAUSES} clauses.`, (group) => {
    return countClauses(group as Group) <= MOST_CLAUSES;
  }),
  order: orderSchema,
  soldOut: string().oneOf(['asTheyCome', 'toTheEnd', 'out']).required(),
  limit,
}).noUnknown();

const chooseSchemas = new Map<string, Schema>([
  ['roots', object({ from: string().required() }).noUnknown()],
  ['all', object({ from: string().required() }).noUnknown()],
  ['children', object({ from: string().required(), id: idSchema }).noUnknown()],
  ['named', object({ from: string().required(), ids: array(idSchema).max(200).required() }).noUnknown()],
]);

const categorySchema = object({
  of: string().oneOf(['categories']).required(),
  choose: byTag('from', chooseSchemas, 'choice of categories'),
  without: object({
    empty: boolean().required(),
    pictureless: boolean().required(),
    catchAll: boolean().required(),
  }).noUnknown(),
  order: object({ by: string().oneOf(['own', 'name', 'count', 'asNamed']).required() }).noUnknown(),
  limit,
}).noUnknown();

export const assortmentSchema = byTag(
  'of',
  new Map<string, Schema>([
    ['products', productSchema],
    ['categories', categorySchema],
  ]),
  'kind of assortment',
);

/** Checks an assortment that came from outside. Throws yup's ValidationError with the path of the fault. */
export function readAssortment(value: unknown): Assortment {
  if (typeof value !== 'object' || value === null)
    throw new ValidationError('An assortment is an object.', value, '');
  return assortmentSchema.validateSync(value, { strict: true }) as Assortment;
}

import { mixed, object, type Schema } from '../schema/schema.ts';

/** A group of just these values, each of which is there; the compiler holds it to the type. */
export const shape = <T extends object>(fields: { [K in keyof T]-?: Schema<T[K]> }): Schema<T> =>
  object(fields as Record<string, Schema>)
    .noUnknown()
    .required() as unknown as Schema<T>;

/** The names of the values of a group. */
export const namesIn = (group: Schema): string[] =>
  Object.keys((group as unknown as { fields: object }).fields);

/** The same, or null. */
export const orNull = <T>(schema: Schema<T>): Schema<T | null> =>
  (schema as unknown as ReturnType<typeof mixed>).nullable().defined() as unknown as Schema<T | null>;

/** A value whose own type says what it is; it has to be there, and may be null only where that is part of it. */
export const told = <T>(): Schema<T> => mixed().nullable().defined() as unknown as Schema<T>;

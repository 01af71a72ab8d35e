import { object, string, type Schema } from '../../schema/schema.ts';

/** A filter that says it all by being there. */
export const plainFilter = <Id extends string>(id: Id): Schema<{ by: Id }> =>
  object({ by: string().oneOf([id]).required() }).noUnknown() as unknown as Schema<{ by: Id }>;

import { ValidationError, type Schema } from './schema.ts';

/** What a schema says of a value, in a sentence; null where it fits. */
export function schemaFault(schema: Schema, value: unknown): string | null {
  try {
    schema.validateSync(value, { strict: true });
    return null;
  } catch (error) {
    if (error instanceof ValidationError) return error.message;
    throw error;
  }
}

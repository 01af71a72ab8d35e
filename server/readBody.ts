import { ValidationError, type InferType, type Schema } from '../core/schema/schema.ts';
import { Fault, type FaultCode } from './faults.ts';

/** Checks what was sent; a fault says where it is and what is wrong there. */
export function readBody<S extends Schema>(
  schema: S,
  body: unknown,
  code: FaultCode = 'bad-request',
): InferType<S> {
  return withFault(code, () => schema.validateSync(body, { strict: true }) as InferType<S>);
}

/** Runs a check of the core's; its ValidationError becomes a fault with the path. */
export function withFault<T>(code: FaultCode, check: () => T, where = ''): T {
  try {
    return check();
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const path = [where, error.path].filter(Boolean).join(' ');
    throw new Fault(code, {
      message: `${path ? `${path}: ` : ''}${error.message}`,
      details: { path: error.path ?? '', where },
    });
  }
}

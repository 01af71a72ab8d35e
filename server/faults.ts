/** Every way in which the server says no: a stable code, its HTTP status and a sentence for a person. */
const faults = {
  'not-found': [404, 'There is nothing at this address.'],
  'bad-request': [400, 'The request could not be read.'],
  'body-unreadable': [400, 'What was sent is not readable JSON. Send it again.'],
  'body-too-large': [413, 'What was sent is too large.'],
  'media-type': [415, 'Send this as JSON.'],
  'sign-in-needed': [401, 'Sign in to go on.'],
  'sign-in-wrong': [401, 'E-mail or password is wrong. Check both and try again.'],
  'too-many-tries': [429, 'That was tried too often. Wait a minute, then try again.'],
  'csrf-missing': [403, 'This request did not come from the studio. Reload the page and try again.'],
  'from-elsewhere': [
    403,
    'This was sent from another site, so nothing was done. Go to the store and send it from there.',
  ],
  'not-sold': [409, 'Nothing can be bought here just now.'],
  'publish-not-allowed': [403, 'Your account may arrange, but not publish. Ask the owner.'],
  'document-faulty': [422, 'The draft was not saved: a part of it has an invalid value.'],
  'draft-stale': [
    412,
    'This was changed in another window in the meantime. Choose which of the two to keep.',
  ],
  'document-unreadable': [422, 'Part of the draft cannot be read, so nothing was published. Reset it first.'],
  'page-not-drawn': [422, 'A page could not be drawn, so nothing was published.'],
  'nothing-to-publish': [409, 'The draft is what shoppers see already.'],
  'assortment-faulty': [422, 'This selection cannot be read.'],
  'samples-there': [409, 'The samples are there already.'],
  'goods-faulty': [422, 'A product cannot be kept like that.'],
  'import-faulty': [422, 'This file cannot be read as products.'],
  'import-gone': [409, 'Another file has been sent since. Reload the page to see it.'],
  'import-busy': [409, 'Something is done with this file just now. Wait for it, or stop it.'],
  'store-faulty': [422, 'This is no file of a whole store.'],
  'store-not-empty': [409, 'There is something in this store. A whole store goes into an empty one only.'],
  'file-missing': [400, 'No file was sent. Choose one and send it again.'],
  'picture-faulty': [422, 'This is no picture that can be read.'],
  'picture-gone': [404, 'This picture is not there any more. Reload the page to see those that are.'],
  'font-faulty': [422, 'This font is cut or damaged. Get it from its maker again and choose that file.'],
  'typeface-gone': [404, 'This typeface is not there any more. Reload the page to see those that are.'],
  'typeface-used': [409, 'This typeface is used. Choose another where it is, publish, then remove it.'],
  'owner-exists': [409, 'This store has an owner already. Sign in instead.'],
  'code-wrong': [403, 'This is not the setup code from the server log. Copy it from there.'],
  'password-short': [422, 'A password has at least 10 characters.'],
  'email-wrong': [422, 'This is not an e-mail address.'],
  'took-too-long': [503, 'This took too long and was ended. Ask for less, or try again.'],
  'too-busy': [503, 'Too much is asked at once. Try again in a moment.'],
  conflict: [409, 'This does not fit with what is there already.'],
  away: [503, 'The store’s data cannot be reached just now. Try again in a moment.'],
  unexpected: [500, 'Something went wrong on our side. It has been noted; try again.'],
} as const satisfies Record<string, readonly [number, string]>;

export type FaultCode = keyof typeof faults;

/** A refusal that reaches the client as `{ code, message, details }`. */
export class Fault extends Error {
  readonly code: FaultCode;
  readonly statusCode: number;
  readonly details: unknown;

  constructor(
    code: FaultCode,
    { message, details, cause }: { message?: string; details?: unknown; cause?: unknown } = {},
  ) {
    super(message ?? faults[code][1], { cause });
    this.name = 'Fault';
    this.code = code;
    this.statusCode = faults[code][0];
    this.details = details;
  }
}

/** SQLSTATE (class or code) to fault; the only place where database errors are told apart. */
const bySqlState: readonly [string, FaultCode][] = [
  ['57014', 'took-too-long'],
  ['40', 'too-busy'],
  ['57P', 'away'],
  ['53', 'away'],
  ['08', 'away'],
  ['23', 'conflict'],
  ['22', 'bad-request'],
];

const connectionCodes = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
  'EHOSTUNREACH',
  'ENETUNREACH',
  'ENOTFOUND',
]);

/** What Fastify itself throws, by its own codes. */
const byFastifyCode: Record<string, FaultCode> = {
  FST_ERR_CTP_INVALID_JSON_BODY: 'body-unreadable',
  FST_ERR_CTP_EMPTY_JSON_BODY: 'body-unreadable',
  FST_ERR_CTP_BODY_TOO_LARGE: 'body-too-large',
  FST_ERR_CTP_INVALID_MEDIA_TYPE: 'media-type',
  FST_ERR_CTP_INVALID_CONTENT_LENGTH: 'bad-request',
  FST_ERR_BAD_URL: 'bad-request',
};

/** Any error as a fault; what is not known is `unexpected`, and only that is our own mistake. */
export function asFault(error: unknown): Fault {
  if (error instanceof Fault) return error;
  const { code, name, statusCode } = error as { code?: unknown; name?: string; statusCode?: number };
  if (typeof code === 'string') {
    const fastify = byFastifyCode[code];
    if (fastify) return new Fault(fastify, { cause: error });
    if (/^[0-9A-Z]{5}$/.test(code)) {
      const known = bySqlState.find(([state]) => code.startsWith(state));
      if (known) return new Fault(known[1], { cause: error });
    }
    if (connectionCodes.has(code)) return new Fault('away', { cause: error });
  }
  if (name === 'SyntaxError' && statusCode === 400) return new Fault('body-unreadable', { cause: error });
  if (statusCode === 429) return new Fault('too-many-tries', { cause: error });
  if (statusCode !== undefined && statusCode >= 400 && statusCode < 500)
    return new Fault('bad-request', { cause: error });
  if (
    error instanceof Error &&
    /connection (terminated|timeout|error)|not queryable|timeout exceeded when trying to connect|query read timeout|client was closed/i.test(
      error.message,
    )
  )
    return new Fault('away', { cause: error });
  return new Fault('unexpected', { cause: error });
}

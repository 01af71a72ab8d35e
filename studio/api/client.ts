import type { AnswerOf, AnyContract, AskedOf, SentOf } from '../../core/api/contract.ts';

/** What is sent with a question: a body, parameters, or nothing at all, as its contract says. */
type Sendable<C> = [SentOf<C>, AskedOf<C>] extends [null, null]
  ? []
  : [
      sent: (SentOf<C> extends null ? unknown : { body: SentOf<C> }) &
        (AskedOf<C> extends null ? unknown : { query: AskedOf<C> }),
    ];

/** A refusal of the server's, with its stable code. */
export class Refusal extends Error {
  readonly code: string;
  readonly status: number;
  readonly details: unknown;

  constructor(code: string, status: number, message: string, details: unknown) {
    super(message);
    this.code = code;
    this.status = status;
    this.details = details;
  }
}

/** The server could not be reached at all. */
export class Away extends Error {}

const LIMIT_MS = 15_000;
/** What a file is sent as, whatever it is. */
const FILE_TYPE = 'application/octet-stream';
/** A large file over a slow line, or what has much to write. */
const SLOW_LIMIT_MS = 120_000;

/** Talks to the server; the only place that does. */
export class Client {
  #csrf: string | null = null;

  async #ask<T>({ method, slow }: AnyContract, path: string, body?: unknown): Promise<T> {
    const isFile = body instanceof Blob;
    let response: Response;
    try {
      response = await fetch(path, {
        method,
        signal: AbortSignal.timeout(isFile || slow ? SLOW_LIMIT_MS : LIMIT_MS),
        headers: {
          ...(body === undefined ? {} : { 'content-type': isFile ? FILE_TYPE : 'application/json' }),
          ...(this.#csrf && method !== 'GET' ? { 'x-csrf-token': this.#csrf } : {}),
        },
        ...(body === undefined ? {} : { body: isFile ? body : JSON.stringify(body) }),
      });
    } catch {
      throw new Away('The server cannot be reached.');
    }
    // An answer that breaks off, as when the connection is cut within it, is none.
    const answer = (await response.json().catch(() => null)) as Record<string, unknown> | null;
    if (!answer || response.status >= 502 || answer.code === 'away')
      throw new Away('The server cannot be reached.');
    // An answer about the session brings the token that goes along from then on.
    if (response.ok && 'csrf' in answer) this.#csrf = answer.csrf as string | null;
    if (response.ok) return answer as T;
    throw new Refusal(String(answer.code), response.status, String(answer.message), answer.details);
  }

  /** Asks by a contract. Rejects with a Refusal, or with Away where there is no answer of the server's. */
  ask<C extends AnyContract>(contract: C, ...[sent]: Sendable<C>): Promise<AnswerOf<C>> {
    const { body, query } = (sent ?? {}) as { body?: unknown; query?: Record<string, string> };
    return this.#askAt(contract, query, body);
  }

  /** Sends a file by a contract that takes one; what it is called and says of itself is not believed by the server. */
  send<C extends AnyContract>(contract: C, file: Blob, query: AskedOf<C>): Promise<AnswerOf<C>> {
    return this.#askAt(contract, query, file);
  }

  #askAt<C extends AnyContract>(
    contract: C,
    query: Record<string, string> | undefined,
    body: unknown,
  ): Promise<AnswerOf<C>> {
    const { path } = contract;
    return this.#ask(contract, query ? `${path}?${String(new URLSearchParams(query))}` : path, body);
  }
}

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

/** Talks to the server; the only place that does. */
export class Client {
  #csrf: string | null = null;

  async #ask<T>(method: string, path: string, body?: unknown): Promise<T> {
    let response: Response;
    try {
      response = await fetch(path, {
        method,
        signal: AbortSignal.timeout(LIMIT_MS),
        headers: {
          ...(body === undefined ? {} : { 'content-type': 'application/json' }),
          ...(this.#csrf && method !== 'GET' ? { 'x-csrf-token': this.#csrf } : {}),
        },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
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
    const { method, path } = contract;
    const { body, query } = (sent ?? {}) as { body?: unknown; query?: Record<string, string> };
    return this.#ask(method, query ? `${path}?${String(new URLSearchParams(query))}` : path, body);
  }
}

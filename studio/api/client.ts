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
  csrf: string | null = null;

  async #ask<T>(method: string, path: string, body?: unknown): Promise<T> {
    let response: Response;
    try {
      response = await fetch(path, {
        method,
        signal: AbortSignal.timeout(LIMIT_MS),
        headers: {
          ...(body === undefined ? {} : { 'content-type': 'application/json' }),
          ...(this.csrf && method !== 'GET' ? { 'x-csrf-token': this.csrf } : {}),
        },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      });
    } catch {
      throw new Away('The server cannot be reached.');
    }
    const answer = (await response.json().catch(() => null)) as Record<string, unknown> | null;
    if (response.ok) return answer as T;
    if (response.status >= 502 || !answer || answer.code === 'away')
      throw new Away('The server cannot be reached.');
    throw new Refusal(String(answer.code), response.status, String(answer.message), answer.details);
  }

  get<T>(path: string): Promise<T> {
    return this.#ask<T>('GET', path);
  }
  post<T>(path: string, body: unknown): Promise<T> {
    return this.#ask<T>('POST', path, body);
  }
  delete<T>(path: string): Promise<T> {
    return this.#ask<T>('DELETE', path);
  }
}

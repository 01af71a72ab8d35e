import { findProducts } from '../../core/api/catalogue.ts';
import { removeGrouping } from '../../core/api/groupings.ts';
import { readDraft, saveDraft } from '../../core/api/draft.ts';
import { readLive } from '../../core/api/releases.ts';
import { signOut, whoAmI } from '../../core/api/session.ts';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Away, Client, Refusal } from './client.ts';

const answer = (status: number, body: unknown) =>
  vi.fn(async () => new Response(typeof body === 'string' ? body : JSON.stringify(body), { status }));

const asking = (fetch: unknown) => {
  vi.stubGlobal('fetch', fetch);
  return new Client();
};

afterEach(() => vi.unstubAllGlobals());

describe('asking the server', () => {
  it('gives its answer', async () => {
    expect(await asking(answer(200, { number: 3 })).ask(readLive)).toEqual({ number: 3 });
  });

  it('waits longer for what has much to write', async () => {
    const waits = vi.spyOn(AbortSignal, 'timeout');
    const client = asking(vi.fn(async () => new Response('{}')));
    await client.ask(readDraft);
    await client.ask(removeGrouping, { body: { of: 'brand', id: 3 } });
    const [[short], [long]] = waits.mock.calls as unknown as [[number], [number]];
    waits.mockRestore();
    expect(long).toBeGreaterThan(4 * short);
  });

  it('sends what changes something with its token and as JSON, and reading without', async () => {
    const fetch = vi.fn(async () => new Response(JSON.stringify({ account: null, csrf: 'token' })));
    const client = asking(fetch);
    await client.ask(whoAmI);
    fetch.mockImplementation(async () => new Response('{}'));
    await client.ask(readDraft);
    await client.ask(saveDraft, { body: { documents: [] } });
    await client.ask(signOut);
    const [, read, write, end] = fetch.mock.calls.map(
      (call) => (call as unknown as [string, RequestInit])[1],
    );
    expect(read).toMatchObject({ method: 'GET', headers: {} });
    expect(read!.body).toBeUndefined();
    expect(write).toMatchObject({
      method: 'POST',
      headers: { 'x-csrf-token': 'token', 'content-type': 'application/json' },
      body: '{"documents":[]}',
    });
    expect(end).toMatchObject({ method: 'DELETE', headers: { 'x-csrf-token': 'token' } });
  });

  it('writes parameters into the address, whatever is in them', async () => {
    const fetch = answer(200, { products: [] });
    await asking(fetch).ask(findProducts, { query: { words: 'bowl & mug?' } });
    const [path] = fetch.mock.calls[0] as unknown as [string];
    expect(path).toBe('/api/products?words=bowl+%26+mug%3F');
  });

  it('takes an answer that breaks off for none, so that nothing goes on with half of it', async () => {
    const cut = vi.fn(async () => {
      const body = new ReadableStream({
        start(stream) {
          stream.enqueue(new TextEncoder().encode('{"number": 3, "pages": ['));
          stream.error(new TypeError('network error'));
        },
      });
      return new Response(body, { status: 200 });
    });
    await expect(asking(cut).ask(readLive)).rejects.toBeInstanceOf(Away);
    await expect(asking(answer(200, '{"number": 3, "pages": [')).ask(readLive)).rejects.toBeInstanceOf(Away);
    await expect(asking(answer(200, '')).ask(readLive)).rejects.toBeInstanceOf(Away);
  });

  it('tells a refusal, with its code and details', async () => {
    const refused = asking(
      answer(412, { code: 'draft-stale', message: 'It was changed.', details: { theirs: [] } }),
    ).ask(saveDraft, { body: { documents: [] } });
    await expect(refused).rejects.toBeInstanceOf(Refusal);
    await expect(refused).rejects.toMatchObject({
      code: 'draft-stale',
      status: 412,
      message: 'It was changed.',
      details: { theirs: [] },
    });
  });

  it.each([
    ['cannot be reached', vi.fn(async () => Promise.reject(new TypeError('Failed to fetch')))],
    ['has somebody else answer for it', answer(502, 'Bad gateway')],
    ['is not to be had just now', answer(503, { code: 'away', message: 'Away.' })],
    ['answers with something that cannot be read', answer(404, '<html>')],
  ])('takes a server that %s as away, so that nothing is given up', async (_, fetch) => {
    await expect(asking(fetch).ask(readDraft)).rejects.toBeInstanceOf(Away);
  });
});

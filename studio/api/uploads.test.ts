import { BlobWriter, TextReader, ZipWriter } from '@zip.js/zip.js/index-native.js';
import { QueryClient } from '@tanstack/react-query';
import { describe, expect, it, vi } from 'vitest';
import { MOST_PICTURE_BYTES } from '../../core/picture/limits.ts';
import { specimenStorePicture } from '../specimen/storePicture.ts';
import type { Client } from './client.ts';
import { makeUploads, refusedBefore } from './uploads.ts';

interface Sent {
  name: string;
  answer(wasThere?: boolean): void;
  fail(why: string): void;
}

/** Uploads whose server answers when it is told to. */
function slow() {
  const sent: Sent[] = [];
  const client = {
    send: (_: unknown, __: unknown, { name }: { name: string }) =>
      new Promise((resolve, reject) =>
        sent.push({
          name,
          answer: (wasThere = false) => resolve({ picture: specimenStorePicture({ name }), wasThere }),
          fail: (why) => reject(new Error(why)),
        }),
      ),
  } as unknown as Client;
  const queries = new QueryClient();
  return { sent, queries, uploads: makeUploads(client, queries) };
}

const file = (name: string, bytes = 10, type = 'image/png') =>
  new File([new Uint8Array(bytes)], name, { type });
const turn = () => new Promise((resolve) => setTimeout(resolve));

describe('pictures on their way', () => {
  it('go two at a time, and what becomes of each is counted', async () => {
    const { sent, uploads } = slow();
    const all = uploads.add([file('a'), file('b', 30), file('c'), file('d')]);
    await turn();
    expect(sent.map(({ name }) => name)).toEqual(['a', 'b']);
    expect(uploads.getState()).toMatchObject({ total: 4, done: 0, bytes: 60, bytesDone: 0 });
    sent[1]!.answer();
    await turn();
    expect(uploads.getState()).toMatchObject({ done: 1, bytesDone: 30, added: 1 });
    sent[0]!.answer(true);
    await turn();
    sent[2]!.fail('This picture is cut.');
    sent[3]!.answer();
    expect((await all).map(({ name }) => name)).toEqual(['a', 'b', 'd']);
    expect(uploads.getState()).toMatchObject({
      done: 4,
      bytesDone: 60,
      added: 2,
      wereThere: 1,
      refused: [{ name: 'c', why: 'This picture is cut.' }],
    });
  });

  it('are not sent where they need not be, and say why', async () => {
    const { sent, uploads } = slow();
    const heavy = { name: 'heavy.png', size: MOST_PICTURE_BYTES + 1, type: 'image/png' } as File;
    expect(await uploads.add([file('empty', 0), heavy, file('list.csv', 9, 'text/csv')])).toEqual([]);
    expect(sent).toEqual([]);
    expect(uploads.getState().refused.map(({ why }) => why)).toEqual([
      'This file is empty.',
      'This file is 21 MB; a picture may have at most 20 MB. Make it smaller first.',
      'This is no picture that can be read. Choose a JPEG, PNG, WebP, AVIF, GIF or SVG file.',
    ]);
    // A kind that the browser has no name for is left to the server.
    expect(refusedBefore({ size: 1, type: '' })).toBeNull();
  });

  it('wait no longer once they are stopped; what comes of one that was sent is not counted', async () => {
    const { sent, uploads } = slow();
    const all = uploads.add([file('a'), file('b'), file('c')]);
    await turn();
    sent[0]!.answer();
    await turn();
    uploads.stop();
    expect(uploads.getState()).toMatchObject({ total: 1, done: 1 });
    for (const one of sent.slice(1)) one.answer();
    await all;
    expect(sent.map(({ name }) => name)).not.toContain('d');
    expect(uploads.getState()).toMatchObject({ total: 1, done: 1, added: 1 });
    // The next lot begins anew.
    const next = uploads.add([file('d')]);
    await turn();
    sent.at(-1)!.answer();
    await next;
    expect(uploads.getState()).toMatchObject({ total: 1, done: 1, added: 1, refused: [] });
  });

  it('join a lot that is under way, and what shows pictures asks anew at the end', async () => {
    const { sent, queries, uploads } = slow();
    queries.setQueryData(['picture search', 'all', ''], {});
    const first = uploads.add([file('a')]);
    const second = uploads.add([file('b')]);
    await turn();
    expect(uploads.getState().total).toBe(2);
    for (const one of sent) one.answer();
    await Promise.all([first, second]);
    expect(uploads.getState()).toMatchObject({ total: 2, done: 2 });
    expect(queries.getQueryState(['picture search', 'all', ''])?.isInvalidated).toBe(true);
  });

  it('come out of a ZIP, each told of by itself; one that is none is refused as a whole', async () => {
    const { sent, uploads } = slow();
    const writer = new ZipWriter(new BlobWriter(), { useWebWorkers: false });
    for (const name of ['a.png', 'b.png', 'list.csv']) await writer.add(name, new TextReader('12345'));
    const zip = new File([await writer.close()], 'all.zip');
    const all = uploads.add([zip, file('broken.zip', 7, 'application/zip'), file('c', 10)]);
    expect(uploads.getState()).toMatchObject({ total: 3, done: 0, bytes: zip.size + 17 });
    await vi.waitFor(() => expect(uploads.getState()).toMatchObject({ total: 5, bytes: 32 }));
    await vi.waitFor(() => expect(sent).toHaveLength(2));
    for (let i = 0; i < 3; i += 1) {
      await vi.waitFor(() => expect(sent.length).toBeGreaterThan(i));
      sent[i]!.answer();
    }
    expect((await all).map(({ name }) => name).sort()).toEqual(['a.png', 'b.png', 'c']);
    expect(uploads.getState()).toMatchObject({ total: 5, done: 5, bytesDone: 32, added: 3 });
    expect(
      uploads
        .getState()
        .refused.map(({ name }) => name)
        .sort(),
    ).toEqual(['broken.zip', 'list.csv']);
  });

  it('in a ZIP are not looked at any more once they are stopped', async () => {
    const { sent, uploads } = slow();
    const writer = new ZipWriter(new BlobWriter(), { useWebWorkers: false });
    await writer.add('a.png', new TextReader('12345'));
    const all = uploads.add([new File([await writer.close()], 'all.zip')]);
    uploads.stop();
    expect(await all).toEqual([]);
    expect(sent).toEqual([]);
    expect(uploads.getState()).toMatchObject({ total: 0, done: 0, refused: [] });
  });
});

import type { QueryClient } from '@tanstack/react-query';
import pLimit from 'p-limit';
import { createStore, type StoreApi } from 'zustand/vanilla';
import { addPicture, type StorePicture } from '../../core/api/pictures.ts';
import { MOST_PICTURE_BYTES, PICTURE_KINDS, SAID_PICTURE_KINDS } from '../../core/picture/limits.ts';
import type { Client } from './client.ts';
import { asSendable, isZip, picturesInZip, type Sendable } from './picturesInZip.ts';

/** Sent at the same time; the server takes them one by one. */
const AT_ONCE = 2;
const MB = 1024 * 1024;

export interface UploadsState {
  /** Files of the present lot: all, those that are dealt with, and the bytes of both. */
  total: number;
  done: number;
  bytes: number;
  bytesDone: number;
  /** Of those that are dealt with: what became of them. */
  added: number;
  wereThere: number;
  refused: readonly { name: string; why: string }[];
}

/** Pictures on their way to the store. They go on while other places of the studio are open. */
export interface Uploads extends StoreApi<UploadsState> {
  /** Sends files, and those in a ZIP, as pictures; gives those that are in the store then, in no order. Never rejects. */
  add(files: readonly File[]): Promise<StorePicture[]>;
  /** Sends no more of those that wait. */
  stop(): void;
  /** What came of the last lot is not told any more. */
  forget(): void;
}

const NOTHING: UploadsState = {
  total: 0,
  done: 0,
  bytes: 0,
  bytesDone: 0,
  added: 0,
  wereThere: 0,
  refused: [],
};

/** Why a file need not be sent at all; null where it may be. */
export function refusedBefore({ size, type }: Pick<File, 'size' | 'type'>): string | null {
  if (size === 0) return 'This file is empty.';
  if (size > MOST_PICTURE_BYTES)
    return `This file is ${Math.ceil(size / MB)} MB; a picture may have at most ${MOST_PICTURE_BYTES / MB} MB. Make it smaller first.`;
  // What the browser does not know is looked at by the server.
  return type && !(type in PICTURE_KINDS)
    ? `This is no picture that can be read. Choose a ${SAID_PICTURE_KINDS} file.`
    : null;
}

/** What shows pictures of the store asks anew. */
export function picturesChanged(queries: QueryClient): void {
  for (const of of ['picture search', 'pictures', 'picture uses', 'items', 'specimen', 'goods'])
    void queries.invalidateQueries({ queryKey: [of] });
}

export function makeUploads(client: Client, queries: QueryClient): Uploads {
  const store = createStore<UploadsState>(() => NOTHING);
  const turn = pLimit(AT_ONCE);
  let lot = 0;
  const told = ({ size }: Pick<Sendable, 'size'>, more: (before: UploadsState) => Partial<UploadsState>) =>
    store.setState((before) => ({
      done: before.done + 1,
      bytesDone: before.bytesDone + size,
      ...more(before),
    }));
  const refuse = (file: Pick<Sendable, 'name' | 'size'>, why: string) =>
    told(file, ({ refused }) => ({ refused: [...refused, { name: file.name, why }] }));
  const send = async (file: Sendable, of: number): Promise<StorePicture[]> => {
    if (of !== lot) return [];
    const why = refusedBefore(file);
    if (why) {
      refuse(file, why);
      return [];
    }
    try {
      const { picture, wasThere } = await client.send(addPicture, await file.read(), { name: file.name });
      if (of === lot)
        told(file, ({ added, wereThere }) =>
          wasThere ? { wereThere: wereThere + 1 } : { added: added + 1 },
        );
      return [picture];
    } catch (error) {
      if (of === lot) refuse(file, (error as Error).message);
      return [];
    }
  };
  /** What is in a ZIP takes its place among those that are sent. */
  const unpack = async (zip: File, of: number): Promise<Sendable[]> => {
    try {
      const inside = await picturesInZip(zip);
      if (of !== lot) return [];
      store.setState(({ total, bytes }) => ({
        total: total - 1 + inside.length,
        bytes: bytes - zip.size + inside.reduce((sum, { size }) => sum + size, 0),
      }));
      return inside;
    } catch (error) {
      if (of === lot) refuse(zip, (error as Error).message);
      return [];
    }
  };
  return {
    ...store,
    async add(files) {
      if (files.length === 0) return [];
      // A lot that is dealt with is told of until the next begins.
      const { total, done } = store.getState();
      if (done === total) store.setState(NOTHING);
      store.setState((before) => ({
        total: before.total + files.length,
        bytes: before.bytes + files.reduce((sum, { size }) => sum + size, 0),
      }));
      const of = lot;
      const sent = await Promise.all(
        files.map(async (file) => {
          if (!isZip(file)) return turn(() => send(asSendable(file), of));
          const inside = await unpack(file, of);
          return (await Promise.all(inside.map((one) => turn(() => send(one, of))))).flat();
        }),
      );
      // What is new is shown nowhere yet.
      void queries.invalidateQueries({ queryKey: ['picture search'] });
      return sent.flat();
    },
    stop() {
      lot += 1;
      store.setState(({ done, bytesDone }) => ({ total: done, bytes: bytesDone }));
    },
    forget: () => store.setState(NOTHING),
  };
}

import type { LightMyRequestResponse } from 'fastify';
import type { WholeStore } from '../../core/api/wholeStore.ts';
import { STORE_PART_BYTES } from '../../core/wholeStore/storeFile.ts';
import type { Server } from '../app.ts';
import type { SignedInClient } from './signedIn.ts';

/** Files of whole stores that somebody sends. */
export interface SendingStore {
  ask(path: string, body: object): Promise<LightMyRequestResponse>;
  part(id: number, part: number, bytes: Buffer): Promise<LightMyRequestResponse>;
  is(): Promise<WholeStore>;
  /** Sends a file, all of it. */
  sent(file: Buffer): Promise<WholeStore>;
  /** The same, and brings it in. */
  broughtIn(file: Buffer): Promise<WholeStore>;
}

export function sendingStore({ parts }: Server, client: SignedInClient): SendingStore {
  const ask: SendingStore['ask'] = (path, body) => client.ask('POST', `/api/whole-store/${path}`, body);
  const part: SendingStore['part'] = (id, at, bytes) =>
    client.ask('POST', `/api/whole-store/part?id=${id}&part=${at}`, bytes, {
      headers: {
        cookie: client.cookie,
        'x-csrf-token': client.csrf,
        'content-type': 'application/octet-stream',
      },
    });
  const is = async () => (await client.ask('GET', '/api/whole-store')).json<WholeStore>();
  const sent: SendingStore['sent'] = async (file) => {
    const begun = await ask('begin', { name: 'store.zip', bytes: file.length });
    const { id } = begun.json<WholeStore>().import!;
    for (let at = 0; at * STORE_PART_BYTES < file.length; at += 1)
      await part(id, at, file.subarray(at * STORE_PART_BYTES, (at + 1) * STORE_PART_BYTES));
    return is();
  };
  return {
    ask,
    part,
    is,
    sent,
    async broughtIn(file) {
      const { import: one } = await sent(file);
      await ask('write', { id: one!.id });
      await parts.work.idle();
      return is();
    },
  };
}

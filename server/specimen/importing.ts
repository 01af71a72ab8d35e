import type { LightMyRequestResponse } from 'fastify';
import type { ImportSettings, ImportState, LastImport } from '../../core/exchange/importState.ts';
import type { SmallStore } from './smallStore.ts';

export interface ImportAnswer {
  state: ImportState;
  last: LastImport | null;
}

/** Files of products that the owner of a small store sends. */
export interface Importing {
  send(file: string | Buffer): Promise<LightMyRequestResponse>;
  /** Sends one, and waits until it was compared. */
  compared(file: string | Buffer): Promise<ImportState>;
  /** Asks for something, and waits until it is done. */
  done(path: string, body: Record<string, unknown>): Promise<ImportState>;
  set(was: ImportState, settings: Partial<ImportSettings>): Promise<ImportState>;
  answer(): Promise<ImportAnswer>;
  idle(): Promise<void>;
  /** All products as a table. */
  exported(): Promise<string>;
}

const isDone = ({ statusCode, body }: LightMyRequestResponse): void => {
  if (statusCode !== 200) throw new Error(`${statusCode}: ${body}`);
};

export function importing({ owner, server }: SmallStore): Importing {
  const idle = () => server.parts.work.idle();
  const answer = async () => (await owner.ask('GET', '/api/import')).json<ImportAnswer>();
  const send = (file: string | Buffer) =>
    owner.ask('POST', '/api/import/file?name=goods.csv', Buffer.from(file), {
      headers: {
        cookie: owner.cookie,
        'x-csrf-token': owner.csrf,
        'content-type': 'application/octet-stream',
      },
    });
  const after = async (asked: Promise<LightMyRequestResponse>): Promise<ImportState> => {
    isDone(await asked);
    await idle();
    return (await answer()).state;
  };
  const done: Importing['done'] = (path, body) => after(owner.ask('POST', `/api/import/${path}`, body));
  return {
    send,
    compared: (file) => after(send(file)),
    done,
    set: (was, settings) => done('settings', { id: was.id, settings: { ...was.settings, ...settings } }),
    answer,
    idle,
    exported: async () => (await owner.ask('GET', '/api/export/products.csv')).body,
  };
}

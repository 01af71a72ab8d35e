import {
  markMessage as markContract,
  readMessages as readContract,
  removeMessage as removeContract,
} from '../../core/api/messages.ts';
import type { Api } from '../api.ts';
import type { Parts } from '../parts.ts';
import { countUnread, markMessage, readMessages, removeMessage } from './messageRows.ts';

const AT_ONCE = 50;

/** The outbox, for the studio. */
export function messageRoutes(api: Api, { db, clock }: Parts): void {
  api.answer(readContract, async ({ query: { before } }) => {
    // One more than is shown, to know whether there are more.
    const found = await readMessages(db, before ? Number(before) : null, AT_ONCE + 1);
    return {
      messages: found.slice(0, AT_ONCE),
      more: found.length > AT_ONCE,
      unread: await countUnread(db),
    };
  });

  api.answer(markContract, async ({ body: { id, read } }) => {
    await markMessage(db, id, read, clock());
    return { unread: await countUnread(db) };
  });

  api.answer(removeContract, async ({ body: { id, removed } }) => {
    await removeMessage(db, id, removed, clock());
    return { unread: await countUnread(db) };
  });
}

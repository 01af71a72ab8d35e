import { array, boolean, idSchema, number, string, type Schema } from '../schema/schema.ts';
import type { Message } from '../shopper/message.ts';
import { contract } from './contract.ts';
import { shape } from './shape.ts';

const unread = number().integer().min(0).required() as unknown as Schema<number>;

/** Messages of the outbox, the newest first; those before one of them, by its id, where that is given. */
export const readMessages = contract({
  method: 'GET',
  path: '/api/messages',
  who: 'signedIn',
  query: shape<{ before: string }>({
    before: string()
      .matches(/^\d{0,10}$/)
      .default('') as unknown as Schema<string>,
  }),
  answer: shape<{ messages: Message[]; more: boolean; unread: number }>({
    messages: array().required(),
    more: boolean().required(),
    unread,
  }),
});

/** Marks a message as read or not; one that is gone stays so. */
export const markMessage = contract({
  method: 'POST',
  path: '/api/messages/read',
  who: 'signedIn',
  body: shape<{ id: number; read: boolean }>({
    id: idSchema,
    read: boolean().required(),
  }),
  answer: shape<{ unread: number }>({ unread }),
});

/** Removes a message, or puts it back; one that was removed long ago is gone. */
export const removeMessage = contract({
  method: 'POST',
  path: '/api/messages/removed',
  who: 'signedIn',
  body: shape<{ id: number; removed: boolean }>({
    id: idSchema,
    removed: boolean().required(),
  }),
  answer: shape<{ unread: number }>({ unread }),
});

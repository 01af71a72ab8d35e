import { array, number, string } from '../schema/schema.ts';
import { contract } from './contract.ts';
import { shape, told } from './shape.ts';

/** What shoppers see now. */
export const readLive = contract({
  method: 'GET',
  path: '/api/live',
  who: 'signedIn',
  answer: shape<{ number: number; publishedAt: string; plan: unknown }>({
    number: number().integer().min(1).required(),
    publishedAt: string().required(),
    /** With its format. */
    plan: told<unknown>(),
  }),
});

/** Makes the draft what shoppers see. */
export const publish = contract({
  method: 'POST',
  path: '/api/releases',
  who: 'publishers',
  body: shape<{ draftVersion: number }>({
    /** Sum of all versions: changes whenever any document of the draft does. */
    draftVersion: number().integer().min(0).required(),
  }),
  answer: shape<{ release: number; changes: string[] }>({
    release: number().integer().min(1).required(),
    /** Each as a sentence. */
    changes: array(string().required()).required(),
  }),
});

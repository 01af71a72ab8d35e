import { array, number, string } from '../schema/schema.ts';
import { contract } from './contract.ts';
import { orNull, shape, told } from './shape.ts';

interface Live {
  number: number;
  publishedAt: string;
  /** With its format. */
  plan: unknown;
}

/** What shoppers see now; null before anything is published. */
export const readLive = contract({
  method: 'GET',
  path: '/api/live',
  who: 'signedIn',
  answer: shape<{ live: Live | null }>({
    live: orNull(
      shape<Live>({
        number: number().integer().min(1).required(),
        publishedAt: string().required(),
        plan: told<unknown>(),
      }),
    ),
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

import { boolean, number } from '../schema/schema.ts';
import { contract } from './contract.ts';
import { shape } from './shape.ts';

const count = () => number().integer().min(0).required();

/** How far a store has come that is only being set up. */
export interface SetUpFacts {
  products: number;
  /** How many of them are samples, to try layouts with. */
  samples: number;
  /** Something has been published. */
  published: boolean;
}

export const readSetUp = contract({
  method: 'GET',
  path: '/api/set-up',
  who: 'signedIn',
  answer: shape<SetUpFacts>({
    products: count(),
    samples: count(),
    published: boolean().required(),
  }),
});

/** Fills the catalogue with sample goods, of no one trade; none where some are there. */
export const addSamples = contract({
  slow: true,
  method: 'POST',
  path: '/api/samples',
  who: 'signedIn',
  answer: shape<{ added: number }>({ added: count() }),
});

/** Takes all sample goods out again, but for those that somebody has ordered. */
export const removeSamples = contract({
  slow: true,
  method: 'DELETE',
  path: '/api/samples',
  who: 'signedIn',
  answer: shape<{ removed: number; left: number }>({ removed: count(), left: count() }),
});

import { boolean, string, type Schema } from '../schema/schema.ts';
import { contract } from './contract.ts';
import { orNull, shape } from './shape.ts';

/** Somebody who has signed in, as the studio knows them. */
export interface Account {
  email: string;
  name: string;
  role: 'owner' | 'arranger';
  mayPublish: boolean;
}

export interface SessionAnswer {
  account: Account | null;
  /** Sent along with whatever changes something. */
  csrf: string | null;
  /** There is no owner yet. */
  newStore?: boolean | undefined;
}

const account = shape<Account>({
  email: string().required(),
  name: string().required(),
  role: string().oneOf(['owner', 'arranger']).required() as Schema<Account['role']>,
  mayPublish: boolean().required(),
});

const answer = shape<SessionAnswer>({
  account: orNull(account),
  csrf: string().nullable().defined(),
  newStore: boolean().optional(),
});

const words = (most: number) => string().max(most).required();

export const whoAmI = contract({ method: 'GET', path: '/api/session', who: 'anybody', answer });

export const signIn = contract({
  method: 'POST',
  path: '/api/session',
  who: 'anybody',
  guessed: ({ email }) => email.trim().toLowerCase(),
  body: shape<{ email: string; password: string }>({ email: words(200), password: words(500) }),
  answer,
});

export const signOut = contract({ method: 'DELETE', path: '/api/session', who: 'signedIn', answer });

/** The first owner of a new store, with the code from the server's log. */
export const createOwner = contract({
  method: 'POST',
  path: '/api/owner',
  who: 'anybody',
  guessed: () => 'the setup code',
  body: shape<{ email: string; name: string; password: string; code: string; store: string }>({
    email: words(200),
    name: words(120),
    password: words(500),
    code: words(100),
    /** Name of the store. */
    store: words(80),
  }),
  answer,
});

import type { Schema } from '../schema/schema.ts';

/** Who may ask: anybody at all, whoever has signed in, or those of them who may publish. */
export type Who = 'anybody' | 'signedIn' | 'publishers';

/** What one route takes and gives. Server and studio both go by it, so that it is written once. */
export interface Contract<Sent, Asked, Answer> {
  method: 'GET' | 'POST' | 'DELETE';
  path: `/api/${string}`;
  who: Who;
  /** What is sent; null where nothing is. */
  body: Schema<Sent> | null;
  /** A file is sent instead of a body; what it has to be. */
  takes?: 'picture' | 'font' | 'goods' | 'storePart';
  /** The answer is a file, and not JSON. */
  gives?: 'file';
  /** It may take as long as a file on its way: what many products are found by is written with it. */
  slow?: true;
  /** Parameters of the address; null where there are none. */
  query: Schema<Asked> | null;
  answer: Schema<Answer>;
  /** Code of the fault that says what is wrong with the body, where that is more than a bad request. */
  refusedAs?: 'document-faulty' | 'assortment-faulty';
  /** What a secret is tried for, where one is: limited for each who asks, and for that whoever asks. */
  guessed?: (sent: Sent) => string;
}

// Contracts of all sorts in one list.
// eslint-disable-next-line @typescript-eslint/no-explicit-any
export type AnyContract = Contract<any, any, any>;

export type SentOf<C> = C extends Contract<infer Sent, infer _A, infer _R> ? Sent : never;
export type AskedOf<C> = C extends Contract<infer _S, infer Asked, infer _R> ? Asked : never;
export type AnswerOf<C> = C extends Contract<infer _S, infer _A, infer Answer> ? Answer : never;

export const contract = <Answer, Sent = null, Asked = null>(
  given: Pick<
    Contract<Sent, Asked, Answer>,
    'method' | 'path' | 'who' | 'answer' | 'refusedAs' | 'guessed' | 'takes' | 'gives' | 'slow'
  > &
    Partial<Pick<Contract<Sent, Asked, Answer>, 'body' | 'query'>>,
): Contract<Sent, Asked, Answer> => ({ body: null, query: null, ...given });

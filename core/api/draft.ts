import type { DocumentKey } from '../plan/documents.ts';
import { array, number, string, type Schema } from '../schema/schema.ts';
import { contract } from './contract.ts';
import { shape, told } from './shape.ts';

/** A document as the server keeps it. */
export interface StoredDocument {
  key: DocumentKey;
  version: number;
  /** Of whatever format; null once it was removed. */
  body: unknown;
  savedAt: string | null;
  /** Name of who saved it last. */
  savedBy: string | null;
}

/** A document that is to be saved. */
export interface SentDocument {
  key: string;
  /** Version that the change was made on; 0 for a document that is new. */
  version: number;
  /** With its format; null removes the document. */
  body: unknown;
}

const storedDocument = shape<StoredDocument>({
  key: string().required() as Schema<DocumentKey>,
  version: number().integer().min(0).required(),
  body: told<unknown>(),
  savedAt: string().nullable().defined(),
  savedBy: string().nullable().defined(),
});

/** The format that the server writes; higher than the asking window's own once it was updated. */
const format = number().integer().required();

/** The whole draft, document by document. */
export const readDraft = contract({
  method: 'GET',
  path: '/api/draft',
  who: 'signedIn',
  answer: shape<{ documents: StoredDocument[]; format: number }>({
    documents: array(storedDocument).required(),
    format,
  }),
});

/**
 * Saves documents, all or none; refused as `draft-stale` with `theirs` where somebody else was first, or where a bay
 * would show a shelf that somebody else removed meanwhile.
 */
export const saveDraft = contract({
  method: 'POST',
  path: '/api/draft',
  who: 'signedIn',
  refusedAs: 'document-faulty',
  body: shape<{ documents: SentDocument[]; seen?: number | undefined }>({
    documents: array(
      shape<SentDocument>({
        key: string().max(80).required(),
        version: number().integer().min(0).required(),
        body: told<unknown>(),
      }),
    )
      .min(1)
      .max(200)
      .required(),
    /** Sum of the versions of all documents that the asking window knows of. */
    seen: number().integer().min(0).optional(),
  }),
  answer: shape<{ versions: Record<string, number>; savedAt: string; format: number }>({
    versions: told<Record<string, number>>(),
    savedAt: string().required(),
    format,
  }),
});

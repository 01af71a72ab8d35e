import type { FastifyInstance } from 'fastify';
import { array, mixed, number, object, string } from '../../core/schema/schema.ts';
import {
  isDocumentKey,
  planFaults,
  readDocument,
  type DocumentKey,
  type PlanDocument,
} from '../../core/plan/plan.ts';
import { requireSession } from '../accounts/routes.ts';
import { inTransaction } from '../db/pool.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { readBody, withFault } from '../readBody.ts';
import { lockDraftRows, planFromRows, readDraft, writeDraftRow } from './draftRows.ts';

const saveSchema = object({
  documents: array(
    object({
      key: string().max(80).required(),
      /** Version that the change was made on; 0 for a document that is new. */
      version: number().integer().min(0).required(),
      /** Null takes the document away. */
      body: mixed().nullable().defined(),
    }).noUnknown(),
  )
    .min(1)
    .max(200)
    .required(),
}).noUnknown();

interface Sent {
  key: DocumentKey;
  version: number;
  body: PlanDocument | null;
}

function readSent(body: unknown): Sent[] {
  const { documents } = readBody(saveSchema, body, 'document-faulty');
  return documents.map(({ key, version, body: document }) => {
    if (!isDocumentKey(key))
      throw new Fault('document-faulty', {
        message: `There is no document "${key}".`,
        details: { path: 'key' },
      });
    if (document === null && key === 'house')
      throw new Fault('document-faulty', {
        message: 'The house style cannot be taken away.',
        details: { path: 'key' },
      });
    return {
      key,
      version,
      body: document === null ? null : withFault('document-faulty', () => readDocument(key, document), key),
    };
  });
}

/** The draft: read whole, saved document by document, all of a save or none of it. */
export function draftRoutes(app: FastifyInstance, parts: Parts): void {
  const { db } = parts;

  app.get('/api/draft', async (request) => {
    await requireSession(request, parts);
    return { documents: await readDraft(db) };
  });

  app.post('/api/draft', async (request) => {
    const { account } = await requireSession(request, parts);
    const sent = readSent(request.body);
    return inTransaction(db, async (client) => {
      const stored = new Map(
        (
          await lockDraftRows(
            client,
            sent.map(({ key }) => key),
          )
        ).map((row) => [row.key, row]),
      );
      const stale = sent.filter(({ key, version }) => (stored.get(key)?.version ?? 0) !== version);
      if (stale.length)
        throw new Fault('draft-stale', {
          details: {
            theirs: stale.map(
              ({ key }) => stored.get(key) ?? { key, version: 0, body: null, savedAt: null, savedBy: null },
            ),
          },
        });
      const versions: Record<string, number> = {};
      for (const { key, version, body } of sent) {
        const written = await writeDraftRow(client, { key, expected: version, body, accountId: account.id });
        if (written === null) throw new Fault('draft-stale', { details: { theirs: [] } });
        versions[key] = written;
      }
      const plan = planFromRows(await readDraft(client));
      const fault = planFaults(plan)[0];
      if (fault)
        throw new Fault('document-faulty', {
          message: `${fault.key} ${fault.path}: ${fault.message}`,
          details: fault,
        });
      return { versions, savedAt: new Date(parts.clock()).toISOString() };
    });
  });
}

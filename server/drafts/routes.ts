import { readDraft as readDraftContract, saveDraft, type SentDocument } from '../../core/api/draft.ts';
import {
  isDocumentKey,
  withDocument,
  type DocumentKey,
  type PlanDocument,
} from '../../core/plan/documents.ts';
import { FORMAT, UnreadableDocument } from '../../core/plan/formats/format.ts';
import type { StoredHouse } from '../../core/plan/house.ts';
import { readDocument, writtenDocument } from '../../core/plan/reading.ts';
import { completeHouse } from '../../core/plan/storedPlan.ts';
import { objectAt, type UpgradeContext } from '../../core/plan/upgrades/step.ts';
import { same } from '../../core/settings/same.ts';
import type { Api } from '../api.ts';
import { inTransaction } from '../db/pool.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { lockDraft, planFromRows, readDraft, versionOf, writeDraftRow, type DraftRow } from './draftRows.ts';
import { shelvesGone } from './shelvesGone.ts';

interface Sent extends SentDocument {
  key: DocumentKey;
}

function readSent(documents: readonly SentDocument[]): Sent[] {
  return documents.map(({ key, version, body: document }) => {
    const details = { path: 'key' };
    if (!isDocumentKey(key))
      throw new Fault('document-faulty', { message: `There is no document "${key}".`, details });
    if (document === null && key === 'house')
      throw new Fault('document-faulty', { message: 'The house style cannot be removed.', details });
    return { key, version, body: document };
  });
}

/** One document that was sent, of whatever format, in the current one; refused where it could not be drawn. */
function read(one: Sent, context: UpgradeContext): PlanDocument | null {
  if (one.body === null) return null;
  try {
    return readDocument(one, context);
  } catch (error) {
    if (!(error instanceof UnreadableDocument)) throw error;
    throw new Fault('document-faulty', { message: error.message, details: { key: one.key } });
  }
}

/** What values by width are by, once the house that is sent, if one is, is there. */
function contextFor(sent: readonly Sent[], rows: readonly DraftRow[]): UpgradeContext {
  const kept = rows.find(({ key }) => key === 'house')?.body ?? {};
  const known = { house: objectAt(kept), bands: completeHouse({}).around.bands };
  const house = sent.find(({ key }) => key === 'house');
  const around = house
    ? completeHouse(read(house, known) as StoredHouse)
    : completeHouse(rows.length ? planFromRows(rows).house : {});
  return { house: objectAt(house?.body ?? kept), bands: around.around.bands };
}

/** Whether a bay shows a shelf that was removed once these are saved, and did not before. */
function takesShelves(
  rows: readonly DraftRow[],
  documents: readonly { key: DocumentKey; document: PlanDocument | null }[],
): boolean {
  const before = planFromRows(rows);
  const removed = new Set(rows.filter(({ body }) => body === null).map(({ key }) => key));
  const known = shelvesGone(before, (id) => removed.has(`shelf:${id}`));
  let after = before;
  for (const { key, document } of documents) {
    after = withDocument(after, key, document);
    if (document) removed.delete(key);
    else removed.add(key);
  }
  return [...shelvesGone(after, (id) => removed.has(`shelf:${id}`))].some((one) => !known.has(one));
}

/** The draft: read whole, saved document by document, all of a save or none of it. */
export function draftRoutes(api: Api, parts: Parts): void {
  const { db } = parts;

  api.answer(readDraftContract, async () => ({ documents: await readDraft(db), format: FORMAT }));

  api.answer(saveDraft, async ({ body, session: { account } }) => {
    const sent = readSent(body.documents);
    return inTransaction(db, async (client) => {
      await lockDraft(client);
      const rows = await readDraft(client);
      const context = contextFor(sent, rows);
      const stored = new Map(rows.map((row) => [row.key, row]));
      const documents = sent.map((one) => ({ ...one, document: read(one, context) }));
      // The same save again, since its answer was lost on the way, is not somebody else's.
      const isAgain = ({ key, version, document }: (typeof documents)[number]) => {
        const row = stored.get(key);
        return row?.version === version + 1 && same(row.body, document && writtenDocument(document));
      };
      const stale = documents.filter(
        (one) => (stored.get(one.key)?.version ?? 0) !== one.version && !isAgain(one),
      );
      if (stale.length)
        throw new Fault('draft-stale', {
          details: {
            theirs: stale.map(
              ({ key }) => stored.get(key) ?? { key, version: 0, body: null, savedAt: null, savedBy: null },
            ),
          },
        });
      // A window that has not seen all there is may take a shelf from a bay that it does not know of, or the other way.
      if (body.seen !== undefined && body.seen !== versionOf(rows) && takesShelves(rows, documents))
        throw new Fault('draft-stale', { details: { theirs: rows } });
      const versions: Record<string, number> = {};
      for (const one of documents) {
        const { key, version, document } = one;
        if (isAgain(one)) {
          versions[key] = version + 1;
          continue;
        }
        const written = await writeDraftRow(client, {
          key,
          expected: version,
          body: document,
          accountId: account.id,
        });
        if (written === null) throw new Fault('draft-stale', { details: { theirs: [] } });
        versions[key] = written;
      }
      return { versions, savedAt: new Date(parts.clock()).toISOString(), format: FORMAT };
    });
  });
}

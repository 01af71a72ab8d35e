import { toAssortments } from '../upgrades/0002-assortments.ts';
import { toLayouts } from '../upgrades/0003-layouts.ts';
import { toPlacing } from '../upgrades/0004-placing.ts';
import { toSparse } from '../upgrades/0005-sparse.ts';
import { toMovingStyle } from '../upgrades/0006-moving-style.ts';
import { toProductParts } from '../upgrades/0007-product-parts.ts';
import { objectAt, type Old, type UpgradeContext, type UpgradeStep } from '../upgrades/step.ts';

/** Every step from one format to the next, in their order; to change the shape of documents, add one. */
export const steps: readonly UpgradeStep[] = [
  toAssortments,
  toLayouts,
  toPlacing,
  toSparse,
  toMovingStyle,
  toProductParts,
];

/** The format that documents are written in. */
export const FORMAT = steps.at(-1)!.to;

export type DocumentKind = 'house' | 'page' | 'shelf' | 'assortment';

/** The last format that documents were kept in without saying so. */
const LAST_UNSAID = 4;

/** The format of a document; of one that does not say, the oldest that has its shape. */
export function formatOf(kind: DocumentKind, document: Old): number {
  if (typeof document.format === 'number') return document.format;
  if (kind === 'page') return Object.hasOwn(document, 'direction') ? LAST_UNSAID : 2;
  if (kind !== 'shelf') return LAST_UNSAID;
  if (!Object.hasOwn(document, 'assortmentId')) return 1;
  if (Object.hasOwn(document, 'pager')) return 2;
  return Object.hasOwn(objectAt(document.card), 'text') ? LAST_UNSAID : 3;
}

/** A document that cannot be read, in a sentence. */
export class UnreadableDocument extends Error {}

/**
 * The document in the current format, without saying so. Throws UnreadableDocument for one of a newer version, or one
 * that is not a document at all.
 */
export function upgraded(kind: DocumentKind, document: unknown, context: UpgradeContext): Old {
  if (typeof document !== 'object' || document === null || Array.isArray(document))
    throw new UnreadableDocument('what is stored is not a document.');
  const old = document as Old;
  const from = formatOf(kind, old);
  if (from > FORMAT)
    throw new UnreadableDocument(
      'it was made by a newer version of Wide Shelf. Update this one, or put back an earlier copy.',
    );
  const { format: _, ...bare } = old;
  return steps.filter(({ to }) => to > from).reduce((at, step) => step[kind]?.(at, context) ?? at, bare);
}

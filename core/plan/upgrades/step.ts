import type { Bands } from '../../bands/bands.ts';

/** A document of an older format: whatever it is. */
export type Old = Record<string, unknown>;

/** What a step may know besides the document. */
export interface UpgradeContext {
  bands: Bands;
  /** The house, as it was stored, at the format the step begins with or a newer one. */
  house: Old;
}

/**
 * One step from the format before. Each part takes a document of its kind; what has none is as it was. Steps are pure,
 * and are never changed once a version with the next format is out.
 */
export interface UpgradeStep {
  to: number;
  house?(old: Old, context: UpgradeContext): Old;
  page?(old: Old, context: UpgradeContext): Old;
  shelf?(old: Old, context: UpgradeContext): Old;
  assortment?(old: Old, context: UpgradeContext): Old;
}

export const objectAt = (value: unknown): Old =>
  typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Old) : {};

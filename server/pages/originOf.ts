import { publicOrigin } from '../../core/catalogue/publicOrigin.ts';
import type { Parts } from '../parts.ts';
import type { Release } from '../publish/releaseRows.ts';

/** What whole addresses begin with: as the store says, else as this server was told. */
export const originOf = (release: Release | null, { origin }: Pick<Parts, 'origin'>): string =>
  publicOrigin(release?.plan.house.shop.origin ?? '') ?? origin;

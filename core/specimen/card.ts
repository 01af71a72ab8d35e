import fc from 'fast-check';
import { partKinds } from '../card/parts/index.ts';
import { zoneKinds } from '../card/zones.ts';
import type { StoredShelf } from '../plan/shelf.ts';

export const textParts = partKinds.filter(({ isPicture }) => !isPicture).map(({ id }) => id);

const varying = <T>(one: fc.Arbitrary<T>) =>
  fc.record({ phone: one, tablet: one, laptop: one }, { requiredKeys: ['phone'] });

/** Any card of products: any parts in any order and place, at each width. */
export const cardArbitrary: fc.Arbitrary<NonNullable<StoredShelf['card']>> = fc
  .record({
    order: fc.shuffledSubarray(
      partKinds.map(({ id }) => id),
      { minLength: partKinds.length },
    ),
    pictured: fc.boolean(),
    parts: fc.tuple(
      ...textParts.map(() =>
        fc.record({
          shown: varying(fc.boolean()),
          zone: varying(fc.constantFrom(...zoneKinds.map(({ id }) => id))),
          row: varying(fc.constantFrom('own', 'shared')),
          when: fc.constantFrom('always', 'hover'),
          align: fc.constantFrom('card', 'start', 'center', 'end'),
        }),
      ),
    ),
  })
  .map(({ order, pictured, parts }) => ({
    order,
    parts: {
      picture: { shown: { phone: pictured } },
      ...Object.fromEntries(parts.map((part, i) => [textParts[i], part])),
    },
  }));

import type { FieldFacts } from '../../../core/catalogue/vocabulary.ts';
import type { Card } from '../../../core/card/card.ts';
import { partKinds } from '../../../core/card/parts/index.ts';
import { ofPart } from '../../../core/card/shown.ts';

/** Under which a field is offered, and its sample found. */
export const fieldKey = (id: string): string => `field:${id}`;

/**
 * Fields of the store that are not there yet, as they are found by typing part of their names.
 * @param there parts that the list has which fields are added to
 * @param said parts that say something anywhere, which they go on saying
 */
export function fieldsOffered(
  fields: readonly FieldFacts[],
  card: Card,
  samples: ReadonlyMap<string, string> | null,
  there: ReadonlySet<string>,
  said: ReadonlySet<string>,
): {
  found(words: string): { id: string; words: string; aside: string }[];
  /** The field that was chosen, and the part that is to say it; undefined where it was none, or no part is left. */
  chosen(id: string): { field: FieldFacts; part: string } | undefined;
} {
  const kinds = partKinds.filter(({ ofField }) => ofField);
  const fieldOf = (kind: (typeof kinds)[number]) => kind.ofField!(ofPart(card, kind.id)!);
  const partFor = (field: string): string | undefined =>
    (
      kinds.find((kind) => said.has(kind.id) && fieldOf(kind) === field) ??
      kinds.find(({ id }) => !said.has(id) && !there.has(id))
    )?.id;
  const known = new Set(kinds.filter(({ id }) => there.has(id)).map(fieldOf));
  return {
    found: (words) =>
      fields
        .filter(
          ({ id, name }) =>
            !known.has(id) &&
            partFor(id) !== undefined &&
            name.toLowerCase().includes(words.trim().toLowerCase()),
        )
        .map(({ id, name }) => ({
          id: fieldKey(id),
          words: name,
          aside: samples?.get(fieldKey(id)) ?? '',
        })),
    chosen: (id) => {
      const field = fields.find((one) => fieldKey(one.id) === id);
      const part = field && partFor(field.id);
      return field && part !== undefined ? { field, part } : undefined;
    },
  };
}

import type { FieldFacts } from '../../../core/catalogue/vocabulary.ts';
import type { Card } from '../../../core/card/card.ts';
import { partKinds } from '../../../core/card/parts/index.ts';
import { everShown, ofPart } from '../../../core/card/shown.ts';

/** Under which a field is offered, and its sample found. */
export const fieldKey = (id: string): string => `field:${id}`;

/** Fields of the store that a card does not say yet, as they are found by typing part of their names. */
export function fieldsOffered(
  fields: readonly FieldFacts[],
  card: Card,
  samples: ReadonlyMap<string, string> | null,
): {
  found(words: string): { id: string; words: string; aside: string }[];
  /** The field that was chosen; undefined where it was none. */
  chosen(id: string): FieldFacts | undefined;
} {
  const kinds = partKinds.filter(({ ofField }) => ofField);
  const shown = kinds.filter(({ id }) => everShown(card, id));
  const said = new Set(shown.map((kind) => kind.ofField!(ofPart(card, kind.id)!)));
  return {
    found: (words) =>
      shown.length === kinds.length
        ? []
        : fields
            .filter(
              ({ id, name }) => !said.has(id) && name.toLowerCase().includes(words.trim().toLowerCase()),
            )
            .map(({ id, name }) => ({
              id: fieldKey(id),
              words: name,
              aside: samples?.get(fieldKey(id)) ?? '',
            })),
    chosen: (id) => fields.find((field) => fieldKey(field.id) === id),
  };
}

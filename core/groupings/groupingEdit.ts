import { fold } from '../catalogue/fold.ts';
import { factFault, type FactEdit } from '../facts/factEdit.ts';
import { idSchema, mixed, object, string, type Schema } from '../schema/schema.ts';
import { schemaFault } from '../schema/schemaFault.ts';
import { same } from '../settings/same.ts';
import { GROUPINGS, type Grouping, type GroupingOf } from './grouping.ts';
import { groupingFact, groupingKinds } from './groupingFacts.ts';
import { besideFault, besides, placed, placeFault, type Place } from './places.ts';

/** One fact of one of a kind, as it was and as it is to be. */
export interface GroupingEdit extends FactEdit {
  of: GroupingOf;
  id: number;
  fact: string;
}

/** So many facts are written at once. */
export const MOST_GROUPING_EDITS = 200;

export const groupingEditSchema = object({
  of: string().oneOf(GROUPINGS).required(),
  id: idSchema,
  fact: string().max(40).required(),
  was: mixed().nullable().defined(),
  is: mixed().nullable().defined(),
})
  .noUnknown()
  .required()
  .test('fits', function (edit) {
    const { of, fact: id, is } = edit as GroupingEdit;
    if (!GROUPINGS.includes(of)) return true; // Said of that.
    const fact = groupingFact(of, id);
    const fault = fact
      ? factFault(fact, is)
      : `There is nothing called "${id}" to be set of any ${groupingKinds[of].one}.`;
    return fault === null || this.createError({ message: fault });
  }) as unknown as Schema<GroupingEdit>;

/** A fact of one of them as an edit reads it; undefined where that one is gone. */
export function groupingValue(
  all: readonly Grouping[],
  { of, id, fact }: Pick<GroupingEdit, 'of' | 'id' | 'fact'>,
): unknown {
  const one = all.find((other) => other.id === id);
  return one && groupingFact(of, fact)?.read(all, one);
}

/** What makes a fact of one of them another; none where it is so already. */
export function groupingEdits(
  all: readonly Grouping[],
  at: Pick<GroupingEdit, 'of' | 'id' | 'fact'>,
  is: unknown,
): GroupingEdit[] {
  const was = groupingValue(all, at);
  return was === undefined || same(was, is) ? [] : [{ ...at, was, is }];
}

/** All of a kind once an edit is done. */
export const groupingEdited = (all: readonly Grouping[], { id, fact, is }: GroupingEdit): Grouping[] =>
  fact === 'place'
    ? placed(all, id, is as Place)
    : all.map((one) => (one.id === id ? { ...one, [fact]: is } : one));

/** Of those beside one another each is called otherwise, since files and sentences name them. */
function nameFault(
  of: GroupingOf,
  others: readonly Grouping[],
  { name, parentId }: Pick<Grouping, 'name' | 'parentId'>,
): string | null {
  const same = besides(others, parentId).find((other) => fold(other.name) === fold(name));
  return same ? `Another ${groupingKinds[of].one} there is called “${same.name}”.` : null;
}

/** Why an edit does not fit with the others of its kind, in a sentence; null where it does. */
export function groupingFault(all: readonly Grouping[], { of, id, fact, is }: GroupingEdit): string | null {
  const one = all.find((other) => other.id === id);
  if (!one) return null;
  const others = all.filter((other) => other.id !== id);
  if (fact === 'place') return standFault(of, all, { ...one, ...(is as Place) });
  if (fact === 'slug' && others.some(({ slug }) => slug === is))
    return `Another ${groupingKinds[of].one} has the address “${String(is)}”.`;
  return fact === 'name' ? nameFault(of, others, { ...one, name: String(is) }) : null;
}

/** Why one cannot stand at a place, or not beside others of its name. @param one its id is null where it is new */
function standFault(
  of: GroupingOf,
  all: readonly Grouping[],
  { id, name, parent, before }: Place & { id: number | null; name: string },
): string | null {
  const place = { parent, before };
  const others = all.filter((other) => other.id !== id);
  return (
    (groupingKinds[of].tree
      ? placeFault(all, id, place)
      : (underFault(of, all, id, parent) ?? besideFault(all, id, place))) ??
    nameFault(of, others, { name, parentId: parent })
  );
}

/** Why one of a kind that is no tree cannot be under another, in a sentence; null where it can. */
function underFault(
  of: GroupingOf,
  all: readonly Grouping[],
  id: number | null,
  parent: number | null,
): string | null {
  const { one, under } = groupingKinds[of];
  if (!under) return parent === null ? null : 'It stands under none.';
  const own = id === null ? parent : all.find((other) => other.id === id)?.parentId;
  return parent !== null && parent === own ? null : `A ${one} stays with its ${under}.`;
}

/** Why there cannot be another of this name under one, or under none; null where there can. */
export function newFault(
  of: GroupingOf,
  all: readonly Grouping[],
  { name, parent, type }: Pick<Grouping, 'name' | 'type'> & { parent: number | null },
): string | null {
  const { one, typed = false } = groupingKinds[of];
  if (typed !== (type !== null)) return typed ? `Say what the ${one} holds.` : 'It holds nothing of its own.';
  return (
    schemaFault(groupingFact(of, 'name')!.schema, name) ??
    standFault(of, all, { id: null, name, parent, before: null })
  );
}

import { fold } from '../catalogue/fold.ts';
import { LONGEST_OPTION } from '../goods/variants.ts';
import { fieldIdOf } from '../groupings/fieldId.ts';
import { FIELD_TYPES, type FieldType } from '../groupings/grouping.ts';
import { readNumber } from './amount.ts';
import { TARGETS, text, Unreadable, yesOrNo, type Target } from './targets.ts';

/** The store's own fields and options, as far as columns go. */
export interface OwnTargets {
  fields: readonly { id: string; name: string; type: FieldType; unit: string }[];
  options: readonly { name: string }[];
}

const fieldTarget = ({ id, name, type, unit }: OwnTargets['fields'][number]): Target => ({
  id: `field:${id}`,
  name: `Field: ${name}`,
  words: [fold(name), fold(id), fold(`field ${name}`), ...(unit ? [fold(`${name} ${unit}`)] : [])],
  of: 'field',
  fact: id,
  none: null,
  ...(type === 'number' && { numbers: true }),
  read: (cell, { decimal }) => {
    if (type === 'yesNo') return yesOrNo(cell);
    return type === 'text' ? cell.trim() : (readNumber(cell, decimal) ?? new Unreadable('is not a number'));
  },
  says: () =>
    type === 'yesNo' ? 'yes or no' : type === 'text' ? 'text' : unit ? `numbers in ${unit}` : 'numbers',
});

const OPTION = 'option:';

export const optionTarget = (name: string): Target => ({
  id: `${OPTION}${name}`,
  name: `Option: ${name}`,
  words: [fold(name), fold(`option ${name}`)],
  of: 'option',
  fact: name,
  read: text,
});

const NEW_FIELD = 'newField:';

/** A field that is made with the import. @param targets of the store, which has other fields */
export function newFieldTarget(
  type: FieldType,
  name: string,
  targets: readonly Pick<Target, 'id'>[],
): Target {
  const id = fieldIdOf(name, (taken) => targets.some((one) => one.id === `field:${taken}`));
  return {
    ...fieldTarget({ id, name, type, unit: '' }),
    id: `${NEW_FIELD}${type}:${name}`,
    name: `New field: ${name}`,
    makes: { id, name, type },
  };
}

/** What a field would hold that has these values. */
export function fieldTypeOf(values: readonly string[]): FieldType {
  const are = (is: (value: string) => boolean) => values.length > 0 && values.every(is);
  if (are((value) => typeof yesOrNo(value) === 'boolean' && !/^[01x]$/iu.test(value))) return 'yesNo';
  return are((value) => readNumber(value, '.') !== null || readNumber(value, ',') !== null)
    ? 'number'
    : 'text';
}

/** Everything that a column can hold in this store. */
export const targetsOf = ({ fields, options }: OwnTargets): Target[] => [
  ...TARGETS,
  ...options.map(({ name }) => optionTarget(name)),
  ...fields.map(fieldTarget),
];

/** The name that an id ends with, if it may be one. */
function nameIn(id: string, before: string): string | null {
  const name = id.startsWith(before) ? id.slice(before.length).trim() : '';
  return name !== '' && name.length <= LONGEST_OPTION ? name : null;
}

/** One of the targets of a store, or an option or a field that it does not have yet; undefined for none. */
export function targetNamed(targets: readonly Target[], id: string): Target | undefined {
  const there = targets.find((target) => target.id === id);
  if (there) return there;
  const option = nameIn(id, OPTION);
  if (option !== null) return optionTarget(option);
  for (const type of Object.keys(FIELD_TYPES) as FieldType[]) {
    const field = nameIn(id, `${NEW_FIELD}${type}:`);
    if (field !== null) return newFieldTarget(type, field, targets);
  }
  return undefined;
}

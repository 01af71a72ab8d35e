import type { FieldValue } from '../../../core/assortment/kinds.ts';
import type { FieldFacts } from '../../../core/catalogue/vocabulary.ts';
import { fieldTextSchema } from '../../../core/goods/goodsFacts.ts';
import { Amount } from '../../ui/Amount.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { TextFact, type TextFactProps } from '../TextFact.tsx';

/** Its name among the texts of a form; those of fields are apart from those of the product itself. */
export const nameOfField = (id: string) => `field ${id}`;

const YES_NO = [
  { value: '', words: 'Not said' },
  { value: 'true', words: 'Yes' },
  { value: 'false', words: 'No' },
];

interface OwnFieldProps {
  field: FieldFacts;
  value: FieldValue | undefined;
  control: TextFactProps['control'];
  onSet(value: FieldValue | null): void;
}

/** What a product has in one of the store's own fields, by the type of the field; nothing where it is emptied. */
export function OwnField({ field, value, control, onSet }: OwnFieldProps) {
  const label = field.unit ? `${field.name}, ${field.unit}` : field.name;
  if (field.type === 'yesNo')
    return (
      <Pick
        label={label}
        value={value === undefined ? '' : String(value)}
        options={YES_NO}
        onChange={(next) => onSet(next === '' ? null : next === 'true')}
      />
    );
  if (field.type === 'number')
    return (
      <Amount
        label={label}
        shown
        value={typeof value === 'number' ? value : null}
        onChange={onSet}
        digits={6}
      />
    );
  return (
    <TextFact
      control={control}
      name={nameOfField(field.id)}
      label={label}
      schema={fieldTextSchema}
      onCommit={(text) => onSet(text === '' ? null : text)}
    />
  );
}

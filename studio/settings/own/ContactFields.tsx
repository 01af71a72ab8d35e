import {
  FIELD_TYPES,
  fieldName,
  LONGEST_LABEL,
  MOST_FIELDS,
  type ContactField,
  type FieldType,
} from '../../../core/bays/contactField.ts';
import { Pick } from '../../ui/Pick.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { Hint } from '../Stack.tsx';
import { ListOf, plainRow } from './ListOf.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { RowWords } from './RowWords.tsx';

interface Props {
  on: OwnControlProps['on'];
  value: readonly ContactField[];
}

/** What a contact form asks for besides name and e-mail address, and in which order. */
export function ContactFields({ on, value }: Props) {
  return (
    <ListOf
      on={on}
      setting="fields"
      value={value}
      most={MOST_FIELDS}
      noun="field"
      label="Fields of the form"
      empty="It asks for name and e-mail address alone."
      nameOf={fieldName}
      factsOf={({ type = 'text', required }) =>
        `${FIELD_TYPES[type].toLowerCase()}${required ? ', has to be filled in' : ''}`
      }
      make={(id, copyOf) => plainRow<ContactField>(copyOf ? { ...copyOf, id } : { id, label: 'New field' })}
    >
      {(one, change) => (
        <>
          <RowWords
            label="Label"
            value={one.label}
            longest={LONGEST_LABEL}
            placeholder="No label"
            onChange={(next) => change('label', next)}
          />
          <Pick<FieldType>
            label="What is written into it"
            value={one.type ?? 'text'}
            options={Object.entries(FIELD_TYPES).map(([type, words]) => ({
              value: type as FieldType,
              words,
            }))}
            onChange={(type) => change('type', type === 'text' ? undefined : type)}
          />
          <Switch on={one.required ?? false} onChange={(next) => change('required', next || undefined)}>
            Has to be filled in
          </Switch>
          {!one.label && <Hint>Without a label nobody knows what to write.</Hint>}
        </>
      )}
    </ListOf>
  );
}

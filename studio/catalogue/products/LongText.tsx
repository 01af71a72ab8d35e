import { useEffect, useMemo, useState } from 'react';
import { useController, type Control } from 'react-hook-form';
import styled from 'styled-components';
import { asRichText, type BlockNode } from '../../../core/bays/richText.ts';
import { readLongText, tidyLongText, writtenLongText } from '../../../core/goods/longText.ts';
import type { Schema } from '../../../core/schema/schema.ts';
import { schemaFault } from '../../../core/schema/schemaFault.ts';
import { Button } from '../../ui/Button.tsx';
import { RichEditor } from '../../ui/RichEditor.tsx';
import type { Texts } from '../TextFact.tsx';
import { dropTyped, keepTyped, typedBefore } from '../typedKept.ts';

const Does = styled.div`
  display: flex;
  gap: 8px;
  margin-top: 8px;
`;

interface LongTextProps {
  control: Control<Texts>;
  /** Its name within the form. */
  name: string;
  label: string;
  schema: Schema;
  /** What it is of, and whose: what is typed is kept under that until it is saved. */
  keptAs: string;
  /** Told of what holds from now on. */
  onCommit(text: string): void;
}

const isText = (is: unknown): is is string => typeof is === 'string';

/** A long text of something in the catalogue, written as it reads; shoppers read it once it is saved. */
export function LongText({ control, name, label, schema, keptAs, onCommit }: LongTextProps) {
  const {
    field: { value, onChange },
    formState,
  } = useController({ control, name, defaultValue: '' });
  const before = String(formState.defaultValues?.[name] ?? '');
  /** What was written here last, with the text that it made: all else came from elsewhere, such as by "Put back". */
  const [typed, setTyped] = useState<{ body: readonly BlockNode[]; text: string } | null>(null);
  const body = useMemo(() => (typed?.text === value ? typed.body : readLongText(value)), [typed, value]);
  // What was typed when this was open last and not saved.
  useEffect(() => {
    const text = typedBefore(keptAs, before, isText);
    if (text !== null) onChange(text);
  }, [keptAs, before, onChange]);
  const isChanged = value !== before && tidyLongText(value) !== tidyLongText(before);
  return (
    <>
      <h3>{label}</h3>
      <RichEditor
        label={label}
        value={body}
        taken={asRichText}
        faultOf={(next) => schemaFault(schema, writtenLongText(next))}
        onChange={(next) => {
          const text = writtenLongText(next);
          setTyped({ body: next, text });
          onChange(text);
          keepTyped(keptAs, { is: text, over: [before] });
        }}
      />
      {isChanged && (
        <Does>
          <Button
            onPress={() => {
              dropTyped(keptAs);
              onCommit(tidyLongText(value));
            }}
          >
            Save the {label.toLowerCase()}
          </Button>
          <Button
            onPress={() => {
              dropTyped(keptAs);
              onChange(before);
            }}
          >
            Put back
          </Button>
        </Does>
      )}
    </>
  );
}

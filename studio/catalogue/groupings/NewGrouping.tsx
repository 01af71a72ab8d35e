import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { addGrouping } from '../../../core/api/groupings.ts';
import { FIELD_TYPES, type FieldType, type Grouping } from '../../../core/groupings/grouping.ts';
import { newFault } from '../../../core/groupings/groupingEdit.ts';
import { LONGEST_GROUPING, type GroupingKind } from '../../../core/groupings/groupingFacts.ts';
import { groupingsChanged } from '../../api/groupingWriter.ts';
import { Hint } from '../../settings/Stack.tsx';
import { useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { FormDialog } from '../../ui/FormDialog.tsx';
import { Words } from '../../ui/Words.tsx';
import { StandsUnder } from './StandsUnder.tsx';

interface NewGroupingProps {
  kind: GroupingKind;
  all: readonly Grouping[];
  /** What it is to be one of, where its kind is under another. */
  within?: number | null;
  onMade(id: number): void;
}

/** Makes one of a name, and opens it to be gone on with. */
export function NewGrouping({ kind, all, within = null, onMade }: NewGroupingProps) {
  const { client } = useStudio();
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [parent, setParent] = useState<number | null>(within);
  const [type, setType] = useState<FieldType | null>(kind.typed ? 'text' : null);
  const making = useMutation({
    mutationFn: () => client.ask(addGrouping, { body: { of: kind.of, name: name.trim(), parent, type } }),
    onSuccess: ({ id }) => {
      setOpen(false);
      setName('');
      groupingsChanged(queries);
      onMade(id);
    },
  });
  const fault = name.trim() === '' ? null : newFault(kind.of, all, { name: name.trim(), parent, type });
  return (
    <>
      <Button onPress={() => setOpen(true)}>New {kind.one}</Button>
      <FormDialog
        title={`New ${kind.one}`}
        open={open}
        does={`Make the ${kind.one}`}
        doing="Making…"
        pending={making.isPending}
        canBe={name.trim() !== '' && fault === null}
        fault={fault ?? making.error?.message ?? null}
        onClose={() => setOpen(false)}
        onDone={() => making.mutate()}
      >
        <Words label="Name" value={name} longest={LONGEST_GROUPING.name} onChange={setName} />
        {kind.tree && <StandsUnder all={all} value={parent} onChange={setParent} />}
        {type && (
          <Choice
            label="It holds"
            value={type}
            options={(Object.keys(FIELD_TYPES) as FieldType[]).map((value) => ({
              value,
              words: FIELD_TYPES[value],
            }))}
            onChange={(next) => setType(next)}
          />
        )}
        <Hint>{kind.begins}</Hint>
      </FormDialog>
    </>
  );
}

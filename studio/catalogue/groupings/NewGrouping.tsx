import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Form } from 'react-aria-components';
import { addGrouping } from '../../../core/api/groupings.ts';
import { FIELD_TYPES, type FieldType, type Grouping } from '../../../core/groupings/grouping.ts';
import { newFault } from '../../../core/groupings/groupingEdit.ts';
import { LONGEST_GROUPING, type GroupingKind } from '../../../core/groupings/groupingFacts.ts';
import { groupingsChanged } from '../../api/groupingWriter.ts';
import { Hint, Stack } from '../../settings/Stack.tsx';
import { useStudio } from '../../studioContext.tsx';
import { Button, MainButton } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { Dialog, DialogFoot } from '../../ui/Dialog.tsx';
import { Words } from '../../ui/Words.tsx';
import { StandsUnder } from './StandsUnder.tsx';

interface NewGroupingProps {
  kind: GroupingKind;
  all: readonly Grouping[];
  onMade(id: number): void;
}

/** Makes one of a name, and opens it to be gone on with. */
export function NewGrouping({ kind, all, onMade }: NewGroupingProps) {
  const { client } = useStudio();
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [parent, setParent] = useState<number | null>(null);
  const [type, setType] = useState<FieldType | null>(kind.of === 'field' ? 'text' : null);
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
  const canBe = name.trim() !== '' && fault === null && !making.isPending;
  return (
    <>
      <Button onPress={() => setOpen(true)}>New {kind.one}</Button>
      <Dialog title={`New ${kind.one}`} open={open} onClose={() => setOpen(false)}>
        <Form
          onSubmit={(event) => {
            event.preventDefault();
            if (canBe) making.mutate();
          }}
        >
          <Stack>
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
            {fault && <p role="alert">{fault}</p>}
            {making.isError && <p role="alert">{making.error.message}</p>}
            <Hint>
              {type
                ? 'What it holds stays so. Each product is given its own where the product is edited.'
                : 'It has no products until you put some into it.'}
            </Hint>
            <DialogFoot>
              <Button onPress={() => setOpen(false)}>Not now</Button>
              <MainButton type="submit" isDisabled={!canBe}>
                {making.isPending ? 'Making…' : `Make the ${kind.one}`}
              </MainButton>
            </DialogFoot>
          </Stack>
        </Form>
      </Dialog>
    </>
  );
}

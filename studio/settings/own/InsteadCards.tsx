import {
  insteadId,
  LONGEST_TITLE_INSTEAD,
  LONGEST_WORDS_INSTEAD,
  MOST_INSTEAD,
  type Instead,
} from '../../../core/card/instead.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { PictureControl } from '../controls/Picture.tsx';
import { Hint, Stack } from '../Stack.tsx';
import { ListOf } from './ListOf.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { RowWords } from './RowWords.tsx';

type Props = Pick<OwnControlProps, 'on' | 'shelf' | 'view'> & { value: readonly Instead[] };

const NONE = '';

/** Titles, descriptions and pictures that single cards of a shelf have there alone. */
export function InsteadCards({ on, shelf, view, value }: Props) {
  const { draft, tree, vocabulary } = useStudio();
  const plan = useDraft((state) => state.plan);
  if (!shelf) return null;
  const { of } = assortmentOf(plan, shelf);
  const names = new Map([
    ...tree.all.map(({ id, name }) => [insteadId('categories', id), name] as const),
    ...vocabulary.collections.map(({ id, name }) => [insteadId('collections', id), name] as const),
  ]);
  const shown = view?.cards.map(({ id }) => insteadId(of, id)) ?? [];
  const isThere = (id: string) => value.some((one) => one.id === id);
  const others = shown.filter((id) => !isThere(id) && names.has(id));
  const add = (id: string) =>
    id !== NONE && draft.run({ do: 'set', on, setting: 'instead', value: [...value, { id }] });
  return (
    <Stack>
      {value.length < MOST_INSTEAD && others.length > 0 && (
        <Pick
          label="Own texts and pictures for"
          value={NONE}
          options={[
            { value: NONE, words: 'Choose a card' },
            ...others.map((id) => ({ value: id, words: names.get(id)! })),
          ]}
          onChange={add}
        />
      )}
      <Hint>On this shelf alone; what the catalogue has stays.</Hint>
      <ListOf
        on={on}
        setting="instead"
        value={value}
        most={MOST_INSTEAD}
        noun="card"
        label="Cards with own texts and pictures"
        empty="Every card shows what the catalogue has."
        fixed
        nameOf={({ id }) => names.get(id) ?? 'Something that is gone'}
        factsOf={({ id }) => (shown.includes(id) ? '' : 'not shown now')}
      >
        {(one, change) => (
          <>
            <RowWords
              label="Title"
              value={one.title}
              longest={LONGEST_TITLE_INSTEAD}
              placeholder={names.get(one.id)}
              onChange={(next) => change('title', next)}
            />
            <RowWords
              label="Description"
              long
              value={one.words}
              longest={LONGEST_WORDS_INSTEAD}
              placeholder="As in the catalogue"
              onChange={(next) => change('words', next)}
            />
            <PictureControl
              control={{ is: 'picture' }}
              label="Picture"
              shown
              inherits={false}
              value={one.pictureId ?? null}
              onChange={(id) => change('pictureId', (id as string | null) ?? undefined)}
            />
          </>
        )}
      </ListOf>
    </Stack>
  );
}

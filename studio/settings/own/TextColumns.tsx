import { columnName } from '../../../core/bays/pictureText.ts';
import { LONGEST_BUTTON, LONGEST_WORDS, MOST_TEXTS, type TextColumn } from '../../../core/bays/textColumn.ts';
import { LONGEST_HEADING } from '../../../core/plan/words.ts';
import { PictureControl } from '../controls/Picture.tsx';
import { Hint } from '../Stack.tsx';
import { ListOf, plainRow } from './ListOf.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { RowLink, RowWords } from './RowWords.tsx';

/** The columns of picture and text: what each says and shows, and in which order. */
export function TextColumns({ on, value }: Pick<OwnControlProps, 'on'> & { value: readonly TextColumn[] }) {
  return (
    <ListOf
      on={on}
      setting="columns"
      value={value}
      most={MOST_TEXTS}
      noun="column"
      label="Columns of the bay"
      empty="There is nothing in it yet."
      nameOf={columnName}
      factsOf={({ pictureId }) => (pictureId ? 'with a picture' : '')}
      make={(id, copyOf) => plainRow<TextColumn>(copyOf ? { ...copyOf, id } : { id, title: 'New column' })}
    >
      {(column, change) => (
        <>
          <RowWords
            label="Title"
            value={column.title}
            longest={LONGEST_HEADING}
            placeholder="No title"
            onChange={(next) => change('title', next)}
          />
          <RowWords
            label="Text"
            long
            value={column.words}
            longest={LONGEST_WORDS}
            placeholder="No text"
            onChange={(next) => change('words', next)}
          />
          <RowWords
            label="Button"
            value={column.button}
            longest={LONGEST_BUTTON}
            placeholder="No button"
            onChange={(next) => change('button', next)}
          />
          <div>
            <RowLink
              label="Link of the button"
              value={column.link}
              onChange={(link) => change('link', link)}
            />
            {column.button && !column.link && <Hint>A button that leads nowhere is not shown.</Hint>}
          </div>
          <PictureControl
            control={{ is: 'picture' }}
            label="Picture"
            shown
            inherits={false}
            value={column.pictureId ?? null}
            onChange={(id) => change('pictureId', (id as string | null) ?? undefined)}
          />
        </>
      )}
    </ListOf>
  );
}

import { columnName } from '../../../core/bays/pictureText.ts';
import { LONGEST_BUTTON, LONGEST_WORDS, MOST_TEXTS, type TextColumn } from '../../../core/bays/textColumn.ts';
import { LONGEST_LINK } from '../../../core/plan/link.ts';
import { LONGEST_HEADING } from '../../../core/plan/words.ts';
import { Words } from '../../ui/Words.tsx';
import { PictureControl } from '../controls/Picture.tsx';
import { Hint } from '../Stack.tsx';
import { linkFault, orNone } from './typed.ts';
import { ListOf } from './ListOf.tsx';
import type { OwnControlProps } from './ownControl.ts';

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
      fresh={(id): TextColumn => ({ id, title: 'New column' })}
    >
      {(column, change) => (
        <>
          <Words
            label="Title"
            value={column.title ?? ''}
            longest={LONGEST_HEADING}
            placeholder="No title"
            onChange={(typed) => change('title', orNone(typed))}
          />
          <Words
            label="Text"
            long
            value={column.words ?? ''}
            longest={LONGEST_WORDS}
            placeholder="No text"
            onChange={(typed) => change('words', orNone(typed))}
          />
          <Words
            label="Button"
            value={column.button ?? ''}
            longest={LONGEST_BUTTON}
            placeholder="No button"
            onChange={(typed) => change('button', orNone(typed))}
          />
          <div>
            <Words
              label="Link of the button"
              value={column.link ?? ''}
              longest={LONGEST_LINK}
              placeholder="Nowhere"
              fault={linkFault}
              onChange={(typed) => change('link', orNone(typed))}
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

import { useEffect, useState } from 'react';
import { isFilled } from '../../../core/bays/banners.ts';
import {
  LONGEST_BUTTON,
  LONGEST_WORDS,
  MOST_TEXTS,
  textItemName,
  type TextItem,
} from '../../../core/bays/textItem.ts';
import { capital } from '../../../core/sentence/sentence.ts';
import { LONGEST_HEADING } from '../../../core/plan/words.ts';
import { PictureControl } from '../controls/Picture.tsx';
import { turnTo } from '../../arrange/wall/turnedTo.ts';
import { Hint } from '../Stack.tsx';
import { ListOf, plainRow, type ListOfProps } from './ListOf.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { RowLink, RowWords } from './RowWords.tsx';

type GivenProps = Pick<OwnControlProps, 'on'> & { value: readonly TextItem[] };

/** Words with pictures, of which a bay has several: what each says and shows, and in which order. */
function TextItems(props: GivenProps & Pick<ListOfProps<TextItem>, 'setting' | 'noun' | 'opened'>) {
  const { noun } = props;
  return (
    <ListOf
      {...props}
      most={MOST_TEXTS}
      label={`${capital(noun)}s of the bay`}
      nameOf={(one, i) => textItemName(one, i, noun)}
      empty="There is nothing in it yet."
      factsOf={({ pictureId }) => (pictureId ? 'with a picture' : '')}
      make={(id, copyOf) => plainRow<TextItem>(copyOf ? { ...copyOf, id } : { id, title: `New ${noun}` })}
    >
      {(item, change) => (
        <>
          <RowWords
            label="Title"
            value={item.title}
            longest={LONGEST_HEADING}
            placeholder="No title"
            onChange={(next) => change('title', next)}
          />
          <RowWords
            label="Text"
            long
            value={item.words}
            longest={LONGEST_WORDS}
            placeholder="No text"
            onChange={(next) => change('words', next)}
          />
          <RowWords
            label="Button"
            value={item.button}
            longest={LONGEST_BUTTON}
            placeholder="No button"
            onChange={(next) => change('button', next)}
          />
          <div>
            <RowLink label="Link of the button" value={item.link} onChange={(link) => change('link', link)} />
            {item.button && !item.link && <Hint>A button that leads nowhere is not shown.</Hint>}
          </div>
          <PictureControl
            control={{ is: 'picture' }}
            label="Picture"
            shown
            inherits={false}
            value={item.pictureId ?? null}
            onChange={(id) => change('pictureId', (id as string | null) ?? undefined)}
          />
        </>
      )}
    </ListOf>
  );
}

/** The columns of picture and text. */
export const TextColumns = ({ on, value }: GivenProps) => (
  <TextItems on={on} value={value} setting="columns" noun="column" />
);

/** The banners of a bay that shows one after the other; the frames are turned to the one that is open. */
export function Banners({ on, value, bayId }: GivenProps & Pick<OwnControlProps, 'bayId'>) {
  const [open, setOpen] = useState<string | null>(value.length === 1 ? value[0]!.id : null);
  const place = value.filter(isFilled).findIndex(({ id }) => id === open);
  useEffect(() => {
    if (place < 0) return undefined;
    turnTo({ bay: bayId, place });
    return () => turnTo(null);
  }, [bayId, place]);
  return (
    <TextItems
      on={on}
      value={value}
      setting="banners"
      noun="banner"
      opened={{ id: open, open: (one) => setOpen(one && one.id !== open ? one.id : null) }}
    />
  );
}

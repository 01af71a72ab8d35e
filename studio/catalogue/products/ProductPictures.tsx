import { GripVertical, ImagePlus } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Button as AriaButton, GridList, GridListItem, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import type { StorePicture } from '../../../core/api/pictures.ts';
import { LONGEST_ALT, MOST_OF_PRODUCT } from '../../../core/picture/limits.ts';
import { renditionAddress } from '../../../core/picture/renditions.ts';
import { usePictures } from '../../api/usePictureSearch.ts';
import { pictureName } from '../../pictures/PictureTile.tsx';
import { UploadButton } from '../../pictures/UploadButton.tsx';
import { UploadProgress } from '../../pictures/UploadProgress.tsx';
import { PictureControl } from '../../settings/controls/Picture.tsx';
import { Hint, Stack } from '../../settings/Stack.tsx';
import { Button } from '../../ui/Button.tsx';
import { t } from '../../ui/theme.ts';
import { Words } from '../../ui/Words.tsx';
import { FocalPoint } from '../pictures/FocalPoint.tsx';
import { usePictureWords } from '../pictures/usePictureWords.ts';

const Tiles = styled(GridList)`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  outline: none;
  .react-aria-DropIndicator[data-drop-target] {
    outline: 2px solid ${t.pine};
  }
`;

const Tile = styled(GridListItem)`
  position: relative;
  width: 56px;
  height: 56px;
  border-radius: 5px;
  outline: none;
  cursor: pointer;
  background: ${t.wall};
  img {
    width: 100%;
    height: 100%;
    object-fit: cover;
    border-radius: 5px;
  }
  &[data-open] {
    box-shadow: 0 0 0 2px ${t.pine};
  }
  &[data-focus-visible] {
    outline: 3px solid ${t.pine};
    outline-offset: 2px;
  }
  .place,
  .grip {
    position: absolute;
    background: rgb(255 255 255 / 0.92);
    border: 0;
    border-radius: 4px;
    padding: 0 4px;
    font-size: 12px;
    font-weight: 600;
  }
  .place {
    inset: 3px auto auto 3px;
  }
  .grip {
    inset: auto 3px 3px auto;
    padding: 2px;
    display: grid;
    cursor: grab;
  }
`;

const Laid = styled.div`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 12px;
  align-items: start;
  > :first-child {
    max-width: 150px;
  }
  > :nth-child(2) {
    display: grid;
    gap: 8px;
  }
`;

const Does = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
`;

/** The list with one of it right before another, or at the end for none. */
const movedBefore = (ids: readonly string[], id: string, next: string | undefined): string[] => {
  const rest = ids.filter((one) => one !== id);
  const at = next === undefined ? -1 : rest.indexOf(next);
  return at < 0 ? [...rest, id] : rest.toSpliced(at, 0, id);
};

interface ProductPicturesProps {
  title: string;
  ids: readonly string[];
  onChange(ids: readonly string[]): void;
}

/** The pictures of a product: put in, put in order by dragging or by Alt and the arrow keys, and what each shows. */
export function ProductPictures({ title, ids, onChange }: ProductPicturesProps) {
  const { pictures } = usePictures(ids);
  const [opened, setOpened] = useState<string | null>(null);
  const [choosing, setChoosing] = useState(false);
  const open = opened !== null && ids.includes(opened) ? opened : (ids[0] ?? null);
  const shown = pictures.find(({ id }) => id === open);
  // What was sent comes to those that there are by then.
  const latest = useRef({ ids, onChange });
  useEffect(() => {
    latest.current = { ids, onChange };
  }, [ids, onChange]);
  const add = (more: readonly string[]) => {
    const now = latest.current;
    now.onChange([...now.ids, ...more.filter((id) => !now.ids.includes(id))].slice(0, MOST_OF_PRODUCT));
  };
  const move = (id: string, next: string | undefined) => {
    const after = movedBefore(ids, id, next);
    if (after.some((one, i) => one !== ids[i])) onChange(after);
  };
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    onReorder: ({ keys, target }) => {
      const id = String([...keys][0]);
      const rest = ids.filter((one) => one !== id);
      const to = String(target.key);
      move(id, target.dropPosition === 'after' ? rest[rest.indexOf(to) + 1] : to);
    },
  });
  const isFull = ids.length >= MOST_OF_PRODUCT;
  const tiles = (
    <Tiles
      aria-label="Pictures of this product. Alt and the arrow keys move one."
      layout="grid"
      dragAndDropHooks={dragAndDropHooks}
      dependencies={[ids, pictures, open]}
      keyboardNavigationBehavior="tab"
      onAction={(key) => setOpened(String(key))}
    >
      {ids.map((id, at) => {
        const picture = pictures.find((one) => one.id === id);
        const name = picture ? pictureName(picture) : 'Picture';
        return (
          <Tile key={id} id={id} textValue={`${at + 1}, ${name}`} data-open={id === open || undefined}>
            {picture && <img src={renditionAddress(picture, 160)} alt="" draggable={false} />}
            <span className="place" aria-hidden>
              {at + 1}
            </span>
            <AriaButton slot="drag" className="grip" aria-label={`Move picture ${at + 1}`}>
              <GripVertical size={12} aria-hidden />
            </AriaButton>
          </Tile>
        );
      })}
    </Tiles>
  );
  return (
    <Stack
      onKeyDownCapture={(event) => {
        const id = (event.target as HTMLElement).closest('[data-key]')?.getAttribute('data-key');
        const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
        if (!event.altKey || !id || by === undefined || !ids.includes(id)) return;
        event.preventDefault();
        event.stopPropagation();
        const at = ids.indexOf(id);
        if (by < 0 && at > 0) move(id, ids[at - 1]);
        else if (by > 0) move(id, ids[at + 2]);
      }}
    >
      {ids.length === 0 && <Hint>It has no picture yet. Shelves leave room for one.</Hint>}
      {ids.length > 0 && (
        <Laid>{shown ? <InSight key={shown.id} picture={shown} title={title} tiles={tiles} /> : tiles}</Laid>
      )}
      <Does>
        {!isFull && (
          <UploadButton
            label="Add from this computer"
            many
            onStored={(stored) => stored.length > 0 && add(stored.map(({ id }) => id))}
          />
        )}
        {!isFull && (
          <Button onPress={() => setChoosing(!choosing)} aria-expanded={choosing}>
            <ImagePlus size={14} aria-hidden /> {choosing ? 'Done' : 'Add from the store'}
          </Button>
        )}
        {open !== null && (
          <Button onPress={() => onChange(ids.filter((id) => id !== open))}>
            Take picture {ids.indexOf(open) + 1} off
          </Button>
        )}
      </Does>
      {isFull && <Hint>A product has at most {MOST_OF_PRODUCT} pictures.</Hint>}
      <UploadProgress />
      {choosing && !isFull && (
        <PictureControl
          label="Pictures of the store"
          shown={false}
          control={{ is: 'picture' }}
          inherits={false}
          value={null}
          onChange={(id) => id !== null && add([id as string])}
        />
      )}
    </Stack>
  );
}

interface InSightProps {
  picture: StorePicture;
  title: string;
  tiles: ReactNode;
}

/** One of them, larger than the others beside it: what stays in sight of it, and what it shows. */
function InSight({ picture, title, tiles }: InSightProps) {
  const { words, change, saving } = usePictureWords(picture);
  return (
    <>
      <FocalPoint small picture={{ ...picture, ...words }} onChange={(focal) => change({ focal })} />
      <div>
        {tiles}
        <Hint>Drag to reorder. Press the large picture to set the ring: that point stays in every cut.</Hint>
        <Words
          label="Shows"
          value={words.alt}
          longest={LONGEST_ALT}
          placeholder={`${title}, as it is seen here`}
          onChange={(alt) => change({ alt })}
        />
        {saving.isError && <p role="alert">{saving.error.message}</p>}
      </div>
    </>
  );
}

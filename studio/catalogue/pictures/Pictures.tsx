import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Check } from 'lucide-react';
import { useState } from 'react';
import {
  Checkbox,
  DropZone,
  GridList,
  GridListItem,
  GridListLoadMoreItem,
  type FileDropItem,
} from 'react-aria-components';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { findPictures, PICTURE_LACKS, removePictures, type PictureLack } from '../../../core/api/pictures.ts';
import { SAID_PICTURE_KINDS } from '../../../core/picture/limits.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { picturesChanged } from '../../api/uploads.ts';
import { usePictureCounts, usePictures, usePictureSearch } from '../../api/usePictureSearch.ts';
import { useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { RemoveDialog } from '../../ui/RemoveDialog.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { pictureName, PictureTile } from '../../pictures/PictureTile.tsx';
import { FindField } from '../../ui/FindField.tsx';
import { t } from '../../ui/theme.ts';
import { useSettled } from '../../ui/useSettled.ts';
import { ListFoot } from '../ListFoot.tsx';
import { MissingFilters } from '../MissingFilters.tsx';
import { NotWritten } from '../NotWritten.tsx';
import { sayGoodsFact } from '../products/sayGoodsFact.ts';
import { Ground } from '../Side.tsx';
import { ManyPictures } from './ManyPictures.tsx';
import { OnePicture } from './OnePicture.tsx';
import { PutWithProducts } from './PutWithProducts.tsx';
import { UploadButton } from '../../pictures/UploadButton.tsx';
import { UploadProgress } from '../../pictures/UploadProgress.tsx';

const Middle = styled(DropZone)`
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
  min-width: 0;
  padding: 14px 16px 0;
  &[data-drop-target] {
    outline: 3px dashed ${t.pine};
    outline-offset: -8px;
    background: ${t.pineSoft};
  }
  header {
    display: flex;
    align-items: center;
    gap: 8px;
    flex-wrap: wrap;
  }
  h2 {
    font: 600 19px/1.25 ${t.names};
    flex: 1;
  }
`;

const Tiles = styled(GridList)`
  flex: 1;
  min-height: 0;
  overflow: auto;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
  align-content: start;
  gap: 10px;
  padding: 3px;
  outline: none;
  &[data-empty] {
    display: block;
  }
`;

const Tile = styled(GridListItem)`
  background: ${t.paper};
  border: 1px solid transparent;
  border-radius: ${t.corner};
  padding: 7px;
  cursor: pointer;
  outline: none;
  &[data-hovered] {
    border-color: ${t.edge};
  }
  position: relative;
  &[data-open] {
    border-color: ${t.pine};
    box-shadow: 0 0 0 1px ${t.pine};
  }
  &[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: 1px;
  }
  &[data-selected] {
    background: ${t.pineSoft};
  }
  .tick {
    position: absolute;
    inset-block-start: 2px;
    inset-inline-start: 2px;
    padding: 8px;
    cursor: pointer;
  }
  .tick span {
    display: grid;
    place-items: center;
    width: 20px;
    height: 20px;
    border: 1px solid ${t.edge};
    border-radius: 4px;
    background: #fff;
    color: transparent;
  }
  .tick[data-selected] span {
    background: ${t.pine};
    border-color: ${t.pine};
    color: #fff;
  }
  .tick[data-focus-visible] span {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
`;

const LACKS = Object.entries(PICTURE_LACKS) as [PictureLack, string][];

interface PicturesProps {
  which: 'all' | 'unused';
}

/** The store's pictures: put in by choosing or dragging, found by name, told of, replaced, taken away. */
export function Pictures({ which }: PicturesProps) {
  const { goods, uploads } = useStudio();
  const navigate = useNavigate();
  const { pictureId } = useParams();
  const [typed, setTyped] = useState('');
  const words = useSettled(typed, typed);
  const [lack, setLack] = useState<PictureLack | null>(null);
  const found = usePictureSearch(words, lack ?? which);
  const { pictures = [], total } = found;
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const several = pictures.filter(({ id }) => chosen.has(id));
  const counts = usePictureCounts();
  // One that was opened by its address, or is not found by the words any more, is read by itself.
  const named = usePictures(pictureId && !pictures.some(({ id }) => id === pictureId) ? [pictureId] : []);
  const open = [...pictures, ...named.pictures].find(({ id }) => id === pictureId);
  const at = which === 'all' ? '/catalogue/pictures' : '/catalogue/unused';
  return (
    <Ground data-open={open ? true : undefined}>
      <Middle
        aria-label="Pictures can be dropped here"
        onDrop={({ items }) =>
          void Promise.all(
            items.filter((item): item is FileDropItem => item.kind === 'file').map((item) => item.getFile()),
          ).then((files) => uploads.add(files))
        }
      >
        <header>
          <h2>{which === 'all' ? 'Pictures' : 'Pictures that nothing uses'}</h2>
          {which === 'unused' && counts && counts.unused > 0 && <RemoveUnused count={counts.unused} />}
          {counts && counts.unused > 0 && <PutWithProducts />}
          <UploadButton label="Put pictures in" many />
        </header>
        <FindField
          label="Find a picture"
          placeholder="Name, or what it shows"
          value={typed}
          onChange={setTyped}
        />
        {which === 'all' && (
          <MissingFilters
            lacking={LACKS.map(([id, said]) => ({ id, words: said, count: counts?.[id] ?? 0 }))}
            chosen={lack}
            onChoose={(id) => setLack(id)}
          />
        )}
        <UploadProgress />
        {found.isError ? (
          <Notice action="Try again" onAction={() => void found.refetch()}>
            The pictures could not be fetched: {found.error.message}
          </Notice>
        ) : total === undefined ? (
          <Notice>Fetching pictures…</Notice>
        ) : (
          <Tiles
            aria-label="Pictures, the newest first"
            layout="grid"
            selectionMode="multiple"
            selectedKeys={several.map(({ id }) => id)}
            onSelectionChange={(keys) =>
              setChosen(new Set(keys === 'all' ? pictures.map(({ id }) => id) : ([...keys] as string[])))
            }
            onAction={(key) => void navigate(`${at}/${String(key)}`)}
            renderEmptyState={() => (
              <Notice>{lack ? `No picture is ${PICTURE_LACKS[lack]}.` : empty(words, which)}</Notice>
            )}
          >
            {pictures.map((picture) => (
              <Tile
                key={picture.id}
                id={picture.id}
                textValue={pictureName(picture)}
                data-open={picture.id === pictureId || undefined}
              >
                <Checkbox slot="selection" className="tick">
                  <span>
                    <Check size={14} aria-hidden />
                  </span>
                </Checkbox>
                <PictureTile picture={picture} px={240} />
              </Tile>
            ))}
            {found.hasNextPage && (
              <GridListLoadMoreItem
                isLoading={found.isFetchingNextPage}
                onLoadMore={() => void found.fetchNextPage()}
              >
                Fetching more…
              </GridListLoadMoreItem>
            )}
          </Tiles>
        )}
        {several.length > 0 && <ManyPictures pictures={several} onDone={() => setChosen(new Set())} />}
        <NotWritten writer={goods} say={sayGoodsFact} />
        <ListFoot
          writer={goods}
          listed={
            total === undefined
              ? ''
              : words || lack
                ? `${counted(total, 'picture')} found.`
                : `${counted(total, 'picture')}. Drop files or a ZIP of them anywhere here to put them in.`
          }
        />
      </Middle>
      {open && (
        <OnePicture
          key={open.id}
          picture={open}
          onClose={() => void navigate(at)}
          onRemoved={() => void navigate(at)}
        />
      )}
    </Ground>
  );
}

const empty = (words: string, which: PicturesProps['which']): string => {
  if (words) return `No picture is called “${words}”.`;
  return which === 'unused'
    ? 'Every picture is used somewhere.'
    : `No pictures yet. Drop ${SAID_PICTURE_KINDS} files here, or press "Put pictures in".`;
};

/** Takes all that nothing uses away, once that is confirmed. */
function RemoveUnused({ count }: { count: number }) {
  const { client } = useStudio();
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const removing = useMutation({
    async mutationFn() {
      // What something began to use meanwhile stays, and ends it.
      for (;;) {
        const query = { words: '', which: 'unused', from: 0 } as const;
        const { pictures } = await client.ask(findPictures, { query });
        if (pictures.length === 0) return;
        const { removed } = await client.ask(removePictures, { body: { ids: pictures.map(({ id }) => id) } });
        if (removed.length === 0) return;
      }
    },
    onSuccess: () => setAsking(false),
    onSettled: () => picturesChanged(queries),
  });
  return (
    <>
      <Button onPress={() => setAsking(true)}>Remove these…</Button>
      <RemoveDialog
        title="Remove pictures that nothing uses"
        open={asking}
        does={`Remove ${counted(count, 'picture')}`}
        several
        removing={removing}
        onClose={() => setAsking(false)}
      >
        <p>
          {counted(count, 'picture')} {count === 1 ? 'is' : 'are'} shown by no product, page or release.
          Removed files cannot be brought back.
        </p>
      </RemoveDialog>
    </>
  );
}

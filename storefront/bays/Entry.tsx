import { ENTRY_PICTURE_PX } from '../../core/bays/entry.ts';
import { isShelfNode } from '../../core/journal/entryText.ts';
import { usePictureSizes } from '../drawnAt.ts';
import { Shelf } from '../layouts/Shelf.tsx';
import { Picture } from '../Picture.tsx';
import { Block } from '../RichText.tsx';
import { useTexts } from '../texts.ts';
import type { BayDrawingProps } from './bayDrawing.ts';

export function EntryBay({ content: { entry, shelves } }: BayDrawingProps<'entry'>) {
  const texts = useTexts();
  const sizes = usePictureSizes(`(min-width: 880px) ${ENTRY_PICTURE_PX}px, 94vw`, (pagePx) =>
    Math.min(ENTRY_PICTURE_PX, pagePx),
  );
  if (!entry) return null;
  return (
    <article className="inner entry">
      <h1>{entry.title}</h1>
      {entry.picture && <Picture picture={entry.picture} sizes={sizes} eager alt="" />}
      <div className="rich">
        {entry.text.map((block, i) => {
          if (!isShelfNode(block)) return <Block key={i} block={block} />;
          const shelf = shelves[block.attrs.shelfId];
          return shelf ? (
            <div
              key={shelf.id}
              className="entry-shelf"
              data-shelf={shelf.id}
              dir={shelf.direction ?? undefined}
            >
              <Shelf shelf={shelf} name={texts.thisList} eager={false} titleLevel={3} />
            </div>
          ) : null;
        })}
      </div>
    </article>
  );
}

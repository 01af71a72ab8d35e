import { ENTRY_PICTURE_PX } from '../../core/bays/entry.ts';
import type { BlockNode } from '../../core/bays/richText.ts';
import { isShelfNode, type EntryBlock } from '../../core/journal/entryText.ts';
import { usePictureSizes } from '../drawnAt.ts';
import { Shelf } from '../layouts/Shelf.tsx';
import { Picture } from '../Picture.tsx';
import { Blocks } from '../RichText.tsx';
import { useTexts } from '../texts.ts';
import type { BayDrawingProps } from './bayDrawing.ts';

/** A text as it is read: words together, and the shelves between them. */
function runsOf(text: readonly EntryBlock[]): (BlockNode[] | string)[] {
  const runs: (BlockNode[] | string)[] = [];
  for (const block of text) {
    const last = runs.at(-1);
    if (isShelfNode(block)) runs.push(block.attrs.shelfId);
    else if (Array.isArray(last)) last.push(block);
    else runs.push([block]);
  }
  return runs;
}

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
      {runsOf(entry.text).map((run, i) => {
        if (Array.isArray(run))
          return (
            <div key={i} className="rich">
              <Blocks blocks={run} />
            </div>
          );
        const shelf = shelves[run];
        return shelf ? (
          <div key={run} className="entry-shelf" data-shelf={run} dir={shelf.direction ?? undefined}>
            <Shelf shelf={shelf} name={texts.thisList} eager={false} titleLevel={3} />
          </div>
        ) : null;
      })}
    </article>
  );
}

import { useCallback } from 'react';
import styled from 'styled-components';
import { pageStyles } from '../../../core/css/pageCss.ts';
import type { PageView } from '../../../core/view/view.ts';
import { useStudio } from '../../studioContext.tsx';
import { Button, MainButton } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { t } from '../../ui/theme.ts';
import { useArranging, type Trial, type Way } from '../arrangeContext.tsx';
import { Frame } from './Frame.tsx';
import type { Stand } from './stands.ts';

const GAP = 14;
/** Of the title of a way and its buttons, in one line, or where there is less room in three, px. */
const TITLE_PX = 40;
const TALL_TITLE_PX = 104;
const ONE_LINE_PX = 300;
/** Of the choice of a width above them, px. */
const CHOICE_PX = 44;

const Ground = styled.div`
  display: grid;
  grid-template-columns: auto auto;
  width: max-content;
  gap: 0 ${GAP}px;
  header {
    display: flex;
    align-items: center;
    gap: 8px;
    height: ${TITLE_PX}px;
    b {
      font: 600 14px/1.2 ${t.names};
      flex: 1;
    }
  }
  &[data-tall] {
    header {
      flex-direction: column;
      align-items: stretch;
      gap: 4px;
      height: ${TALL_TITLE_PX}px;
      b {
        flex: none;
      }
      span {
        min-height: 30px;
      }
    }
  }
  .edited {
    outline: 3px solid ${t.pine};
    border-radius: ${t.frameCorner};
  }
  .choice {
    grid-column: 1 / -1;
    margin-bottom: 6px;
  }
`;

export interface TwoWaysProps {
  trial: Trial;
  views: Readonly<Record<Way, PageView>>;
  stands: readonly Stand[];
  chosen: string | null;
  choose(standId: string): void;
  /** Room on the wall, px. */
  widthPx: number;
  heightPx: number;
}

const titles: Record<Way, string> = { asItIs: 'As it is', other: 'Another way' };

/** A shelf as it is and another way beside it, at the same width; either can be changed, one is kept. */
export function TwoWays({ trial, views, stands, chosen, choose, widthPx, heightPx }: TwoWaysProps) {
  const stand = stands.find(({ id }) => id === chosen) ?? stands[0]!;
  const eachPx = (widthPx - GAP) / 2;
  const scale = Math.min(1, eachPx / stand.width);
  const tall = eachPx < ONE_LINE_PX;
  return (
    <Ground
      data-tall={tall || undefined}
      style={{ gridTemplateColumns: tall ? `repeat(2, ${eachPx}px)` : undefined }}
    >
      <div className="choice">
        <Choice
          label="Both at the width of"
          shown={false}
          value={stand.id}
          options={stands.map(({ id, name }) => ({ value: id, words: name }))}
          onChange={choose}
        />
      </div>
      {(['asItIs', 'other'] as const).map((way) => (
        <One
          key={way}
          way={way}
          trial={trial}
          view={views[way]}
          stand={stand}
          scale={scale}
          heightPx={heightPx - CHOICE_PX - (tall ? TALL_TITLE_PX : TITLE_PX)}
        />
      ))}
    </Ground>
  );
}

function One({
  way,
  trial,
  view,
  stand,
  scale,
  heightPx,
}: {
  way: Way;
  trial: Trial;
  view: PageView;
  stand: Stand;
  scale: number;
  heightPx: number;
}) {
  const { draft } = useStudio();
  const { bay } = useArranging();
  const { edit, edits, shelfId } = trial;
  const press = useCallback(() => edit(way), [edit, way]);
  const bayId = bay?.id ?? null;
  const opened = useCallback(
    (document: Document | null) => {
      const shelf = document?.querySelector<HTMLElement>(`[data-bay="${CSS.escape(bayId ?? '')}"]`);
      if (document && shelf) document.documentElement.scrollTop = Math.max(0, shelf.offsetTop - 40);
    },
    [bayId],
  );
  return (
    <section aria-label={titles[way]}>
      <header>
        <b>{titles[way]}</b>
        {edits === way ? <span>being changed</span> : <Button onPress={press}>Change this one</Button>}
        <MainButton onPress={() => draft.run({ do: 'keepWay', shelf: shelfId, keep: way })}>
          Keep this one
        </MainButton>
      </header>
      <div className={edits === way ? 'edited' : undefined}>
        <Frame
          view={view}
          styles={pageStyles(view)}
          widthPx={stand.width}
          heightPx={Math.max(100, heightPx)}
          scale={scale}
          name={`${titles[way]}, ${stand.width} wide`}
          chosenBay={bayId}
          onPress={press}
          onDocument={opened}
        />
      </div>
    </section>
  );
}

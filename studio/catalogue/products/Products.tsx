import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useStore } from 'zustand';
import styled from 'styled-components';
import type { GoodsAsked } from '../../../core/api/goods.ts';
import { goodsFact } from '../../../core/goods/goodsFacts.ts';
import {
  GOODS_SORT_IDS,
  GOODS_SORTS,
  isDownAtFirst,
  MISSING,
  MISSINGS,
  type Missing,
} from '../../../core/goods/goodsList.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { useStudio } from '../../studioContext.tsx';
import { Button, TextButton } from '../../ui/Button.tsx';
import { FindField } from '../../ui/FindField.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';
import { withTicked } from '../../ui/TickList.tsx';
import { useSettled } from '../../ui/useSettled.ts';
import { GoodsGrid } from './GoodsGrid.tsx';
import { makeGoodsWriter, type GoodsWriter, type GoodsWrites } from './goodsWrites.ts';
import { ManyGoods } from './ManyGoods.tsx';
import { NewProduct } from './NewProduct.tsx';
import { ProductEditor } from './ProductEditor.tsx';
import { useGoodsCounts } from './useGoodsList.ts';

const Ground = styled.div`
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  min-height: 0;
  &[data-open] {
    grid-template-columns: minmax(0, 1fr) minmax(360px, 440px);
  }
  @container studio (max-width: 900px) {
    &[data-open] {
      grid-template: minmax(0, 2fr) minmax(0, 3fr) / minmax(0, 1fr);
    }
  }
`;

const Middle = styled.div`
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-height: 0;
  min-width: 0;
  padding: 14px 16px 0;
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 8px;
  }
  h2 {
    font: 600 19px/1.25 ${t.names};
  }
  .ask {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(150px, auto);
    gap: 8px;
    align-items: end;
  }
  .missing {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px;
    color: ${t.ink2};
  }
  .missing [aria-pressed='true'] {
    background: ${t.pineSoft};
    border-color: ${t.pine};
  }
  .foot {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 14px;
    color: ${t.ink2};
    border-top: 1px solid ${t.line};
    margin: 0 -16px;
    padding: 8px 16px;
    background: ${t.wall};
  }
  .foot .said {
    flex: 1;
  }
`;

const Refused = styled.div`
  background: ${t.brickSoft};
  border-radius: ${t.corner};
  padding: 9px 12px;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  p {
    flex: 1 1 260px;
  }
`;

const AT = '/catalogue/products';

/** All products of the store: found, sorted, by what they lack, and each edited beside the list. */
export function Products() {
  const { client } = useStudio();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { productId } = useParams();
  const [writer] = useState(() => makeGoodsWriter(client, queries));
  const [typed, setTyped] = useState('');
  const words = useSettled(typed, typed);
  const [asked, setAsked] = useState<Omit<GoodsAsked, 'from' | 'words'>>({
    missing: null,
    sort: 'position',
    down: false,
  });
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const [total, setTotal] = useState<number | undefined>(undefined);
  const counts = useGoodsCounts();
  const open = productId !== undefined && /^\d+$/.test(productId) ? Number(productId) : null;
  const openOne = useCallback((id: number) => void navigate(`${AT}/${id}`), [navigate]);
  return (
    <Ground data-open={open === null ? undefined : true}>
      <Middle>
        <header>
          <h2>Products</h2>
          <NewProduct onMade={openOne} />
        </header>
        <div className="ask">
          <FindField
            label="Find a product"
            placeholder="Title, item code, brand or tag"
            value={typed}
            onChange={setTyped}
          />
          <Pick
            label="Sorted"
            shown={false}
            value={asked.sort}
            options={GOODS_SORT_IDS.map((id) => ({ value: id, words: GOODS_SORTS[id] }))}
            onChange={(sort) => setAsked({ ...asked, sort, down: isDownAtFirst(sort) })}
          />
        </div>
        <MissingFilters
          counts={counts?.missing}
          chosen={asked.missing}
          onChoose={(missing) => setAsked({ ...asked, missing })}
        />
        <NotWritten writer={writer} />
        {chosen.size > 0 && (
          <ManyGoods ids={[...chosen]} writer={writer} onDone={() => setChosen(new Set())} />
        )}
        <GoodsGrid
          asked={{ ...asked, words }}
          open={open}
          empty={
            words
              ? `No product has “${words}” in its title, item code, brand or tags.`
              : asked.missing
                ? `No product is ${MISSING[asked.missing]}.`
                : 'There are no products yet.'
          }
          chosen={chosen}
          onChoose={(id, is) => setChosen(new Set(withTicked([...chosen], id, is)))}
          onOpen={openOne}
          onSort={(sort, down) => setAsked({ ...asked, sort, down })}
          onTotal={setTotal}
        />
        <Foot writer={writer} total={total} isFound={words !== '' || asked.missing !== null} />
      </Middle>
      {open !== null && (
        <ProductEditor key={open} id={open} writer={writer} onClose={() => void navigate(AT)} />
      )}
    </Ground>
  );
}

interface MissingFiltersProps {
  counts: Record<Missing, number> | undefined;
  chosen: Missing | null;
  onChoose(missing: Missing | null): void;
}

/** What products lack, each with how many do, and a press that lists just those. */
function MissingFilters({ counts, chosen, onChoose }: MissingFiltersProps) {
  const lacking = MISSINGS.filter((one) => (counts?.[one] ?? 0) > 0 || one === chosen);
  if (lacking.length === 0) return null;
  return (
    <div className="missing" role="group" aria-label="Missing">
      <span aria-hidden="true">Missing</span>
      {lacking.map((one) => (
        <Button key={one} aria-pressed={one === chosen} onPress={() => onChoose(one === chosen ? null : one)}>
          <b>{counts?.[one] ?? 0}</b> {MISSING[one]}
        </Button>
      ))}
    </div>
  );
}

const nowSaid = (value: unknown): string =>
  value === null || value === '' ? 'empty' : `“${Array.isArray(value) ? value.join(', ') : String(value)}”`;

/** What was not written, why, and what can be done. */
function NotWritten({ writer }: { writer: GoodsWriter }) {
  const { conflicts, fault } = useStore(writer);
  if (fault)
    return (
      <Refused role="alert">
        <p>
          Not saved, {fault.step.words}: {fault.words}
        </p>
        <Button onPress={() => void writer.write(fault.step)}>Try again</Button>
        <Button onPress={writer.leave}>Leave it as it was</Button>
      </Refused>
    );
  if (!conflicts) return null;
  const [first] = conflicts.of;
  const { edit, now, gone } = first!;
  const isLeft = conflicts.of.some((one) => !one.gone);
  return (
    <Refused role="alert">
      <p>
        {gone
          ? `Not saved, ${conflicts.step.words}: it is not there any more.`
          : `Not saved, ${conflicts.step.words}: ${goodsFact(edit.of, edit.fact)!.name.toLowerCase()} was changed in another window meanwhile, and is ${nowSaid(now)} now.`}
      </p>
      {isLeft && <Button onPress={() => void writer.writeOver()}>Write mine</Button>}
      <Button onPress={writer.leave}>Keep what is there</Button>
    </Refused>
  );
}

const saidOf = ({ under, kept, fault, conflicts }: GoodsWrites): string => {
  if (under > 0) return 'Saving…';
  if (fault ?? conflicts) return '';
  return kept ? 'Saved. Shoppers see it at once.' : 'Shoppers see changes here at once';
};

function Foot({
  writer,
  total,
  isFound,
}: {
  writer: GoodsWriter;
  total: number | undefined;
  isFound: boolean;
}) {
  const state = useStore(writer);
  const [undo, redo] = [state.done.at(-1), state.undone.at(-1)];
  return (
    <div className="foot">
      <span role="status">
        {total === undefined ? '' : `${counted(total, 'product')}${isFound ? ' found' : ''}`}
      </span>
      <span className="said" role="status">
        {saidOf(state)}
      </span>
      {undo && <TextButton onPress={() => void writer.undo()}>Take back {undo.words}</TextButton>}
      {redo && <TextButton onPress={() => void writer.redo()}>Do again {redo.words}</TextButton>}
    </div>
  );
}

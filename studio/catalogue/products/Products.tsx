import { useCallback, useState, type CSSProperties } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useStore } from 'zustand';
import styled from 'styled-components';
import {
  GOODS_SORT_IDS,
  GOODS_SORTS,
  MISSING,
  MISSINGS,
  type Missing,
} from '../../../core/goods/goodsList.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import type { GoodsWrites } from '../../api/goodsWriter.ts';
import { useStudio } from '../../studioContext.tsx';
import { Button, TextButton } from '../../ui/Button.tsx';
import { FindField } from '../../ui/FindField.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';
import { withTicked } from '../../ui/TickList.tsx';
import { useSettled } from '../../ui/useSettled.ts';
import { GoodsGrid } from './GoodsGrid.tsx';
import { ManyGoods } from './ManyGoods.tsx';
import { Ground } from '../Side.tsx';
import { NewProduct } from './NewProduct.tsx';
import { NotWritten } from './NotWritten.tsx';
import { ProductEditor } from './ProductEditor.tsx';
import { useGoodsCounts, useGoodsTotal, type GoodsListed } from './useGoodsList.ts';

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

const AT = '/catalogue/products';

/** An editor needs more room than what is told of a picture. */
const SIDE = { '--side': 'minmax(360px, 440px)' } as CSSProperties;

/** All products of the store: found, sorted, by what they lack, and each edited beside the list. */
export function Products() {
  const navigate = useNavigate();
  const { productId } = useParams();
  const [typed, setTyped] = useState('');
  const words = useSettled(typed, typed);
  const [asked, setAsked] = useState<Omit<GoodsListed, 'words'>>({
    missing: null,
    sort: 'position',
    down: false,
  });
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const listed = { ...asked, words };
  const counts = useGoodsCounts();
  const open = productId !== undefined && /^\d+$/.test(productId) ? Number(productId) : null;
  const openOne = useCallback((id: number) => void navigate(`${AT}/${id}`), [navigate]);
  return (
    <Ground data-open={open === null ? undefined : true} style={SIDE}>
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
            options={GOODS_SORT_IDS.map((id) => ({ value: id, words: GOODS_SORTS[id].name }))}
            onChange={(sort) => setAsked({ ...asked, sort, down: GOODS_SORTS[sort].down ?? false })}
          />
        </div>
        <MissingFilters
          counts={counts?.missing}
          chosen={asked.missing}
          onChoose={(missing) => setAsked({ ...asked, missing })}
        />
        <NotWritten />
        {chosen.size > 0 && <ManyGoods ids={[...chosen]} onDone={() => setChosen(new Set())} />}
        <GoodsGrid
          asked={listed}
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
        />
        <Foot asked={listed} />
      </Middle>
      {open !== null && <ProductEditor key={open} id={open} onClose={() => void navigate(AT)} />}
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

const saidOf = ({ under, kept, refused }: GoodsWrites): string => {
  if (under > 0) return 'Saving…';
  if (refused.length > 0) return '';
  return kept ? 'Saved. Shoppers see it at once.' : 'Shoppers see changes here at once';
};

function Foot({ asked }: { asked: GoodsListed }) {
  const { goods } = useStudio();
  const state = useStore(goods);
  const { total } = useGoodsTotal(asked);
  const isFound = asked.words !== '' || asked.missing !== null;
  const [undo, redo] = [state.done.at(-1), state.undone.at(-1)];
  return (
    <div className="foot">
      <span role="status">
        {total === undefined ? '' : `${counted(total, 'product')}${isFound ? ' found' : ''}`}
      </span>
      <span className="said" role="status">
        {saidOf(state)}
      </span>
      {undo && <TextButton onPress={() => void goods.undo()}>Take back {undo.words}</TextButton>}
      {redo && <TextButton onPress={() => void goods.redo()}>Do again {redo.words}</TextButton>}
    </div>
  );
}

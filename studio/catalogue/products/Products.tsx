import { useCallback, useState, type CSSProperties } from 'react';
import { X } from 'lucide-react';
import { Link, useLocation, useNavigate, useParams, useSearchParams } from 'react-router';
import {
  GOODS_SORT_IDS,
  GOODS_SORTS,
  MISSING,
  MISSINGS,
  WITHIN,
  type Within,
} from '../../../core/goods/goodsList.ts';
import { groupingKinds } from '../../../core/groupings/groupingFacts.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { useNames, useStudio } from '../../studioContext.tsx';
import { QuietButton } from '../../ui/Button.tsx';
import { FindField } from '../../ui/FindField.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { withTicked } from '../../ui/TickList.tsx';
import { useSettled } from '../../ui/useSettled.ts';
import { GoodsGrid } from './GoodsGrid.tsx';
import { ManyGoods } from './ManyGoods.tsx';
import { MissingFilters } from '../MissingFilters.tsx';
import { ListFoot } from '../ListFoot.tsx';
import { Middle } from '../Middle.tsx';
import { NotWritten } from '../NotWritten.tsx';
import { Ground } from '../Side.tsx';
import { NewProduct } from './NewProduct.tsx';
import { ProductEditor } from './ProductEditor.tsx';
import { sayGoodsFact } from './sayGoodsFact.ts';
import { useGoodsCounts, useGoodsTotal, type GoodsListed } from './useGoodsList.ts';

const AT = '/catalogue/products';

/** An editor needs more room than what is told of a picture. */
const SIDE = { '--side': 'minmax(360px, 440px)' } as CSSProperties;

/** What a list is narrowed to by its address: "category-5". */
function withinOf(said: string | null): Within | null {
  const [of, id] = said?.split('-') ?? [];
  const kind = WITHIN.find((one) => one === of);
  return kind && /^[1-9]\d{0,8}$/.test(id ?? '') ? { of: kind, id: Number(id) } : null;
}

const WORDS: Partial<Record<Within['of'], string>> = { brand: 'of', tag: 'with' };

/** What the list is narrowed to, and the way to all. */
function InOne({ within: { of, id }, onAll }: { within: Within; onAll(): void }) {
  const names = useNames();
  const { tags } = useStudio().vocabulary;
  const called: Readonly<Record<Within['of'], (id: number) => string | undefined>> = {
    category: names.category,
    collection: names.collection,
    brand: names.brand,
    tag: (number) => tags.find((one) => one.number === number)?.name,
    value: names.optionValue,
  };
  const name = called[of](id) ?? `a ${of} that is gone`;
  const at = of === 'value' ? `options/${names.optionOf(id)}` : groupingKinds[of].many;
  return (
    <span className="within">
      {WORDS[of] ?? 'in'} <Link to={`/catalogue/${at}/${id}`}>{name}</Link>
      <QuietButton aria-label="All products" onPress={onAll}>
        <X size={14} aria-hidden />
      </QuietButton>
    </span>
  );
}

/** All products of the store: found, sorted, by what they lack, and each edited beside the list. */
export function Products() {
  const { goods } = useStudio();
  const navigate = useNavigate();
  const { productId } = useParams();
  const [typed, setTyped] = useState('');
  const words = useSettled(typed, typed);
  const [{ search }, [params]] = [useLocation(), useSearchParams()];
  const within = withinOf(params.get('in'));
  const [asked, setAsked] = useState<Omit<GoodsListed, 'words' | 'within'>>({
    missing: null,
    sort: 'position',
    down: false,
  });
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const listed = { ...asked, words, within };
  const counts = useGoodsCounts();
  const open = productId !== undefined && /^\d+$/.test(productId) ? Number(productId) : null;
  const openOne = useCallback((id: number) => void navigate(`${AT}/${id}${search}`), [navigate, search]);
  return (
    <Ground data-open={open === null ? undefined : true} style={SIDE}>
      <Middle>
        <header>
          <h2>Products</h2>
          {within && <InOne within={within} onAll={() => void navigate(AT)} />}
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
          lacking={MISSINGS.map((id) => ({ id, words: MISSING[id], count: counts?.missing[id] ?? 0 }))}
          chosen={asked.missing}
          onChoose={(missing) => setAsked({ ...asked, missing })}
        />
        <NotWritten writer={goods} say={sayGoodsFact} />
        {chosen.size > 0 && (
          <ManyGoods ids={[...chosen]} within={within} onDone={() => setChosen(new Set())} />
        )}
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
      {open !== null && <ProductEditor key={open} id={open} onClose={() => void navigate(AT + search)} />}
    </Ground>
  );
}

function Foot({ asked }: { asked: GoodsListed }) {
  const { goods } = useStudio();
  const { total } = useGoodsTotal(asked);
  const isFound = asked.words !== '' || asked.missing !== null || asked.within !== null;
  return (
    <ListFoot
      writer={goods}
      listed={total === undefined ? '' : `${counted(total, 'product')}${isFound ? ' found' : ''}`}
    />
  );
}

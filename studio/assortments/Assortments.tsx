import { useMemo } from 'react';
import { VisuallyHidden } from 'react-aria/VisuallyHidden';
import { Navigate, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { OFS, ofWords, type Of } from '../../core/assortment/of.ts';
import { fallbackChain } from '../../core/assortment/fallback.ts';
import { goneIn } from '../../core/assortment/explain.ts';
import { isPublic } from '../../core/pages/index.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { shelvesShowing, toppedUpFrom, topUpName } from '../../core/plan/showing.ts';
import { placesOf } from '../../core/plan/places.ts';
import type { SavedAssortment } from '../../core/plan/savedAssortment.ts';
import { LONGEST_NAME } from '../../core/plan/words.ts';
import { capital, counted, listed } from '../../core/sentence/sentence.ts';
import { newId } from '../arrange/elevation/newId.ts';
import { Stack } from '../settings/Stack.tsx';
import { useDraft, useNames, useStudio } from '../studioContext.tsx';
import { Button } from '../ui/Button.tsx';
import { Words } from '../ui/Words.tsx';
import { MenuRow } from '../ui/MenuRow.tsx';
import { PopoverBox } from '../ui/Pick.tsx';
import { Menu, MenuTrigger } from 'react-aria-components';
import { Saved } from '../arrange/foot/Saved.tsx';
import { t } from '../ui/theme.ts';
import { AssortmentControls } from './of/index.tsx';
import { LimitControls } from './of/LimitControls.tsx';
import {
  ByHandControls,
  FallbackControls,
  OrderControls,
  ProductRule,
  SoldOutControls,
} from './of/products.tsx';
import { useSeenBy } from './useSeenBy.ts';
import { AssortmentList } from './AssortmentList.tsx';
import { IsItIn } from './IsItIn.tsx';
import { newAssortmentId } from './newAssortmentId.ts';
import { Run } from './Run.tsx';
import { useRun, type RunOfItems } from './useRun.ts';

const Ground = styled.div`
  display: grid;
  grid-template: 'list middle side' minmax(0, 1fr) / 206px minmax(0, 1fr) 236px;
  min-height: 0;
  background: ${t.wall};
  @container studio (max-width: 1000px) {
    grid-template-columns: 150px minmax(0, 1fr) 210px;
  }
  /* What is about the assortment stands under it, where its rule would have no room beside. */
  @container studio (max-width: 900px) {
    grid-template: 'list middle' minmax(0, 3fr) 'list side' minmax(0, 2fr) / 150px minmax(0, 1fr);
  }
`;

const Middle = styled.section`
  grid-area: middle;
  overflow: auto;
  padding: 14px 22px 22px;
  min-width: 0;
  > header {
    display: flex;
    gap: 8px;
    align-items: flex-start;
    margin-bottom: 14px;
  }
  header > div {
    flex: 1;
    min-width: 0;
  }
  h2 {
    font: 600 19px/1.25 ${t.names};
    overflow-wrap: anywhere;
  }
  header p {
    color: ${t.ink2};
  }
  .paper {
    background: ${t.paper};
    border-radius: ${t.corner};
    box-shadow: 0 1px 2px rgb(22 35 43 / 0.1);
    padding: 10px 14px 12px;
  }
  .order {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 14px;
    align-items: center;
    padding: 14px 0 10px;
  }
  .order b {
    font: 600 14px/1.3 ${t.names};
  }
`;

const Side = styled.aside`
  grid-area: side;
  background: ${t.paper};
  border-inline-start: 1px solid ${t.line};
  overflow: auto;
  padding: 14px 16px;
  display: flex;
  flex-direction: column;
  gap: 20px;
  h3 {
    font: 600 14.5px/1.3 ${t.names};
    margin-bottom: 7px;
  }
  .worth {
    background: ${t.brickSoft};
    border-radius: ${t.corner};
    padding: 9px 11px;
  }
  .worth + .worth {
    margin-top: 6px;
  }
`;

/** Where a saved assortment is shown, in words. */
function shownWords(plan: Plan, id: string): string {
  const shelves = shelvesShowing(plan, id);
  const pages = [
    ...new Set(shelves.flatMap((shelf) => placesOf(plan, shelf.id).map(({ page }) => page.name))),
  ];
  const above = toppedUpFrom(plan, id).map(({ name }) => `"${name}"`);
  const shown = shelves.length
    ? `Shown by ${counted(shelves.length, 'shelf', 'shelves')}${pages.length ? ` on ${listed(pages)}` : ''}.`
    : 'No shelf shows it.';
  return above.length ? `${shown} Tops up ${listed(above)}.` : shown;
}

function One({ saved }: { saved: SavedAssortment }) {
  const { draft } = useStudio();
  const plan = useDraft((state) => state.plan);
  const stored = useDraft((state) => state.draft);
  const names = useNames();
  const navigate = useNavigate();
  const seenBy = useSeenBy();
  const { id, name, assortment } = saved;
  const on = useMemo(() => ({ assortment: id }), [id]);
  const fallbacks = fallbackChain(assortment, (one) => plan.assortments[one]?.assortment);
  const run = useRun(assortment, fallbacks, seenBy);
  const { many, one } = ofWords[assortment.of];
  const unused = shelvesShowing(plan, id).length === 0 && toppedUpFrom(plan, id).length === 0;
  const copy = () => {
    const next = newAssortmentId(name, plan);
    draft.run({
      do: 'putDocument',
      key: `assortment:${next}`,
      document: { ...stored.assortments[id]!, id: next, name: `Copy of ${name}` },
    });
    void navigate(`/assortments/${next}`);
  };
  const showIn = (pageId: string) => {
    const page = plan.pages[pageId]!;
    const bayId = newId('shelf', plan);
    draft.run({
      do: 'addBay',
      page: pageId,
      at: page.bays.length,
      bay: { id: bayId, holds: 'shelf', shelfId: bayId, heading: { words: name } },
      shelves: [{ id: bayId, name, assortmentId: id }],
    });
    void navigate(`/arrange/${pageId}?bay=${bayId}`);
  };
  const worth = worthALook(run.items, assortment.of === 'products' ? goneIn(assortment.rule, names) : []);
  const isOfProducts = assortment.of === 'products';
  return (
    <>
      <Middle aria-label={name}>
        <header>
          <div>
            <h2>{name}</h2>
            <p role="status">
              {run.total === null ? 'Counting…' : `${counted(run.total, one, many)} now.`}{' '}
              {shownWords(plan, id)}
            </p>
          </div>
          <Button onPress={copy}>Duplicate</Button>
          <MenuTrigger>
            <Button>Show in a new shelf</Button>
            <PopoverBox>
              <Menu onAction={(key) => showIn(String(key))}>
                {Object.values(plan.pages)
                  .filter(isPublic)
                  .map((page) => (
                    <MenuRow key={page.id} id={page.id}>
                      On {page.name}
                    </MenuRow>
                  ))}
              </Menu>
            </PopoverBox>
          </MenuTrigger>
          {unused && <Button onPress={() => draft.run({ do: 'removeAssortment', id })}>Remove</Button>}
        </header>
        {assortment.of === 'products' ? (
          <>
            <div className="paper">
              <ProductRule assortment={assortment} on={on} wide />
            </div>
            <div className="order">
              <b>In this order</b>
              <OrderControls assortment={assortment} on={on} wide />
              <SoldOutControls assortment={assortment} on={on} wide />
              <LimitControls assortment={assortment} on={on} />
            </div>
          </>
        ) : (
          <div className="paper" style={{ maxWidth: 460, marginBottom: 14 }}>
            <AssortmentControls assortment={assortment} on={on} />
          </div>
        )}
        <Run
          run={run}
          byHand={assortment.of === 'products' ? assortment.byHand : null}
          toppedUpFrom={topUpName(plan, assortment)}
          on={on}
        />
      </Middle>
      <Side aria-label="About this assortment">
        {isOfProducts && <IsItIn assortment={assortment} fallbacks={fallbacks} seenBy={seenBy} on={on} />}
        <section>
          <h3>Name in your list</h3>
          <Words
            label="Name"
            value={name}
            longest={LONGEST_NAME}
            fault={(value) => (value.trim() ? null : 'An assortment needs a name.')}
            onChange={(value) =>
              draft.run({ do: 'set', on, setting: 'name', value }, `assortment name ${id}`)
            }
          />
        </section>
        {isOfProducts && (
          <>
            <section>
              <h3>By hand</h3>
              <ByHandControls assortment={assortment} on={on} />
            </section>
            <section>
              <FallbackControls assortment={assortment} on={on} />
            </section>
          </>
        )}
        {worth.length > 0 && (
          <section>
            <h3>Worth a look</h3>
            {worth.map((words) => (
              <p className="worth" key={words}>
                {words}
              </p>
            ))}
          </section>
        )}
        <div style={{ marginTop: 'auto' }}>
          <Saved />
        </div>
      </Side>
    </>
  );
}

/** What may surprise the owner about the list as far as it has been fetched. */
function worthALook(items: RunOfItems['items'], gone: readonly string[]): string[] {
  const bare = items.flatMap((item, i) =>
    item.of === 'products' && item.product.pictures.length === 0 ? [i + 1] : [],
  );
  return [
    ...(bare.length
      ? [
          `${counted(bare.length, 'of these has no picture', 'of these have no picture')}. ${bare.length === 1 ? 'It is' : 'They are'} at ${listed(bare.slice(0, 5).map(String))}.`,
        ]
      : []),
    ...(gone.length ? [`The rule names what was removed: ${listed(gone)}.`] : []),
  ];
}

/** The place where selections are made, read and understood. */
export default function Assortments() {
  const { assortmentId } = useParams();
  const { draft } = useStudio();
  const plan = useDraft((state) => state.plan);
  const navigate = useNavigate();
  const all = Object.values(plan.assortments);
  const saved = assortmentId === undefined ? undefined : plan.assortments[assortmentId];
  const add = (of: Of) => {
    const name = `New ${ofWords[of].many}`;
    const id = newAssortmentId(name, plan);
    draft.run({
      do: 'putDocument',
      key: `assortment:${id}`,
      document: { id, name: capital(name), assortment: { of } },
    });
    void navigate(`/assortments/${id}`);
  };
  if (!saved && all[0]) return <Navigate to={`/assortments/${all[0].id}`} replace />;
  return (
    <Ground>
      <VisuallyHidden elementType="h1">Assortments</VisuallyHidden>
      <AssortmentList chosen={saved?.id ?? null} kinds={OFS} onAdd={add} />
      {saved ? (
        <One key={saved.id} saved={saved} />
      ) : (
        <Middle>
          <Stack>
            <h2>No assortment yet</h2>
            <p>An assortment is a selection with a name, which any number of shelves can show.</p>
            <div>
              <Button onPress={() => add('products')}>Make one of products</Button>
            </div>
          </Stack>
        </Middle>
      )}
    </Ground>
  );
}

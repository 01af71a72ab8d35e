import { MoreVertical, Pin } from 'lucide-react';
import { memo } from 'react';
import {
  Button,
  GridLayout,
  GridList,
  GridListItem,
  Menu,
  MenuTrigger,
  Size,
  useDragAndDrop,
  Virtualizer,
} from 'react-aria-components';
import styled from 'styled-components';
import type { ByHand } from '../../core/assortment/products.ts';
import { faceOf } from '../../core/card/item.ts';
import type { Item as Shown } from '../../core/card/item.ts';
import { formatMoney } from '../../core/catalogue/money.ts';
import { renditionAddress } from '../../core/picture/renditions.ts';
import type { Target } from '../../core/plan/target.ts';
import { currencyOf } from '../../core/catalogue/currencyOf.ts';
import { numeral, sayMatches } from '../../core/sentence/sentence.ts';
import { useSet } from '../settings/useSetting.ts';
import { useDraft } from '../studioContext.tsx';
import { MenuRow } from '../ui/MenuRow.tsx';
import { PopoverBox } from '../ui/Pick.tsx';
import { t } from '../ui/theme.ts';
import { withoutPin, withPin } from './byHand.ts';
import type { RunOfItems } from './useRun.ts';

const Grid = styled(GridList)`
  display: block;
  height: 100%;
  overflow: auto;
  outline: none;
  padding: 2px;
  .react-aria-DropIndicator[data-drop-target] {
    outline: 2px solid ${t.pine};
  }
`;

const Card = styled(GridListItem)`
  background: #fff;
  border-radius: 4px;
  box-shadow: 0 1px 2px rgb(22 35 43 / 0.14);
  position: relative;
  height: 100%;
  overflow: hidden;
  outline: none;
  cursor: grab;
  &[data-focus-visible] {
    outline: 2px solid ${t.pine};
  }
  &[data-dragging] {
    opacity: 0.5;
  }
  .picture {
    display: block;
    width: 100%;
    height: 104px;
    object-fit: cover;
    background: ${t.wall};
  }
  .place {
    position: absolute;
    top: 4px;
    inset-inline-start: 5px;
    font: 500 11.5px/16px ${t.measures};
    background: rgb(251 251 248 / 0.85);
    padding: 0 4px;
    border-radius: 3px;
  }
  .pinned {
    position: absolute;
    top: 4px;
    inset-inline-end: 30px;
    color: ${t.ink};
  }
  .more {
    position: absolute;
    top: 4px;
    inset-inline-end: 4px;
    border: 0;
    border-radius: 4px;
    background: rgb(251 251 248 / 0.85);
    padding: 2px;
    display: grid;
    cursor: pointer;
  }
  .words {
    padding: 6px 8px;
  }
  .title {
    font-weight: 500;
    line-height: 1.25;
    display: -webkit-box;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    overflow: hidden;
  }
  .facts {
    display: flex;
    justify-content: space-between;
    color: ${t.ink2};
    font-size: 12px;
    margin-top: 2px;
  }
  .topUp {
    color: ${t.amber};
    font-size: 12px;
  }
  &[data-out] .picture,
  &[data-out] .words {
    opacity: 0.55;
  }
  .drag {
    position: absolute;
    opacity: 0;
    width: 1px;
    height: 1px;
    padding: 0;
    border: 0;
  }
  .drag[data-focus-visible] {
    opacity: 1;
    width: auto;
    height: auto;
    bottom: 4px;
    inset-inline-start: 6px;
    background: ${t.paper};
    border: 1px solid ${t.edge};
    border-radius: 5px;
    padding: 1px 6px;
  }
`;

const gridOptions = {
  minItemSize: new Size(116, 184),
  maxItemSize: new Size(170, 184),
  minSpace: new Size(11, 12),
};

interface Entry {
  id: string;
  item: Shown;
  place: number;
}

/** The resulting items in order as a wide run of pictures; one that is dragged is pinned where it is dropped. */
export const Run = memo(function Run({
  run,
  byHand,
  toppedUpFrom,
  on,
}: {
  run: RunOfItems;
  /** Name of the assortment that tops it up; null where none does. */
  toppedUpFrom: string | null;
  /** Null where items have no places of their own. */
  byHand: ByHand | null;
  on: Target;
}) {
  const set = useSet(on);
  const currency = currencyOf(useDraft(({ plan }) => plan.house));
  const pinned = new Map(byHand?.pins.map((pin) => [pin.id, pin.place]));
  const entries: Entry[] = run.items.map((item, i) => ({ id: String(faceOf(item).id), item, place: i + 1 }));
  const pin = (id: number, place: number) => byHand && set('assortment.byHand', withPin(byHand, id, place));
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    isDisabled: !byHand,
    onReorder: ({ keys, target }) => {
      const id = Number([...keys][0]);
      const from = entries.findIndex((entry) => Number(entry.id) === id);
      const at = entries.findIndex((entry) => entry.id === String(target.key));
      const to = at + (target.dropPosition === 'after' ? 1 : 0);
      pin(id, (from < to ? to - 1 : to) + 1);
    },
  });
  const act = (id: number, place: number, key: string) => {
    if (!byHand) return;
    if (key === 'pin') pin(id, place);
    else if (key === 'first') pin(id, 1);
    else if (key === 'earlier') pin(id, Math.max(1, place - 1));
    else if (key === 'later') pin(id, place + 1);
    else if (key === 'unpin') set('assortment.byHand', withoutPin(byHand, id));
    else
      set('assortment.byHand', {
        ...withoutPin(byHand, id),
        putIn: byHand.putIn.filter((one) => one !== id),
        leftOut: [...byHand.leftOut.filter((one) => one !== id), id],
      });
  };
  if (run.failed)
    return (
      <p role="alert">
        What it holds could not be fetched: {run.failed} <Button onPress={run.retry}>Try again</Button>
      </p>
    );
  if (run.total === 0)
    return (
      <p style={{ padding: '20px 0', color: t.ink2 }}>
        Nothing matches. Loosen the rule, or put products in by hand.
      </p>
    );
  return (
    <>
      <p style={{ color: t.ink2, textAlign: 'end', marginBottom: 6 }}>
        {run.total === null
          ? 'Fetching…'
          : `1 to ${numeral(entries.length)} of ${numeral(run.total)}${run.total > run.own ? `; ${sayMatches(run.own, run.total, toppedUpFrom)}` : ''}`}
      </p>
      <div
        style={{ height: Math.min(560, Math.ceil(entries.length / 5) * 198 + 10), minHeight: 190 }}
        onScrollCapture={(event) => {
          const { scrollTop, clientHeight, scrollHeight } = event.target as HTMLElement;
          if (scrollTop + 2 * clientHeight > scrollHeight) run.more();
        }}
      >
        <Virtualizer layout={GridLayout} layoutOptions={gridOptions}>
          <Grid
            aria-label="What it holds, in order"
            layout="grid"
            items={entries}
            dependencies={[byHand, currency.code, run.own]}
            keyboardNavigationBehavior="tab"
            {...(byHand ? { dragAndDropHooks } : {})}
          >
            {(entry) => {
              const { id, item, place } = entry as Entry;
              const face = faceOf(item);
              const facts = item.of === 'products' ? item.product : null;
              return (
                <Card
                  id={id}
                  textValue={face.title || `Picture ${place}`}
                  data-out={facts?.stock.state === 'out' || undefined}
                  data-item={id}
                >
                  {byHand && (
                    <Button slot="drag" className="drag">
                      Move
                    </Button>
                  )}
                  {face.picture ? (
                    <img
                      className="picture"
                      src={renditionAddress(face.picture, 240)}
                      alt=""
                      loading="lazy"
                      draggable={false}
                    />
                  ) : (
                    <span className="picture" />
                  )}
                  <span className="place">{place}</span>
                  {pinned.has(face.id) && (
                    <span className="pinned" title={`Pinned at ${pinned.get(face.id)}`}>
                      <Pin size={15} fill="currentColor" aria-label={`pinned at ${pinned.get(face.id)}`} />
                    </span>
                  )}
                  {byHand && (
                    <MenuTrigger>
                      <Button className="more" aria-label={`More for ${face.title}`}>
                        <MoreVertical size={14} />
                      </Button>
                      <PopoverBox>
                        <Menu onAction={(key) => act(face.id, place, String(key))}>
                          {pinned.has(face.id) ? (
                            <MenuRow id="unpin">Unpin</MenuRow>
                          ) : (
                            <MenuRow id="pin">Pin at {place}</MenuRow>
                          )}
                          <MenuRow id="first">Pin first</MenuRow>
                          <MenuRow id="earlier">Pin one earlier</MenuRow>
                          <MenuRow id="later">Pin one later</MenuRow>
                          <MenuRow id="out">Leave out</MenuRow>
                        </Menu>
                      </PopoverBox>
                    </MenuTrigger>
                  )}
                  <div className="words">
                    <p className="title">{face.title}</p>
                    {facts && (
                      <p className="facts">
                        <span>{formatMoney(facts.price.reduced ?? facts.price.regular, currency)}</span>
                        <span>{facts.stock.state === 'out' ? 'sold out' : ''}</span>
                      </p>
                    )}
                    {place > run.own && <p className="topUp">top-up</p>}
                  </div>
                </Card>
              );
            }}
          </Grid>
        </Virtualizer>
      </div>
    </>
  );
});

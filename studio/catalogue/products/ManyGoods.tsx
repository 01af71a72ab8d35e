import { useState } from 'react';
import { Input, Label, NumberField } from 'react-aria-components';
import styled from 'styled-components';
import { readManyGoods } from '../../../core/api/goods.ts';
import type { Goods } from '../../../core/goods/goods.ts';
import type { GoodsEdit } from '../../../core/goods/goodsEdit.ts';
import type { Within } from '../../../core/goods/goodsList.ts';
import { LONGEST, MOST_STOCK } from '../../../core/goods/goodsFacts.ts';
import {
  MOST_TOGETHER,
  PERCENT,
  putInto,
  repriced,
  stocked,
  tagged,
  takenOut,
} from '../../../core/goods/goodsMany.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { useCategorySearch } from '../../assortments/useCategorySearch.ts';
import { useNames, useStudio } from '../../studioContext.tsx';
import { Amount } from '../../ui/Amount.tsx';
import { Button, TextButton } from '../../ui/Button.tsx';
import { Search } from '../../ui/Search.tsx';
import { t } from '../../ui/theme.ts';
import { findCollections } from './findCollections.ts';
import { ChosenBar } from '../ChosenBar.tsx';
import { findTags } from '../findTags.ts';
import { useKnownTags } from './useKnownTags.ts';

const Bar = styled(ChosenBar)`
  .percent {
    display: inline-flex;
    align-items: center;
    gap: 6px;
  }
  .percent input {
    width: 64px;
    text-align: end;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    padding: 4px 8px;
  }
`;

/** What products can be taken out of together. */
const OUT_OF = { category: 'categoryIds', collection: 'collectionIds' } as const;
const isOutOf = (of: Within['of']): of is keyof typeof OUT_OF => of in OUT_OF;

interface ManyGoodsProps {
  ids: readonly number[];
  /** What the list is narrowed to. */
  within: Within | null;
  onDone(): void;
}

/** What can be done to several products at once, each in one step that can be taken back. */
export function ManyGoods({ ids, within, onDone }: ManyGoodsProps) {
  const { client, tree, vocabulary, goods: writer } = useStudio();
  const knownTags = useKnownTags();
  const categories = useCategorySearch();
  const names = useNames();
  const [percent, setPercent] = useState(NaN);
  const [stock, setStock] = useState<number | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const from = within && isOutOf(within.of) ? { of: within.of, id: within.id } : null;
  const them = counted(ids.length, 'product');
  const isMany = ids.length > MOST_TOGETHER;
  const write = async (words: string, make: (all: readonly Goods[]) => GoodsEdit[]) => {
    setFault(null);
    try {
      const { goods } = await client.ask(readManyGoods, { body: { ids } });
      const edits = make(goods);
      if (edits.length === 0) setFault('That is so of all of them already.');
      // Of those that are there still.
      else await writer.write({ words: `${words} of ${counted(goods.length, 'product')}`, edits });
    } catch (error) {
      setFault(`Nothing was changed: ${(error as Error).message}`);
    }
  };
  return (
    <Bar aria-label="Chosen products">
      <b>{them} chosen</b>
      {isMany ? (
        <span>At most {MOST_TOGETHER} are changed together.</span>
      ) : (
        <>
          <Search
            label="Add a tag to all"
            shown={false}
            placeholder="Add a tag to all"
            find={(words) => findTags(knownTags, words.slice(0, LONGEST.tag), [], ['product'])}
            onChoose={(tag) => void write(`tag ${names.tag(tag) ?? tag}`, (all) => tagged(all, tag))}
          />
          <Search
            label="Put all into a category"
            shown={false}
            placeholder="Put all into a category"
            find={categories}
            onChoose={(id) =>
              void write(`category ${tree.byId(Number(id))?.name ?? ''}`, (all) =>
                putInto(all, 'categoryIds', Number(id)),
              )
            }
          />
          <Search
            label="Put all into a collection"
            shown={false}
            placeholder="Put all into a collection"
            find={(words) => findCollections(vocabulary.collections, words)}
            onChoose={(id) =>
              void write(`collection ${names.collection(Number(id)) ?? ''}`, (all) =>
                putInto(all, 'collectionIds', Number(id)),
              )
            }
          />
          {from && (
            <Button
              onPress={() =>
                void write(`without ${names[from.of](from.id) ?? ''}`, (all) =>
                  takenOut(all, OUT_OF[from.of], from.id),
                )
              }
            >
              Take all out of {names[from.of](from.id)}
            </Button>
          )}
          <NumberField
            className="percent"
            value={percent}
            minValue={PERCENT.least}
            maxValue={PERCENT.most}
            onChange={setPercent}
          >
            <Label>Prices by %</Label>
            <Input placeholder="+10" />
          </NumberField>
          <Button
            isDisabled={!Number.isFinite(percent) || percent === 0}
            onPress={() => void write(`prices by ${percent} %`, (all) => repriced(all, percent))}
          >
            Change prices
          </Button>
          <Amount
            label="Stock of each variant"
            shown
            value={stock}
            least={0}
            most={MOST_STOCK}
            placeholder="none"
            onChange={setStock}
          />
          <Button
            isDisabled={stock === null}
            onPress={() => void write(`stock ${stock}`, (all) => stocked(all, stock))}
          >
            Set the stock
          </Button>
        </>
      )}
      <TextButton onPress={onDone}>Choose none</TextButton>
      {fault && <p role="alert">{fault}</p>}
    </Bar>
  );
}

import { useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useEffect } from 'react';
import { useForm } from 'react-hook-form';
import styled from 'styled-components';
import { readGoods } from '../../../core/api/goods.ts';
import type { Goods } from '../../../core/goods/goods.ts';
import { goodsEdits, type GoodsEdit } from '../../../core/goods/goodsEdit.ts';
import { goodsFact, type GoodsFact } from '../../../core/goods/goodsFacts.ts';
import { useCategorySearch } from '../../assortments/useCategorySearch.ts';
import { goodsKey } from '../../api/goodsWriter.ts';
import { Stack } from '../../settings/Stack.tsx';
import { useStudio } from '../../studioContext.tsx';
import { QuietButton } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { TickList, withTicked } from '../../ui/TickList.tsx';
import { t } from '../../ui/theme.ts';
import { Side } from '../Side.tsx';
import { findCollections } from './findCollections.ts';
import { LongText } from './LongText.tsx';
import { MoreVariants } from './MoreVariants.tsx';
import { ProductPictures } from './ProductPictures.tsx';
import { RemoveProduct } from './RemoveProduct.tsx';
import { TagsField } from '../TagsField.tsx';
import { useKnownTags } from './useKnownTags.ts';
import { nameOfField, OwnField } from './OwnField.tsx';
import { TextFact, type Texts } from '../TextFact.tsx';
import { VariantRows } from './VariantRows.tsx';

const ProductSide = styled(Side)`
  section {
    border-top: 1px solid ${t.line};
    padding-top: 12px;
  }
`;

interface ProductEditorProps {
  id: number;
  onClose(): void;
}

/** A product as its owner keeps it; what is set holds at once. */
export function ProductEditor({ id, onClose }: ProductEditorProps) {
  const { client, vocabulary } = useStudio();
  const found = useQuery({
    queryKey: goodsKey(id),
    queryFn: () => client.ask(readGoods, { query: { id: String(id) } }),
  });
  const goods = found.data?.goods;
  const brand = vocabulary.brands.find((one) => one.id === goods?.brandId);
  return (
    <ProductSide aria-label={goods?.title ?? 'Product'}>
      <header>
        <div>
          <h2>{goods?.title ?? 'Product'}</h2>
          {goods && <p>{[goods.code || 'no item code', brand?.name].filter(Boolean).join(' by ')}</p>}
        </div>
        <QuietButton aria-label="Close this product" onPress={onClose}>
          <X size={16} aria-hidden />
        </QuietButton>
      </header>
      {found.isError && !goods && (
        <Notice action="Try again" onAction={() => void found.refetch()}>
          The product could not be fetched: {found.error.message}
        </Notice>
      )}
      {found.isPending && <Notice>Fetching the product…</Notice>}
      {goods === null && <Notice>This product is not there any more.</Notice>}
      {goods && <Facts key={goods.id} goods={goods} />}
      {goods && <RemoveProduct key={`remove ${goods.id}`} goods={goods} onRemoved={onClose} />}
    </ProductSide>
  );
}

const schemaOf = (of: GoodsFact['of'], id: string) => goodsFact(of, id)!.schema;

function Facts({ goods }: { goods: Goods }) {
  const { account, vocabulary, goods: writer } = useStudio();
  const knownTags = useKnownTags();
  const categories = useCategorySearch();
  const { control, reset, resetField } = useForm<Texts>({ defaultValues: textsOf(goods), mode: 'onBlur' });
  // What was changed elsewhere, or taken back, is in the fields; what is being typed stays.
  useEffect(() => reset(textsOf(goods), { keepDirtyValues: true }), [goods, reset]);
  /** What was typed is on its way, so that the field shows from now on what there is. */
  const kept = (name: string, text: string) => resetField(name, { defaultValue: text });

  const set = (words: string, at: Pick<GoodsEdit, 'of' | 'part' | 'fact'>, is: unknown) => {
    const edits = goodsEdits(goods, at, is);
    if (edits.length > 0) void writer.write({ words: `${words} of ${goods.title}`, edits });
  };
  const setOwn = (fact: keyof Goods, is: unknown) =>
    set(goodsFact('product', fact)!.name.toLowerCase(), { of: 'product', part: null, fact }, is);
  const text = (fact: 'title' | 'code' | 'shortText', lines = 1) => (
    <TextFact
      control={control}
      name={fact}
      label={goodsFact('product', fact)!.name}
      schema={schemaOf('product', fact)}
      lines={lines}
      onCommit={(next) => {
        kept(fact, next);
        setOwn(fact, next);
      }}
    />
  );
  return (
    <Stack>
      <ProductPictures
        title={goods.title}
        ids={goods.pictureIds}
        onChange={(ids) => setOwn('pictureIds', ids)}
      />
      {text('title')}
      {text('code')}
      {text('shortText', 2)}
      <section>
        <h3>Prices and stock</h3>
        <MoreVariants goods={goods} />
        <VariantRows
          goods={goods}
          onSet={(variant, fact, is) =>
            set(
              goodsFact('variant', fact)!.name.toLowerCase() +
                (variant.choice ? ` in ${variant.choice}` : ''),
              { of: 'variant', part: variant.id, fact },
              is,
            )
          }
        />
      </section>
      <section>
        <h3>Categories</h3>
        <TickList
          label="Categories of this product"
          placeholder="Find a category"
          find={(words) => {
            const all = categories(words);
            const isChosen = ({ id }: (typeof all)[number]) => goods.categoryIds.includes(Number(id));
            // Those that it is in are in sight, wherever in the tree they are.
            return words ? all : [...all.filter(isChosen), ...all.filter((one) => !isChosen(one))];
          }}
          chosen={goods.categoryIds.map(String)}
          onTick={(id, ticked) => setOwn('categoryIds', withTicked(goods.categoryIds, Number(id), ticked))}
        />
      </section>
      {vocabulary.collections.some(({ byRule }) => !byRule) && (
        <section>
          <h3>Collections</h3>
          <TickList
            label="Collections of this product"
            placeholder="Find a collection"
            find={(words) => findCollections(vocabulary.collections, words)}
            chosen={goods.collectionIds.map(String)}
            onTick={(id, ticked) =>
              setOwn('collectionIds', withTicked(goods.collectionIds, Number(id), ticked))
            }
          />
        </section>
      )}
      <TagsField
        of="this product"
        tags={goods.tags}
        known={knownTags}
        one="product"
        onChange={(tags) => setOwn('tags', tags)}
      />
      <Pick
        label="Brand"
        value={String(goods.brandId ?? '')}
        options={[
          { value: '', words: 'None' },
          ...vocabulary.brands.map(({ id, name }) => ({ value: String(id), words: name })),
        ]}
        onChange={(id) => setOwn('brandId', id === '' ? null : Number(id))}
      />
      <Switch on={goods.featured} onChange={(featured) => setOwn('featured', featured)}>
        Featured
      </Switch>
      {vocabulary.fields.length > 0 && (
        <section>
          <h3>Fields of your own</h3>
          <Stack>
            {vocabulary.fields.map((field) => (
              <OwnField
                key={field.id}
                field={field}
                value={goods.fields[field.id]}
                control={control}
                onSet={(is) => {
                  if (typeof is === 'string' || is === null) kept(nameOfField(field.id), is ?? '');
                  set(field.name.toLowerCase(), { of: 'field', part: field.id, fact: 'value' }, is);
                }}
              />
            ))}
          </Stack>
        </section>
      )}
      <section>
        <LongText
          control={control}
          name="longText"
          label={goodsFact('product', 'longText')!.name}
          schema={schemaOf('product', 'longText')}
          keptAs={`long description of product ${goods.id} by ${account.email}`}
          onCommit={(next) => {
            kept('longText', next);
            setOwn('longText', next);
          }}
        />
      </section>
    </Stack>
  );
}

const textsOf = (goods: Goods): Texts => ({
  title: goods.title,
  code: goods.code,
  shortText: goods.shortText,
  longText: goods.longText,
  ...Object.fromEntries(Object.entries(goods.fields).map(([id, value]) => [nameOfField(id), String(value)])),
});

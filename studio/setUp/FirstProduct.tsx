import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ImagePlus } from 'lucide-react';
import { useState } from 'react';
import { FileTrigger, Form } from 'react-aria-components';
import { addGoods, editGoods, readGoods } from '../../core/api/goods.ts';
import { currencyOf } from '../../core/catalogue/currencyOf.ts';
import { goodsEdits } from '../../core/goods/goodsEdit.ts';
import { goodsFact, LONGEST, MOST_MONEY, MOST_STOCK } from '../../core/goods/goodsFacts.ts';
import { PICTURE_KINDS } from '../../core/picture/limits.ts';
import { goodsChanged } from '../api/goodsWriter.ts';
import { fits } from '../catalogue/TextFact.tsx';
import { Hint } from '../settings/Stack.tsx';
import { useDraft, useStudio } from '../studioContext.tsx';
import { Amount } from '../ui/Amount.tsx';
import { Button, MainButton } from '../ui/Button.tsx';
import { MoneyField } from '../ui/MoneyField.tsx';
import { Words } from '../ui/Words.tsx';
import { Card } from './StepBody.tsx';

const isTitle = (title: string) => fits(goodsFact('product', 'title')!.schema, title) === true;

interface Typed {
  title: string;
  price: number | null;
  stock: number | null;
  picture: File | null;
}

const nothing: Typed = { title: '', price: null, stock: null, picture: null };

/** A product is typed: as little of it as a shelf needs. */
export function FirstProduct({ isFirst }: { isFirst: boolean }) {
  const { client, uploads } = useStudio();
  const queries = useQueryClient();
  const { code, locale } = currencyOf(useDraft(({ plan }) => plan.house));
  const [typed, setTyped] = useState(nothing);
  const { title, price, stock, picture } = typed;
  const type = (more: Partial<Typed>) => setTyped((before) => ({ ...before, ...more }));
  /** Sets what a product has besides a title and a price. */
  const complete = async (id: number, pictureIds: readonly string[]): Promise<null> => {
    const { goods } = await client.ask(readGoods, { query: { id: String(id) } });
    if (!goods) return null;
    const edits = [
      ...goodsEdits(goods, { of: 'product', part: null, fact: 'pictureIds' }, pictureIds),
      ...goodsEdits(goods, { of: 'variant', part: goods.variants[0]!.id, fact: 'stock' }, stock),
    ];
    if (edits.length > 0) await client.ask(editGoods, { body: { edits } });
    return null;
  };
  const making = useMutation({
    mutationFn: async () => {
      // The picture first: where it cannot be sent nothing is added, so that pressing again adds no second one.
      const shown = picture ? await uploads.add([picture]) : [];
      if (picture && shown.length === 0) {
        const why = uploads.getState().refused.at(-1)?.why ?? 'It could not be sent.';
        uploads.forget();
        throw new Error(`The product was not added, for its picture: ${why}`);
      }
      const { id } = await client.ask(addGoods, { body: { title, price: price ?? 0 } });
      const ids = shown.map((one) => one.id);
      return { title, fault: await complete(id, ids).catch((error: Error) => error.message) };
    },
    onSuccess: () => {
      setTyped(nothing);
      goodsChanged(queries);
    },
  });
  const can = isTitle(title) && price !== null && !making.isPending;
  return (
    <Card>
      <h3>{isFirst ? 'Type your first product' : 'Type a product'}</h3>
      <Form
        className="row"
        onSubmit={(event) => {
          event.preventDefault();
          if (can) making.mutate();
        }}
      >
        <Words label="Title" value={title} longest={LONGEST.title} onChange={(is) => type({ title: is })} />
        <MoneyField
          label="Price"
          none="0"
          currency={code}
          locale={locale}
          value={price}
          most={MOST_MONEY}
          onChange={(is) => type({ price: is })}
        />
        <Amount
          shown
          label="Stock"
          value={stock}
          least={0}
          most={MOST_STOCK}
          placeholder="any"
          onChange={(is) => type({ stock: is })}
        />
        <FileTrigger
          acceptedFileTypes={Object.keys(PICTURE_KINDS)}
          onSelect={(files) => files?.[0] && type({ picture: files[0] })}
        >
          <Button>
            <ImagePlus size={16} aria-hidden /> {picture ? 'Another' : 'Picture'}
          </Button>
        </FileTrigger>
        <MainButton type="submit" isDisabled={!can}>
          {making.isPending ? 'Adding…' : 'Add product'}
        </MainButton>
      </Form>
      {picture && <Hint>{picture.name}</Hint>}
      {making.isError && <p role="alert">{making.error.message}</p>}
      {making.isSuccess && <p role="status">{making.data.title} is in your catalogue.</p>}
      {making.data?.fault && (
        <p role="alert">
          Its picture and stock could not be set: {making.data.fault} Open it in the catalogue.
        </p>
      )}
    </Card>
  );
}

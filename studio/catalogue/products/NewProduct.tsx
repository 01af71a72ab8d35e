import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { addGoods } from '../../../core/api/goods.ts';
import { currencyOf } from '../../../core/catalogue/currencyOf.ts';
import { goodsFact, LONGEST, MOST_MONEY } from '../../../core/goods/goodsFacts.ts';
import { Hint } from '../../settings/Stack.tsx';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { FormDialog } from '../../ui/FormDialog.tsx';
import { MoneyField } from '../../ui/MoneyField.tsx';
import { Words } from '../../ui/Words.tsx';
import { goodsChanged } from '../../api/goodsWriter.ts';
import { fits } from '../TextFact.tsx';

const isTitle = (title: string) => fits(goodsFact('product', 'title')!.schema, title) === true;

/** Makes a product of a title and a price, and opens it to be gone on with. */
export function NewProduct({ onMade }: { onMade(id: number): void }) {
  const { client } = useStudio();
  const queries = useQueryClient();
  const house = useDraft((state) => state.plan.house);
  const { code, locale } = currencyOf(house);
  const [open, setOpen] = useState(false);
  const [title, setTitle] = useState('');
  const [price, setPrice] = useState<number | null>(null);
  const making = useMutation({
    mutationFn: (body: { title: string; price: number }) => client.ask(addGoods, { body }),
    onSuccess: ({ id }) => {
      setOpen(false);
      setTitle('');
      setPrice(null);
      goodsChanged(queries);
      onMade(id);
    },
  });
  return (
    <>
      <Button onPress={() => setOpen(true)}>New product</Button>
      <FormDialog
        title="New product"
        open={open}
        does="Make the product"
        doing="Making…"
        pending={making.isPending}
        canBe={isTitle(title) && price !== null}
        fault={making.error?.message ?? null}
        onClose={() => setOpen(false)}
        onDone={() => price !== null && making.mutate({ title, price })}
      >
        <Words label="Title" value={title} longest={LONGEST.title} onChange={setTitle} />
        <MoneyField
          label="Price"
          none="0"
          currency={code}
          locale={locale}
          value={price}
          most={MOST_MONEY}
          onChange={setPrice}
        />
        <Hint>It is sold out until you set its stock.</Hint>
      </FormDialog>
    </>
  );
}

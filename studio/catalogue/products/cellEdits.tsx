import { useState, type ReactNode } from 'react';
import { Input, TextField } from 'react-aria-components';
import { currencyOf } from '../../../core/catalogue/currencyOf.ts';
import type { GoodsRow } from '../../../core/goods/goods.ts';
import type { GoodsEdit } from '../../../core/goods/goodsEdit.ts';
import {
  goodsFact,
  LONGEST,
  MOST_MONEY,
  MOST_STOCK,
  type GoodsFact,
} from '../../../core/goods/goodsFacts.ts';
import { schemaFault } from '../../../core/schema/schemaFault.ts';
import { useDraft } from '../../studioContext.tsx';
import { Amount } from '../../ui/Amount.tsx';
import { MoneyField } from '../../ui/MoneyField.tsx';

type Fact = 'title' | 'code' | 'price' | 'reduced' | 'stock';

interface CellFieldProps {
  label: string;
  fact: GoodsFact;
  value: never;
  onSet(is: unknown): void;
}

/** A fact of a product that can be set right in the list of all. */
export interface CellEdit {
  fact: Fact;
  of: 'product' | 'variant';
  /** A press on the cell begins it; else a press opens the product. */
  byPress: boolean;
  Field(props: CellFieldProps): ReactNode;
}

/** Words in a cell; those that do not fit are said to, and what was there before comes back where they are left. */
function Words({ label, fact, value, onSet }: CellFieldProps & { value: string }) {
  const [text, setText] = useState<string>(value);
  const fault = schemaFault(fact.schema, text);
  return (
    <TextField
      aria-label={label}
      value={text}
      onChange={setText}
      isInvalid={fault !== null}
      onBlur={() => (fault === null && text !== value ? onSet(text) : setText(value))}
    >
      <Input maxLength={LONGEST[fact.id as 'title' | 'code']} />
      {fault && (
        <span className="fault" role="alert">
          {fault}
        </span>
      )}
    </TextField>
  );
}

function Money({ label, fact, value, onSet }: CellFieldProps & { value: number | null }) {
  const house = useDraft((state) => state.plan.house);
  const { code, locale } = currencyOf(house);
  const mayBeNone = fact.none !== undefined;
  return (
    <MoneyField
      label={label}
      shown={false}
      none="none"
      currency={code}
      locale={locale}
      value={value}
      most={MOST_MONEY}
      onChange={(is) => {
        // A reduced price of nothing is none; without a price there is nothing to be sold.
        if (mayBeNone || is !== null) onSet(mayBeNone && is === 0 ? null : is);
      }}
    />
  );
}

const Count = ({ label, value, onSet }: CellFieldProps & { value: number | null }) => (
  <Amount
    label={label}
    value={value}
    least={0}
    most={MOST_STOCK}
    placeholder="not counted"
    onChange={onSet}
  />
);

const editOf = (of: CellEdit['of'], fact: Fact, Field: CellEdit['Field'], byPress = true): CellEdit => ({
  of,
  fact,
  Field,
  byPress,
});

/** What can be set in the list, by the column. */
export const cellEdits: Readonly<Partial<Record<string, CellEdit>>> = {
  title: editOf('product', 'title', Words, false),
  code: editOf('product', 'code', Words),
  price: editOf('variant', 'price', Money),
  reduced: editOf('variant', 'reduced', Money),
  stock: editOf('variant', 'stock', Count),
};

/** Whether it can be set of a product: what several variants have is set of each, where the product is edited. */
export const canEdit = ({ of }: CellEdit, { only }: GoodsRow): boolean => of === 'product' || only !== null;

export const factOf = ({ of, fact }: CellEdit): GoodsFact => goodsFact(of, fact)!;

/** What sets it of a product. */
export const cellEdit = ({ of, fact }: CellEdit, row: GoodsRow, is: unknown): GoodsEdit => ({
  product: row.id,
  of,
  part: of === 'product' ? null : row.only,
  fact,
  was: row[fact],
  is,
});

import styled from 'styled-components';
import { currencyOf } from '../../../core/catalogue/currencyOf.ts';
import type { Goods, GoodsVariant } from '../../../core/goods/goods.ts';
import { MOST_MONEY, MOST_STOCK } from '../../../core/goods/goodsFacts.ts';
import { useDraft } from '../../studioContext.tsx';
import { Amount } from '../../ui/Amount.tsx';
import { MoneyField } from '../../ui/MoneyField.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';
import { RemoveVariant } from './RemoveVariant.tsx';

const Variants = styled.table`
  border-collapse: collapse;
  width: 100%;
  th {
    font-weight: 400;
    color: ${t.ink2};
    text-align: end;
    padding: 2px 4px;
  }
  th:first-child {
    text-align: start;
  }
  tbody th {
    color: ${t.ink};
    font-weight: 600;
  }
  td {
    padding: 3px 2px;
    text-align: end;
  }
  td > * {
    justify-content: end;
  }
  input {
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    padding: 4px 8px;
    width: 68px;
    text-align: end;
  }
  .out {
    color: ${t.brick};
    font-weight: 400;
    display: block;
    font-size: 12px;
  }
`;

interface VariantRowsProps {
  goods: Goods;
  onSet(
    variant: GoodsVariant,
    fact: 'price' | 'reduced' | 'stock' | 'pictureId',
    is: number | string | null,
  ): void;
}

/** Price, reduced price and stock of each variant. What would not hold is said, and not written. */
export function VariantRows({ goods, onSet }: VariantRowsProps) {
  const house = useDraft((state) => state.plan.house);
  const { code, locale } = currencyOf(house);
  // One that can be had in one way only is shown by the pictures of its product.
  const hasPictures = goods.variants.length > 1 && goods.pictureIds.length > 0;
  return (
    <Variants aria-label="Prices and stock">
      <thead>
        <tr>
          <th scope="col">{goods.variants.length > 1 ? 'Variant' : ''}</th>
          <th scope="col">Price</th>
          <th scope="col">Reduced</th>
          <th scope="col">Stock</th>
          {hasPictures && <th scope="col">Picture</th>}
          {goods.variants.length > 1 && <td />}
        </tr>
      </thead>
      <tbody>
        {goods.variants.map((variant) => {
          const said = variant.choice ? ` of ${variant.choice}` : '';
          const money = (fact: 'price' | 'reduced', label: string) => (
            <MoneyField
              label={`${label}${said}`}
              shown={false}
              none="none"
              currency={code}
              locale={locale}
              value={variant[fact]}
              most={MOST_MONEY}
              onChange={(is) => {
                // Without a price there is nothing to be sold.
                if (fact === 'reduced' || is !== null)
                  onSet(variant, fact, fact === 'reduced' && is === 0 ? null : is);
              }}
            />
          );
          return (
            <tr key={variant.id}>
              <th scope="row">
                {variant.choice || 'All of it'}
                {variant.stock === 0 && <span className="out">sold out</span>}
              </th>
              <td>{money('price', 'Price')}</td>
              <td>{money('reduced', 'Reduced price')}</td>
              <td>
                <Amount
                  label={`Stock${said}`}
                  value={variant.stock}
                  least={0}
                  most={MOST_STOCK}
                  placeholder="not counted"
                  onChange={(is) => onSet(variant, 'stock', is)}
                />
              </td>
              {hasPictures && (
                <td>
                  <Pick
                    label={`Picture${said}`}
                    shown={false}
                    value={variant.pictureId ?? ''}
                    options={[
                      { value: '', words: 'any' },
                      ...goods.pictureIds.map((value, at) => ({ value, words: String(at + 1) })),
                      ...(variant.pictureId !== null && !goods.pictureIds.includes(variant.pictureId)
                        ? [{ value: variant.pictureId, words: 'its own' }]
                        : []),
                    ]}
                    onChange={(id) => onSet(variant, 'pictureId', id || null)}
                  />
                </td>
              )}
              {goods.variants.length > 1 && (
                <td>
                  <RemoveVariant goods={goods} variant={variant} />
                </td>
              )}
            </tr>
          );
        })}
      </tbody>
    </Variants>
  );
}

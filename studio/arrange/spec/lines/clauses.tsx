import { useQuery } from '@tanstack/react-query';
import { useCallback, useState, type ComponentType } from 'react';
import type { CategoryClause } from '../../../../core/assortment/clauses/category.ts';
import type { Clause } from '../../../../core/assortment/clauses/index.ts';
import type { NamedClause } from '../../../../core/assortment/clauses/named.ts';
import { useNames, useStudio } from '../../../studioContext.tsx';
import { Switch } from '../../../ui/fields.tsx';
import { NamedList } from '../../../ui/NamedList.tsx';
import { Search } from '../../../ui/Search.tsx';
import { useCategorySearch } from './useCategorySearch.ts';

export interface ClauseProps<C extends Clause> {
  clause: C;
  onChange(clause: C): void;
}

function CategoryControls({ clause, onChange }: ClauseProps<CategoryClause>) {
  const names = useNames();
  const find = useCategorySearch(clause.ids);
  return (
    <>
      <NamedList
        items={clause.ids.map((id) => ({
          id: String(id),
          words: names.category(id) ?? `Category ${id}, which is gone`,
        }))}
        onRemove={(id) => onChange({ ...clause, ids: clause.ids.filter((one) => String(one) !== id) })}
      />
      <Search
        label="Category"
        shown={false}
        placeholder="Type a category"
        find={find}
        onChoose={(id) => onChange({ ...clause, ids: [...clause.ids, Number(id)] })}
      />
      <div style={{ marginTop: 8 }}>
        <Switch on={clause.below} onChange={(below) => onChange({ ...clause, below })}>
          And everything below
        </Switch>
      </div>
    </>
  );
}

function NamedControls({ clause, onChange }: ClauseProps<NamedClause>) {
  const { client, learnTitles } = useStudio();
  const names = useNames();
  const [words, setWords] = useState('');
  const found = useQuery({
    queryKey: ['product search', words],
    queryFn: () =>
      client.get<{ products: { id: number; title: string }[] }>(
        `/api/products?words=${encodeURIComponent(words)}`,
      ),
    enabled: words.trim() !== '',
    placeholderData: (before) => before,
  });
  const products = found.data?.products ?? [];
  return (
    <>
      <NamedList
        items={clause.ids.map((id) => ({
          id: String(id),
          words: names.product(id) ?? `Product ${id}, which is gone`,
        }))}
        onRemove={(id) => onChange({ ...clause, ids: clause.ids.filter((one) => String(one) !== id) })}
        onMove={(ids) => onChange({ ...clause, ids: ids.map(Number) })}
      />
      <Search
        label="Product"
        shown={false}
        placeholder="Type a product's title"
        find={(typed) =>
          typed.trim()
            ? products
                .filter(({ id }) => !clause.ids.includes(id))
                .map(({ id, title }) => ({ id: String(id), words: title }))
            : []
        }
        onType={useCallback((typed: string) => setWords(typed), [])}
        onChoose={(id) => {
          learnTitles(products.filter((product) => String(product.id) === id));
          onChange({ ...clause, ids: [...clause.ids, Number(id)] });
        }}
      />
    </>
  );
}

/** Controls of the clauses that have something to set; the others say it all by being there. */
export const clauseControls: {
  [K in Clause['is']]?: ComponentType<ClauseProps<Extract<Clause, { is: K }>>>;
} = {
  category: CategoryControls,
  named: NamedControls,
};

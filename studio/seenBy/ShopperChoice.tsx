import { useStore } from 'zustand';
import { ProductSearch } from '../assortments/ProductSearch.tsx';
import { useNames, useStudio } from '../studioContext.tsx';
import { Choice } from '../ui/Choice.tsx';
import { NamedList } from '../ui/NamedList.tsx';
import { Pick } from '../ui/Pick.tsx';
import { Words } from '../ui/Words.tsx';
import { withMostProducts } from './withMostProducts.ts';
import { LONGEST_SEARCH } from './shopper.ts';

const ANY = '(any)';

/** Who is played, and what pages of each kind are shown with. */
export default function ShopperChoice() {
  const { shopper, vocabulary, tree } = useStudio();
  const { returning, lookedAt, category, collection, product, search } = useStore(shopper);
  const names = useNames();
  const look = (id: number) =>
    shopper.change({ lookedAt: [id, ...lookedAt.filter((one) => one !== id)].slice(0, 30) });
  return (
    <>
      <Choice
        label="The frames show what is seen by"
        value={returning ? 'returning' : 'new'}
        options={[
          { value: 'new', words: 'A new shopper' },
          { value: 'returning', words: 'A returning one' },
        ]}
        onChange={(value) => shopper.change({ returning: value === 'returning' })}
      />
      {returning && (
        <div>
          <span>Recently viewed, most recent first</span>
          <NamedList
            items={lookedAt.map((id) => ({
              id: String(id),
              words: names.product(id) ?? `Product ${id}`,
            }))}
            onRemove={(id) => shopper.change({ lookedAt: lookedAt.filter((one) => String(one) !== id) })}
            onMove={(next) => shopper.change({ lookedAt: next.map(Number) })}
          />
          <ProductSearch label="Viewed product" placeholder="Add a viewed product" onChoose={look} />
        </div>
      )}
      <Pick
        label="A category's page is shown with"
        value={category === null ? ANY : String(category)}
        options={[
          { value: ANY, words: 'The category with most products' },
          ...tree.all.map(({ id, name }) => ({ value: String(id), words: name })),
        ]}
        onChange={(id) => shopper.change({ category: id === ANY ? null : Number(id) })}
      />
      <Pick
        label="A collection's page is shown with"
        value={collection === null ? ANY : String(collection)}
        options={[
          { value: ANY, words: 'The collection with most products' },
          ...vocabulary.collections.map(({ id, name }) => ({ value: String(id), words: name })),
        ]}
        onChange={(id) => shopper.change({ collection: id === ANY ? null : Number(id) })}
      />
      <div>
        <span>
          A product's page is shown with{' '}
          {product === null ? 'the newest product' : (names.product(product) ?? 'a removed one')}
        </span>
        <ProductSearch
          label="Product of the page"
          placeholder="Type another product"
          onChoose={(id) => shopper.change({ product: id })}
        />
      </div>
      <Words
        label="The page of searches is shown with"
        value={search}
        longest={LONGEST_SEARCH}
        placeholder={withMostProducts(tree.roots)?.name ?? ''}
        onChange={(words) => shopper.change({ search: words })}
      />
      <p>This changes only what you see here, never the draft.</p>
    </>
  );
}

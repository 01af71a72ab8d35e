import { useState } from 'react';
import { Search } from '../ui/Search.tsx';
import { useProductSearch } from './useProductSearch.ts';

/** Finds one product by a part of its title. */
export function ProductSearch({
  label,
  placeholder = "Type a product's title",
  without = [],
  onChoose,
}: {
  label: string;
  placeholder?: string;
  without?: readonly number[];
  onChoose(id: number): void;
}) {
  const [words, setWords] = useState('');
  const { products, pending, learn } = useProductSearch(words);
  return (
    <Search
      label={label}
      shown={false}
      placeholder={placeholder}
      pending={pending}
      opensAtOnce
      find={() => products.filter(({ id }) => !without.includes(Number(id)))}
      onType={setWords}
      onChoose={(id) => {
        learn(id);
        onChoose(Number(id));
      }}
    />
  );
}

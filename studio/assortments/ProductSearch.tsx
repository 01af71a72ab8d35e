import { findProducts } from '../../core/api/catalogue.ts';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useStudio } from '../studioContext.tsx';
import { Search } from '../ui/Search.tsx';

/** Finds a product by a part of its title. */
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
  const { client, learnTitles } = useStudio();
  const [words, setWords] = useState('');
  const found = useQuery({
    queryKey: ['product search', words],
    queryFn: () => client.ask(findProducts, { query: { words } }),
    enabled: words.trim() !== '',
    placeholderData: (before) => before,
  });
  const products = found.data?.products ?? [];
  return (
    <Search
      label={label}
      shown={false}
      placeholder={placeholder}
      pending={found.isFetching}
      find={(typed) =>
        typed.trim()
          ? products
              .filter(({ id }) => !without.includes(id))
              .map(({ id, title }) => ({ id: String(id), words: title }))
          : []
      }
      onType={setWords}
      onChoose={(id) => {
        learnTitles(products.filter((product) => String(product.id) === id));
        onChoose(Number(id));
      }}
    />
  );
}

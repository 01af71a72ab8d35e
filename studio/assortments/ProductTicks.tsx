import { useState } from 'react';
import { TickList } from '../ui/TickList.tsx';
import { useProductSearch } from './useProductSearch.ts';

export interface ProductTicksProps {
  label: string;
  placeholder: string;
  chosen: readonly number[];
  onTick(id: number, ticked: boolean): void;
}

/** Products with picture, price and stock, any number of which is ticked. */
export function ProductTicks({ label, placeholder, chosen, onTick }: ProductTicksProps) {
  const [words, setWords] = useState('');
  const { products, pending, learn } = useProductSearch(words);
  return (
    <TickList
      label={label}
      placeholder={placeholder}
      find={() => products}
      chosen={chosen.map(String)}
      pending={pending}
      onType={setWords}
      onTick={(id, ticked) => {
        if (ticked) learn(id);
        onTick(Number(id), ticked);
      }}
    />
  );
}

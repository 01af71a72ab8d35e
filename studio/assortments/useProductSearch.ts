import { useQuery } from '@tanstack/react-query';
import { findProducts } from '../../core/api/catalogue.ts';
import { currencyOf } from '../../core/catalogue/currencyOf.ts';
import { formatMoney } from '../../core/catalogue/money.ts';
import { renditionAddress } from '../../core/picture/renditions.ts';
import { useDraft, useStudio } from '../studioContext.tsx';
import type { Tickable } from '../ui/TickList.tsx';

export interface ProductsFound {
  /** With picture, price and stock. */
  products: Tickable[];
  pending: boolean;
  /** Keeps the title of one of them, which is about to be named. */
  learn(id: string): void;
}

/** Products by a part of their title; the newest while nothing is typed. */
export function useProductSearch(words: string): ProductsFound {
  const { client, learnTitles } = useStudio();
  const currency = currencyOf(useDraft(({ plan }) => plan.house));
  const { data, isFetching } = useQuery({
    queryKey: ['product search', words.trim()],
    queryFn: () => client.ask(findProducts, { query: { words: words.trim() } }),
    placeholderData: (before) => before,
    staleTime: 30_000,
  });
  const found = data?.products ?? [];
  return {
    products: found.map(({ id, title, price, stock, pictures }) => ({
      id: String(id),
      words: title,
      aside: [
        formatMoney(price.reduced ?? price.regular, currency),
        ...(stock.state === 'out' ? ['sold out'] : stock.count === null ? [] : [`${stock.count} in stock`]),
      ].join(', '),
      picture: pictures[0] ? renditionAddress(pictures[0], 96) : null,
    })),
    pending: isFetching,
    learn: (id) => learnTitles(found.filter((one) => String(one.id) === id)),
  };
}

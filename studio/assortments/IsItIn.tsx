import { explainProduct, type SeenBy } from '../../core/api/assortments.ts';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import type { ProductAssortment } from '../../core/assortment/products.ts';
import { renditionAddress } from '../../core/picture/renditions.ts';
import type { Target } from '../../core/plan/target.ts';
import { useSet } from '../settings/useSetting.ts';
import { useStudio } from '../studioContext.tsx';
import { Button } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';
import { ProductSearch } from './ProductSearch.tsx';
import { withoutPin } from './byHand.ts';

const Answer = styled.div`
  display: grid;
  grid-template-columns: 64px 1fr;
  gap: 10px;
  margin-top: 10px;
  img,
  .none {
    width: 64px;
    height: 78px;
    object-fit: cover;
    border-radius: 4px;
    background: ${t.wall};
  }
  b {
    display: block;
    font-weight: 600;
    color: ${t.pine};
  }
  b.out {
    color: ${t.brick};
  }
  p {
    overflow-wrap: anywhere;
    margin-bottom: 7px;
  }
`;

/** Any product by name: the place that it has, or what leaves it out. */
export function IsItIn({
  assortment,
  fallbacks,
  seenBy,
  on,
}: {
  assortment: ProductAssortment;
  fallbacks: readonly ProductAssortment[];
  seenBy: SeenBy;
  on: Target;
}) {
  const { client } = useStudio();
  const set = useSet(on);
  const [product, setProduct] = useState<number | null>(null);
  const asked = { assortment, fallbacks: [...fallbacks], without: [], seenBy };
  const answer = useQuery({
    queryKey: ['explain', JSON.stringify(asked), product],
    queryFn: () => client.ask(explainProduct, { body: { ...asked, product: product! } }),
    enabled: product !== null,
    placeholderData: (before) => before,
  });
  const found = answer.data;
  const { byHand } = assortment;
  const putIn = (id: number) =>
    set('assortment.byHand', {
      ...byHand,
      putIn: [...byHand.putIn.filter((one) => one !== id), id],
      leftOut: byHand.leftOut.filter((one) => one !== id),
    });
  const leaveOut = (id: number) =>
    set('assortment.byHand', {
      ...withoutPin(byHand, id),
      putIn: byHand.putIn.filter((one) => one !== id),
      leftOut: [...byHand.leftOut, id],
    });
  return (
    <section>
      <h3>Is it in?</h3>
      <ProductSearch label="Is it in?" onChoose={setProduct} />
      {answer.isError && product !== null && <p role="alert">{answer.error.message}</p>}
      {found && product !== null && (
        <Answer role="status" aria-label="Is it in">
          {found.product.pictures[0] ? (
            <img src={renditionAddress(found.product.pictures[0], 160)} alt="" />
          ) : (
            <span className="none" />
          )}
          <div>
            <b className={found.explanation.in ? undefined : 'out'}>
              {found.explanation.in ? 'In' : 'Not in'}: {found.product.title}
            </b>
            <p>{found.explanation.text}.</p>
            {found.explanation.in ? (
              <Button onPress={() => leaveOut(found.product.id)}>Leave out</Button>
            ) : (
              <Button
                isDisabled={found.explanation.reason === 'soldOut' || found.explanation.reason === 'limit'}
                onPress={() => putIn(found.product.id)}
              >
                Put in by hand
              </Button>
            )}
          </div>
        </Answer>
      )}
    </section>
  );
}

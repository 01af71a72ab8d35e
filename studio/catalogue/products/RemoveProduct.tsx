import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { removeGoods } from '../../../core/api/goods.ts';
import type { Goods } from '../../../core/goods/goods.ts';
import { useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { RemoveDialog } from '../../ui/RemoveDialog.tsx';
import { goodsChanged } from '../../api/goodsWriter.ts';
import { knownChanged } from '../../api/known.ts';

/** Takes a product out of the catalogue, once that is confirmed; one that was ordered stays, and it is said why. */
export function RemoveProduct({ goods: { id, title }, onRemoved }: { goods: Goods; onRemoved(): void }) {
  const { client } = useStudio();
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const removing = useMutation({
    mutationFn: () => client.ask(removeGoods, { body: { id } }),
    onSuccess: ({ removed }) => {
      if (!removed) return;
      onRemoved();
      goodsChanged(queries);
      knownChanged(queries);
    },
  });
  const isKept = removing.data?.removed === false;
  return (
    <section>
      <Button onPress={() => setAsking(true)}>Remove this product…</Button>
      <RemoveDialog
        title={`Remove ${title}`}
        open={asking}
        does="Remove the product"
        stays={isKept}
        removing={removing}
        onClose={() => setAsking(false)}
      >
        <p>It goes from every shelf, and its page with it. It cannot be brought back.</p>
        {isKept && (
          <p role="alert">
            It was ordered, so it stays: orders go on saying what was in them. Set its stock to 0 to sell it
            no more.
          </p>
        )}
      </RemoveDialog>
    </section>
  );
}

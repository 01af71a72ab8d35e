import { useMutation, useQueryClient } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useState } from 'react';
import { removeVariant } from '../../../core/api/goods.ts';
import type { Goods, GoodsVariant } from '../../../core/goods/goods.ts';
import { goodsChanged } from '../../api/goodsWriter.ts';
import { knownChanged } from '../../api/known.ts';
import { useStudio } from '../../studioContext.tsx';
import { QuietButton } from '../../ui/Button.tsx';
import { RemoveDialog } from '../../ui/RemoveDialog.tsx';

/** Takes a variant off a product, once that is confirmed. */
export function RemoveVariant({ goods, variant }: { goods: Goods; variant: GoodsVariant }) {
  const { client } = useStudio();
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const name = variant.choice || variant.code || 'this variant';
  const removing = useMutation({
    mutationFn: () => client.ask(removeVariant, { body: { product: goods.id, id: variant.id } }),
    onSuccess: () => {
      goodsChanged(queries);
      knownChanged(queries);
    },
  });
  return (
    <>
      <QuietButton aria-label={`Remove ${name}…`} onPress={() => setAsking(true)}>
        <X size={14} aria-hidden />
      </QuietButton>
      <RemoveDialog
        title={`Remove ${name}`}
        open={asking}
        does="Remove the variant"
        removing={removing}
        onClose={() => setAsking(false)}
      >
        <p>
          {goods.title} is not sold as {name} any more. Orders go on saying what was in them. It cannot be
          brought back.
        </p>
      </RemoveDialog>
    </>
  );
}

import { useMutation, useQueryClient } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useState } from 'react';
import { removeVariant } from '../../../core/api/goods.ts';
import type { Goods, GoodsVariant } from '../../../core/goods/goods.ts';
import { goodsChanged } from '../../api/goodsWriter.ts';
import { knownChanged } from '../../api/known.ts';
import { useStudio } from '../../studioContext.tsx';
import { Button, MainButton, QuietButton } from '../../ui/Button.tsx';
import { Dialog, DialogFoot } from '../../ui/Dialog.tsx';

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
      <Dialog title={`Remove ${name}`} open={asking} onClose={() => setAsking(false)}>
        <p>
          {goods.title} is not sold as {name} any more. Orders go on saying what was in them. It cannot be
          brought back.
        </p>
        {removing.isError && <p role="alert">{removing.error.message}</p>}
        <DialogFoot>
          <Button onPress={() => setAsking(false)}>Keep it</Button>
          <MainButton isDisabled={removing.isPending} onPress={() => removing.mutate()}>
            {removing.isPending ? 'Removing…' : 'Remove the variant'}
          </MainButton>
        </DialogFoot>
      </Dialog>
    </>
  );
}

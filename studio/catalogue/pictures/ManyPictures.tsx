import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { readManyGoods } from '../../../core/api/goods.ts';
import { removePictures, type StorePicture } from '../../../core/api/pictures.ts';
import { putWithProducts } from '../../../core/goods/pictureNames.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { picturesChanged } from '../../api/uploads.ts';
import { ProductSearch } from '../../assortments/ProductSearch.tsx';
import { useStudio } from '../../studioContext.tsx';
import { Button, TextButton } from '../../ui/Button.tsx';
import { RemoveDialog } from '../../ui/RemoveDialog.tsx';
import { ChosenBar } from '../ChosenBar.tsx';

/** So many are removed at once. */
const LOT = 1_000;

interface ManyPicturesProps {
  pictures: readonly StorePicture[];
  onDone(): void;
}

/** What can be done to several pictures at once. */
export function ManyPictures({ pictures, onDone }: ManyPicturesProps) {
  const { client, goods: writer } = useStudio();
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const [said, setSaid] = useState('');
  const them = counted(pictures.length, 'picture');
  const putting = useMutation({
    async mutationFn(product: number): Promise<string> {
      const { goods } = await client.ask(readManyGoods, { body: { ids: [product] } });
      const [of] = goods;
      if (!of) return 'That product is not there any more.';
      const { edits, without } = putWithProducts(
        goods,
        pictures.map(({ id, name }) => ({ id, name, product, variant: null, place: 0 })),
      );
      const noRoom = without > 0 ? `${of.title} has no room for ${counted(without, 'picture')}.` : '';
      if (edits.length === 0) return noRoom || `${of.title} has all of them already.`;
      await writer.write({ words: `${them} put with ${of.title}`, edits });
      return noRoom;
    },
    onSuccess: setSaid,
    onError: (error) => setSaid(`Nothing was changed: ${error.message}`),
    onSettled: () => picturesChanged(queries),
  });
  const removing = useMutation({
    async mutationFn(): Promise<number> {
      const ids = pictures.map(({ id }) => id);
      let gone = 0;
      for (let at = 0; at < ids.length; at += LOT)
        gone += (await client.ask(removePictures, { body: { ids: ids.slice(at, at + LOT) } })).removed.length;
      return ids.length - gone;
    },
    onSuccess: (stay) => {
      setAsking(false);
      if (stay === 0) onDone();
      else setSaid(`${counted(stay, 'picture')} ${stay === 1 ? 'is' : 'are'} used and stayed.`);
    },
    onSettled: () => picturesChanged(queries),
  });
  return (
    <ChosenBar aria-label="Chosen pictures">
      <b>{them} chosen</b>
      <ProductSearch
        label="Put them with a product"
        placeholder="Put them with a product"
        onChoose={(id) => putting.mutate(id)}
      />
      <Button onPress={() => setAsking(true)}>Remove them…</Button>
      <TextButton onPress={onDone}>Choose none</TextButton>
      {said && <p role="status">{said}</p>}
      <RemoveDialog
        title="Remove the chosen pictures"
        open={asking}
        does={`Remove ${them}`}
        several
        removing={removing}
        onClose={() => setAsking(false)}
      >
        <p>Those that a product, a page or a release shows stay. Removed files cannot be brought back.</p>
      </RemoveDialog>
    </ChosenBar>
  );
}

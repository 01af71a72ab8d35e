import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { readManyGoods } from '../../../core/api/goods.ts';
import { matchPictures, type PictureMatch } from '../../../core/api/pictures.ts';
import { fold } from '../../../core/catalogue/fold.ts';
import { MOST_TOGETHER } from '../../../core/goods/goodsMany.ts';
import { putWithProducts } from '../../../core/goods/pictureNames.ts';
import { renditionAddress } from '../../../core/picture/renditions.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { picturesChanged } from '../../api/uploads.ts';
import { pictureName } from '../../pictures/PictureTile.tsx';
import { Hint } from '../../settings/Stack.tsx';
import { useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { FormDialog } from '../../ui/FormDialog.tsx';
import { TickList, withTicked, type Tickable } from '../../ui/TickList.tsx';

/** So many are in sight at once; the others are found by their names. */
const SHOWN = 200;

const KEY = ['picture search', 'matches'];

const asTickable = ({ picture, title, choice }: PictureMatch): Tickable => ({
  id: picture.id,
  words: choice ? `${title}, ${choice}` : title,
  aside: pictureName(picture),
  picture: renditionAddress(picture, 160),
});

/** Puts pictures that nothing uses with the products that they are named like, in one step that can be taken back. */
export function PutWithProducts() {
  const { client, goods: writer } = useStudio();
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const [left, setLeft] = useState<readonly string[]>([]);
  const { data, error, isFetching } = useQuery({
    queryKey: KEY,
    queryFn: () => client.ask(matchPictures),
    enabled: asking,
    // Names and products may be others since it was last asked.
    staleTime: 0,
  });
  const matches = data?.matches ?? [];
  const chosen = matches.filter(({ picture }) => !left.includes(picture.id));
  const products = [...new Set(chosen.map(({ product }) => product))];
  const putting = useMutation({
    async mutationFn() {
      const pictures = chosen.map(({ picture: { id, name }, ...of }) => ({ id, name, ...of }));
      let noRoom = 0;
      for (let at = 0; at < products.length; at += MOST_TOGETHER) {
        const ids = products.slice(at, at + MOST_TOGETHER);
        const { goods } = await client.ask(readManyGoods, { body: { ids } });
        const { edits, without: more } = putWithProducts(goods, pictures);
        noRoom += more;
        const words = `pictures of ${counted(goods.length, 'product')}`;
        if (edits.length > 0 && !(await writer.write({ words, edits }))) break;
      }
      return noRoom;
    },
    onSuccess: (noRoom) => {
      if (noRoom === 0) setAsking(false);
    },
    onSettled: () => picturesChanged(queries),
  });
  const open = () => {
    setLeft([]);
    putting.reset();
    setAsking(true);
  };
  const find = (words: string) =>
    matches
      .map(asTickable)
      .filter(({ words: said, aside }) => fold(`${said} ${aside}`).includes(fold(words)))
      .slice(0, SHOWN);
  return (
    <>
      <Button onPress={open}>Put with products…</Button>
      <FormDialog
        title="Pictures and the products they are named like"
        open={asking}
        does={
          chosen.length === 0
            ? 'Put them there'
            : `Put ${counted(chosen.length, 'picture')} with ${counted(products.length, 'product')}`
        }
        doing="Putting them there…"
        pending={putting.isPending}
        canBe={chosen.length > 0 && !isFetching}
        fault={(putting.error ?? error)?.message ?? null}
        onClose={() => setAsking(false)}
        onDone={() => putting.mutate()}
      >
        {!data && !error && <p>Comparing names…</p>}
        {data && matches.length > 0 && (
          <TickList
            label="Pictures, by their products"
            placeholder="Find a product or a picture"
            find={find}
            chosen={chosen.map(({ picture }) => picture.id)}
            onTick={(id, ticked) => setLeft(withTicked(left, id, !ticked))}
          />
        )}
        {data && <p role="status">{sayOthers(matches.length, data.others, putting.data ?? 0)}</p>}
        <Hint>
          A picture is named like a product by its item code or its address, with or without a number:
          “KC-101”, “KC-101-2”. It comes after the pictures that the product has.
        </Hint>
      </FormDialog>
    </>
  );
}

/** What becomes of the pictures that are put nowhere. */
function sayOthers(matches: number, others: number, without: number): string {
  if (without > 0)
    return `${counted(without, 'picture')} had no room: their products have as many as they can. They stay here.`;
  if (others === 0) return '';
  const [are, them] = others === 1 ? ['is', 'it'] : ['are', 'them'];
  const said = `${counted(others, 'picture')} that nothing uses ${are} named like no product, or like several.`;
  return matches === 0 ? said : `${said} Name ${them} otherwise to put ${them} with one.`;
}

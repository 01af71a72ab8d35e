import { X } from 'lucide-react';
import { useState } from 'react';
import type { StorePicture } from '../../../core/api/pictures.ts';
import type { PictureAssortment } from '../../../core/assortment/others/pictures.ts';
import { renditionAddress } from '../../../core/picture/renditions.ts';
import { LINK } from '../../../core/plan/link.ts';
import { LONGEST_LINK } from '../../../core/plan/link.ts';
import { LONGEST_HEADING } from '../../../core/plan/words.ts';
import { SettingBox } from '../../settings/SettingBox.tsx';
import { Stack } from '../../settings/Stack.tsx';
import { useSet } from '../../settings/useSetting.ts';
import { usePictures, usePictureSearch } from '../../api/usePictureSearch.ts';
import { UploadButton } from '../../pictures/UploadButton.tsx';
import { UploadProgress } from '../../pictures/UploadProgress.tsx';
import { pictureName } from '../../pictures/PictureTile.tsx';
import { Button } from '../../ui/Button.tsx';
import { Words } from '../../ui/Words.tsx';
import { Search } from '../../ui/Search.tsx';
import type { AssortmentKind } from './kind.ts';

function Thumbnail({ picture }: { picture: StorePicture | undefined }) {
  return picture ? (
    <img
      src={renditionAddress(picture, 96)}
      alt=""
      width={56}
      height={56}
      style={{ objectFit: 'cover', borderRadius: 4 }}
    />
  ) : (
    <span aria-hidden />
  );
}

/** Loose pictures, each with words and a link; put in by searching the stored pictures. */
export const pictures: AssortmentKind<'pictures'> = {
  Which({ assortment, on }) {
    const set = useSet(on);
    const [words, setWords] = useState('');
    const found = usePictureSearch(words);
    const { items } = assortment;
    const { pictures: shown } = usePictures([...new Set(items.map(({ pictureId }) => pictureId))]);
    const pictureOf = (id: string) => shown.find((one) => one.id === id);
    const putIn = (ids: readonly string[]) =>
      set('assortment.items', [...items, ...ids.map((pictureId) => ({ pictureId, words: '', link: '' }))]);
    const change = (at: number, next: Partial<PictureAssortment['items'][number]>) =>
      set(
        'assortment.items',
        items.map((item, i) => (i === at ? { ...item, ...next } : item)),
      );
    return (
      <SettingBox id="assortment.items">
        <Stack style={{ gap: 10 }}>
          {items.map((item, i) => (
            <div
              key={`${item.pictureId} ${i}`}
              style={{ display: 'grid', gridTemplateColumns: '56px 1fr 22px', gap: 8 }}
            >
              <Thumbnail picture={pictureOf(item.pictureId)} />
              <div style={{ display: 'grid', gap: 4 }}>
                <Words
                  label="Words"
                  value={item.words}
                  longest={LONGEST_HEADING}
                  onChange={(next) => change(i, { words: next })}
                />
                <Words
                  label="Link"
                  value={item.link}
                  longest={LONGEST_LINK}
                  placeholder="Nowhere"
                  fault={(next) => (next === '' || LINK.test(next) ? null : 'Begin with "/" or "https://".')}
                  onChange={(next) => change(i, { link: next })}
                />
              </div>
              <Button
                aria-label={`Remove picture ${i + 1}`}
                style={{ padding: 2, minHeight: 22, height: 24 }}
                onPress={() =>
                  set(
                    'assortment.items',
                    items.filter((_, other) => other !== i),
                  )
                }
              >
                <X size={13} />
              </Button>
            </div>
          ))}
          <Search
            label="Put a picture in"
            shown={false}
            placeholder="Put a picture in: type its name"
            pending={found.isFetching}
            find={() =>
              (found.pictures ?? []).map((picture) => ({
                id: picture.id,
                words: pictureName(picture),
                picture: renditionAddress(picture, 96),
              }))
            }
            onType={setWords}
            onChoose={(pictureId) => putIn([pictureId])}
          />
          <UploadButton
            label="Pictures from this computer"
            many
            onStored={(stored) => putIn(stored.map(({ id }) => id))}
          />
          <UploadProgress />
        </Stack>
      </SettingBox>
    );
  },
};

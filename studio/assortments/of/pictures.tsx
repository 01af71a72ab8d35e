import { X } from 'lucide-react';
import { useState } from 'react';
import type { PictureAssortment } from '../../../core/assortment/others/pictures.ts';
import { renditionAddress } from '../../../core/picture/renditions.ts';
import { LINK } from '../../../core/plan/link.ts';
import { LONGEST_LINK } from '../../../core/plan/link.ts';
import { LONGEST_HEADING } from '../../../core/plan/words.ts';
import { SettingBox } from '../../settings/SettingBox.tsx';
import { Stack } from '../../settings/Stack.tsx';
import { useSet } from '../../settings/useSetting.ts';
import { usePictureSearch } from '../../api/usePictureSearch.ts';
import { Button } from '../../ui/Button.tsx';
import { Words } from '../../ui/Words.tsx';
import { Search } from '../../ui/Search.tsx';
import type { AssortmentKind } from './kind.ts';

/** Loose pictures, each with words and a link; put in by searching the stored pictures. */
export const pictures: AssortmentKind<'pictures'> = {
  Which({ assortment, on }) {
    const set = useSet(on);
    const [words, setWords] = useState('');
    const found = usePictureSearch(words);
    const stored = found.data?.pictures ?? [];
    const { items } = assortment;
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
              <img
                src={renditionAddress(item.pictureId, 96)}
                alt=""
                width={56}
                height={56}
                style={{ objectFit: 'cover', borderRadius: 4 }}
              />
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
            find={() => stored.slice(0, 30).map(({ id, alt }) => ({ id, words: alt || id.slice(0, 8) }))}
            onType={setWords}
            onChoose={(pictureId) => set('assortment.items', [...items, { pictureId, words: '', link: '' }])}
          />
        </Stack>
      </SettingBox>
    );
  },
};

import type { CollectionAssortment } from '../../core/assortment/others/collections.ts';
import type { EntryAssortment } from '../../core/assortment/others/entries.ts';
import type { PictureAssortment } from '../../core/assortment/others/pictures.ts';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { X } from 'lucide-react';
import type { PictureFacts } from '../../core/catalogue/facts.ts';
import { renditionAddress } from '../../core/picture/renditions.ts';
import { LINK } from '../../core/plan/link.ts';
import type { Target } from '../../core/plan/commands.ts';
import { LONGEST_HEADING, LONGEST_LINK } from '../../core/plan/words.ts';
import { SettingBox, Stack, useSet } from '../arrange/spec/lines/controls.tsx';
import { useStudio } from '../studioContext.tsx';
import { Switch, Words } from '../ui/fields.tsx';
import { NamedList } from '../ui/NamedList.tsx';
import { Pick } from '../ui/Pick.tsx';
import { Search } from '../ui/Search.tsx';
import { Button } from '../ui/Button.tsx';
import { ChosenFrom } from './clauses/chosenFrom.tsx';

interface Props<A> {
  assortment: A;
  on: Target;
}

interface Named {
  id: number;
  words: string;
}

/** All of them, or some named one by one in an order of their own. */
function AllOrNamed({
  what,
  all,
  ids,
  onChange,
}: {
  what: string;
  all: readonly Named[];
  ids: number[] | null;
  onChange(ids: number[] | null): void;
}) {
  const word = (id: number) => all.find((one) => one.id === id)?.words ?? `${id}, which is gone`;
  return (
    <SettingBox id="assortment.ids">
      <Switch on={ids === null} onChange={(every) => onChange(every ? null : [])}>
        All {what}
      </Switch>
      {ids !== null && (
        <>
          <NamedList
            items={ids.map((id) => ({ id: String(id), words: word(id) }))}
            onRemove={(id) => onChange(ids.filter((one) => String(one) !== id))}
            onMove={(next) => onChange(next.map(Number))}
          />
          <Search
            label={`Name one of the ${what}`}
            shown={false}
            placeholder="Type a name"
            find={(typed) =>
              all
                .filter(
                  ({ id, words }) =>
                    !ids.includes(id) && words.toLowerCase().includes(typed.trim().toLowerCase()),
                )
                .slice(0, 40)
                .map(({ id, words }) => ({ id: String(id), words }))
            }
            onChoose={(id) => onChange([...ids, Number(id)])}
          />
        </>
      )}
    </SettingBox>
  );
}

export function CollectionsControls({ assortment, on }: Props<CollectionAssortment>) {
  const { vocabulary } = useStudio();
  const set = useSet(on);
  const { ids, without, order } = assortment;
  return (
    <>
      <AllOrNamed
        what="collections"
        all={vocabulary.collections.map(({ id, name }) => ({ id, words: name }))}
        ids={ids}
        onChange={(next) => set('assortment.ids', next)}
      />
      <SettingBox id="assortment.without">
        <Stack style={{ gap: 6 }}>
          <span>Leave out</span>
          <Switch on={without.empty} onChange={(empty) => set('assortment.without', { ...without, empty })}>
            Empty ones
          </Switch>
          <Switch
            on={without.pictureless}
            onChange={(pictureless) => set('assortment.without', { ...without, pictureless })}
          >
            Ones without a picture
          </Switch>
        </Stack>
      </SettingBox>
      <SettingBox id="assortment.order">
        <Pick
          label="Order"
          value={order.by}
          options={[
            { value: 'own' as const, words: 'Your own order' },
            { value: 'name' as const, words: 'By name' },
            { value: 'count' as const, words: 'Fullest first' },
            ...(ids === null ? [] : [{ value: 'asNamed' as const, words: 'As named' }]),
          ]}
          onChange={(by) => set('assortment.order', { by })}
        />
      </SettingBox>
    </>
  );
}

export function EntriesControls({ assortment, on }: Props<EntryAssortment>) {
  const { vocabulary } = useStudio();
  const set = useSet(on);
  const { ids, tags, order } = assortment;
  const known = [...new Set(vocabulary.entries.flatMap((entry) => entry.tags))].sort();
  return (
    <>
      <AllOrNamed
        what="journal entries"
        all={vocabulary.entries.map(({ id, title }) => ({ id, words: title }))}
        ids={ids}
        onChange={(next) => set('assortment.ids', next)}
      />
      <SettingBox id="assortment.tags">
        <p>With one of these tags; none for any</p>
        <ChosenFrom
          label="Tag"
          placeholder="Type a tag"
          all={known.map((tag) => ({ id: tag, words: tag }))}
          chosen={tags}
          onChange={(next) => set('assortment.tags', next)}
        />
      </SettingBox>
      <SettingBox id="assortment.order">
        <Pick
          label="Order"
          value={order.by}
          options={[
            { value: 'newest' as const, words: 'Newest' },
            { value: 'oldest' as const, words: 'Oldest' },
            { value: 'title' as const, words: 'Title' },
            ...(ids === null ? [] : [{ value: 'asNamed' as const, words: 'As named' }]),
          ]}
          onChange={(by) => set('assortment.order', { by })}
        />
      </SettingBox>
    </>
  );
}

/** Loose pictures, each with words and a link; put in by searching the stored pictures. */
export function PicturesControls({ assortment, on }: Props<PictureAssortment>) {
  const { client } = useStudio();
  const set = useSet(on);
  const [words, setWords] = useState('');
  const found = useQuery({
    queryKey: ['picture search', words],
    queryFn: () =>
      client.get<{ pictures: PictureFacts[] }>(`/api/pictures?words=${encodeURIComponent(words)}`),
    placeholderData: (before) => before,
  });
  const pictures = found.data?.pictures ?? [];
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
                label="Leads to"
                value={item.link}
                longest={LONGEST_LINK}
                placeholder="Nowhere"
                fault={(next) => (next === '' || LINK.test(next) ? null : 'Begin with "/" or "https://".')}
                onChange={(next) => change(i, { link: next })}
              />
            </div>
            <Button
              aria-label={`Take out picture ${i + 1}`}
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
          find={() => pictures.slice(0, 30).map(({ id, alt }) => ({ id, words: alt || id.slice(0, 8) }))}
          onType={setWords}
          onChoose={(pictureId) => set('assortment.items', [...items, { pictureId, words: '', link: '' }])}
        />
      </Stack>
    </SettingBox>
  );
}

import { X } from 'lucide-react';
import { useState } from 'react';
import { fold } from '../../../core/catalogue/fold.ts';
import { SELLING_BY, type SellingBy } from '../../../core/catalogue/selling.ts';
import { groupName, saySold } from '../../../core/group/sayStoreGroups.ts';
import { groupId, groupNamed, MOST_GROUPS, type StoreGroup } from '../../../core/group/storeGroup.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { useCategorySearch } from '../../assortments/useCategorySearch.ts';
import { useNames, useStudio } from '../../studioContext.tsx';
import { QuietButton } from '../../ui/Button.tsx';
import { OrderedList } from '../../ui/OrderedList.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Search } from '../../ui/Search.tsx';
import { PictureControl } from '../controls/Picture.tsx';
import { Hint, Stack } from '../Stack.tsx';
import { changed } from './changed.ts';
import type { OwnControlProps } from './ownControl.ts';
import { SettingsBox } from './SettingsBox.tsx';

const AS_STORE = 'store';
const WAYS: { value: SellingBy | typeof AS_STORE; words: string }[] = [
  { value: AS_STORE, words: 'As the store does' },
  ...Object.entries(SELLING_BY).map(([value, words]) => ({ value: value as SellingBy, words })),
];

/** Icons of categories and collections, and categories whose goods are sold otherwise than the store does. */
export function StoreGroups({ on, value }: Pick<OwnControlProps, 'on'> & { value: readonly StoreGroup[] }) {
  const { draft, vocabulary } = useStudio();
  const findCategories = useCategorySearch();
  const names = useNames();
  const [open, setOpen] = useState<string | null>(null);
  const write = (groups: readonly StoreGroup[]) =>
    draft.run({ do: 'set', on, setting: 'groups', value: groups });
  const change = (next: StoreGroup) => write(value.map((one) => (one.id === next.id ? next : one)));
  /** Of those that are not in the list yet. */
  const find = (typed: string) => {
    const words = fold(typed);
    const categories = findCategories(typed).map(({ id, aside, ...one }) => ({
      ...one,
      id: groupId('category', Number(id)),
      aside: `category, ${aside}`,
    }));
    const collections = vocabulary.collections
      .filter(({ name }) => fold(name).includes(words))
      .map(({ id, name, products }) => ({
        id: groupId('collection', id),
        words: name,
        aside: `collection, ${counted(products, 'product')}`,
      }));
    return [...categories, ...collections].filter(({ id }) => !value.some((one) => one.id === id));
  };
  const nameOf = (id: string) => groupName(id, names) ?? `A ${groupNamed(id).of} that is gone`;
  const opened = value.find(({ id }) => id === open);
  return (
    <Stack>
      <h3>Categories and collections</h3>
      <div data-setting="groups">
        <OrderedList
          label="Categories and collections with something of their own"
          empty="None has an icon or is sold otherwise."
          rows={value.map(({ id, icon, by }) => ({
            id,
            name: nameOf(id),
            facts: [icon ? 'icon' : '', by ? saySold(by) : ''].filter(Boolean).join(', '),
          }))}
          open={open}
          onOpen={(id) => setOpen(id === open ? null : id)}
        />
      </div>
      {opened && (
        <SettingsBox key={opened.id} aria-label={`Settings of ${nameOf(opened.id)}`}>
          <h3>{nameOf(opened.id)}</h3>
          <Stack>
            {groupNamed(opened.id).of === 'category' && (
              <div>
                <Pick
                  label="How its products are sold"
                  value={opened.by ?? AS_STORE}
                  options={WAYS}
                  onChange={(by) => change(changed(opened, 'by', by === AS_STORE ? undefined : by))}
                />
                <Hint>Holds for the categories below it too, unless they have their own way.</Hint>
              </div>
            )}
            <PictureControl
              control={{ is: 'picture' }}
              label="Icon"
              shown
              inherits={false}
              value={opened.icon ?? null}
              onChange={(icon) => change(changed(opened, 'icon', (icon as string | null) ?? undefined))}
            />
            <div>
              <QuietButton
                onPress={() => {
                  write(value.filter((one) => one !== opened));
                  setOpen(null);
                }}
              >
                <X size={14} aria-hidden /> As all others
              </QuietButton>
            </div>
          </Stack>
        </SettingsBox>
      )}
      {value.length < MOST_GROUPS && (
        <Search
          label="Add a category or collection"
          placeholder="Find by name"
          opensAtOnce
          find={find}
          onChoose={(id) => {
            write([...value, { id }]);
            setOpen(id);
          }}
        />
      )}
      <Hint>Cards of categories and collections show icons in the part Icon.</Hint>
    </Stack>
  );
}

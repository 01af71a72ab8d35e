import { linksOfTree, menuItemName } from '../../../core/bays/menu.ts';
import { MOST_MENU_ITEMS, type MenuItem } from '../../../core/bays/menuItem.ts';
import { LONGEST_LINK_WORDS } from '../../../core/bays/linkItem.ts';
import { namedIn } from '../../../core/plan/link.ts';
import { linkTo } from '../../../core/plan/linkTo.ts';
import { capital } from '../../../core/sentence/sentence.ts';
import { textsFor } from '../../../core/texts/index.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button, TextButton } from '../../ui/Button.tsx';
import { Search } from '../../ui/Search.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { Hint, Stack } from '../Stack.tsx';
import { changed } from './changed.ts';
import { freeId } from '../../../core/settings/freeId.ts';
import { ListOf, plainRow } from './ListOf.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { RowLink, RowWords } from './RowWords.tsx';
import { useLinkSearch } from './useLinkSearch.ts';

type Props = Pick<OwnControlProps, 'on'> & { value: readonly MenuItem[] | null };

/** The links of a menu: of the categories, whichever there are, or chosen one by one, in order and on two levels. */
export function MenuItems({ on, value }: Props) {
  const { draft, tree, vocabulary } = useStudio();
  const plan = useDraft((state) => state.plan);
  const search = useLinkSearch();
  const bay =
    'page' in on && on.bay !== undefined
      ? plan.pages[on.page]?.bays.find(({ id }) => id === on.bay)
      : undefined;
  if (bay?.holds !== 'menu') return null;
  const set = (items: readonly MenuItem[] | undefined) =>
    draft.run({ do: 'set', on, setting: 'items', value: items });
  if (value === null)
    return (
      <Stack>
        <Hint>
          The main categories that hold something, in their order. A new one comes in, and one that is empty
          goes, by itself.
        </Hint>
        <Button onPress={() => set(linksOfTree(tree, bay, textsFor(plan.house)))}>
          Choose links one by one
        </Button>
      </Stack>
    );
  const targetOf = (link: string) => linkTo(link, { plan, tree, collections: vocabulary.collections });
  const nameOf = (one: MenuItem, i: number) =>
    one.words ?? (one.link ? (targetOf(one.link)?.name ?? 'Something that is gone') : menuItemName(one, i));
  const factsOf = ({ link = '' }: MenuItem) => {
    const named = namedIn(link);
    if (!named) return link || 'leads nowhere';
    return targetOf(link) ? named.what : `its ${named.what} is gone, so it is not shown`;
  };
  const isFull = value.length >= MOST_MENU_ITEMS;
  return (
    <Stack>
      {!isFull && (
        <Search
          label="Add a category, a collection or a page"
          placeholder="Type its name"
          find={search}
          opensAtOnce
          onChoose={(link) => set([...value, { id: freeId('link', value), link }])}
        />
      )}
      <ListOf
        on={on}
        setting="items"
        value={value}
        most={MOST_MENU_ITEMS}
        noun="link"
        label="Links of the menu"
        empty="There is no link yet."
        nameOf={nameOf}
        factsOf={factsOf}
        under={{
          is: ({ under }) => under === true,
          changed: (one, under) => changed(one, 'under', under || undefined),
        }}
        make={(id, copyOf) => plainRow<MenuItem>(copyOf ? { ...copyOf, id } : { id, words: 'New link' })}
      >
        {(one, change) => (
          <>
            <RowWords
              label="Words"
              value={one.words}
              longest={LONGEST_LINK_WORDS}
              placeholder={one.link ? (targetOf(one.link)?.name ?? 'Its name') : 'Its name'}
              onChange={(next) => change('words', next)}
            />
            {one.link && namedIn(one.link) ? (
              <Hint>
                {capital(namedIn(one.link)!.what)}: {targetOf(one.link)?.name ?? 'gone'}. It is found wherever
                its address is.{' '}
                <TextButton onPress={() => change('link', undefined)}>Use an address instead</TextButton>
              </Hint>
            ) : (
              <div>
                <RowLink label="Link" value={one.link} onChange={(link) => change('link', link)} />
                <Hint>
                  An address such as /shop or https://…; without one, it is the name of those that belong to
                  it.
                </Hint>
              </div>
            )}
            {one !== value[0] && (
              <Switch on={one.under === true} onChange={(under) => change('under', under || undefined)}>
                Belongs to the link above
              </Switch>
            )}
          </>
        )}
      </ListOf>
      <TextButton onPress={() => set(undefined)}>Show the categories again</TextButton>
    </Stack>
  );
}

import { linkName } from '../../../core/bays/links.ts';
import { LONGEST_LINK_WORDS, MOST_LINKS, type LinkItem } from '../../../core/bays/linkItem.ts';
import { ICON_IDS, ICONS } from '../../../core/bays/iconIds.ts';
import { BayIcon } from '../../../storefront/bays/BayIcon.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Hint } from '../Stack.tsx';
import { ListOf, plainRow } from './ListOf.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { RowLink, RowWords } from './RowWords.tsx';

const NO_ICON = 'none';

/** The links of a bay: where each leads, its words and its icon, and in which order. */
export function BayLinks({ on, value }: Pick<OwnControlProps, 'on'> & { value: readonly LinkItem[] }) {
  return (
    <ListOf
      on={on}
      setting="links"
      value={value}
      most={MOST_LINKS}
      noun="link"
      label="Links of the bay"
      empty="There is no link yet."
      nameOf={linkName}
      factsOf={({ link }) => link ?? 'leads nowhere yet'}
      make={(id, copyOf) => plainRow<LinkItem>(copyOf ? { ...copyOf, id } : { id, words: 'New link' })}
    >
      {(one, change) => (
        <>
          <RowWords
            label="Words"
            value={one.words}
            longest={LONGEST_LINK_WORDS}
            placeholder="As the address"
            onChange={(next) => change('words', next)}
          />
          <div>
            <RowLink label="Link" value={one.link} onChange={(link) => change('link', link)} />
            <Hint>
              {one.link
                ? 'A page of the store, such as /shop, any https address, mailto: or tel:.'
                : 'A link that leads nowhere is not shown.'}
            </Hint>
          </div>
          <Pick
            label="Icon"
            value={one.icon ?? NO_ICON}
            options={[
              { value: NO_ICON, words: 'No icon' },
              ...ICON_IDS.map((id) => ({
                value: id,
                words: ICONS[id],
                picture: <BayIcon icon={id} px={16} />,
              })),
            ]}
            onChange={(icon) => change('icon', icon === NO_ICON ? undefined : icon)}
          />
        </>
      )}
    </ListOf>
  );
}

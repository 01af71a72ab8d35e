import { Heart, ShoppingBasket, User } from 'lucide-react';
import { hasIcons } from '../../core/bays/ownLinks.ts';
import type { BayDrawingProps } from './bayDrawing.ts';

const ICONS = { saved: Heart, basket: ShoppingBasket, account: User } as const;

/** A shopper's own places; how much is there is written by the shopper's own script. */
export function OwnLinksBay({ content: { links, shown } }: BayDrawingProps<'ownLinks'>) {
  return (
    <div className="inner own-links">
      {links.map(({ id, words, link }) => {
        const Icon = ICONS[id];
        return (
          <a key={id} className="own-link" href={link}>
            {hasIcons(shown) && <Icon size={22} strokeWidth={1.7} aria-hidden />}
            <span className="own-words">{words}</span>{' '}
            {id !== 'account' && <span {...{ [`data-${id}-count`]: '' }} />}
          </a>
        );
      })}
    </div>
  );
}

import { Bookmark, Eye, MessageCircleQuestionMark, ShoppingBasket } from 'lucide-react';
import { BUTTON_ICON_PX, type ButtonIcon, type ButtonSays } from '../../core/card/button.ts';

/** The icons of buttons, from one set, wherever they stand. */
const icons = {
  basket: ShoppingBasket,
  ask: MessageCircleQuestionMark,
  quick: Eye,
  save: Bookmark,
} satisfies Record<ButtonIcon, unknown>;

/** What stands in a button: its icon, its words, or both. */
export function ButtonFace({ says: { icon, showsWords, words } }: { says: ButtonSays }) {
  const Icon = icon && icons[icon];
  return (
    <>
      {Icon && <Icon size={BUTTON_ICON_PX} aria-hidden="true" />}
      {showsWords && <span>{words}</span>}
    </>
  );
}

/**
 * A button that leads somewhere.
 * @param quick a page that is shown in a window instead, where there is script
 */
export function ButtonLink({
  says,
  href,
  name,
  quick,
}: {
  says: ButtonSays;
  href: string;
  name: string;
  quick?: string;
}) {
  return (
    <a
      className={says.showsWords ? 'act leads' : 'act leads icon'}
      href={href}
      aria-label={name}
      data-quick={quick}
    >
      <ButtonFace says={says} />
    </a>
  );
}

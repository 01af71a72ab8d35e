import { choice } from '../settings/values.ts';
import { setting } from '../settings/setting.ts';
import { cssName } from '../css/written.ts';

/** How wide a button of a card is. */
export const buttonWidth = (part: string) => ({
  width: setting(choice({ words: 'As its words', card: 'As the card' }), 'words', {
    name: `${part}: width`,
    find: ['width', 'wide', 'button'],
  }),
});

/** @param scope selector of the shelf, @param id of the part */
export const buttonWidthCss = (scope: string, id: string, width: 'words' | 'card'): string =>
  width === 'card' ? `${scope} .texts .part-${cssName(id)} .act{width:100%}` : '';

import { choice } from '../settings/values.ts';
import { setting } from '../settings/setting.ts';

/** What stands in a button of a card. */
export const buttonShows = (part: string, atFirst: 'words' | 'icon' = 'words') => ({
  shows: setting(choice({ words: 'Words', icon: 'Icon', both: 'Icon and words' }), atFirst, {
    name: `${part}: what it shows`,
    find: ['icon', 'words', 'button'],
  }),
});

import { choice } from '../../settings/values.ts';
import { setting } from '../../settings/setting.ts';
import { buttonPart, type ButtonSays } from '../button.ts';
import { buttonShows } from '../buttonShows.ts';
import { buttonWords } from '../buttonWords.ts';
import { buttonWidth, buttonWidthCss } from '../buttonWidth.ts';
import { partKindOf } from '../partKind.ts';

interface Said extends ButtonSays {
  href: string;
  name: string;
}

/** Leads to the form by which a quote for a product is asked for, or something about it, however else it is sold. */
export const askPart = partKindOf({
  id: 'ask',
  of: ['products'],
  name: 'Ask button',
  find: ['ask', 'quote', 'question', 'contact', 'button'],
  atFirst: false,
  settings: {
    ...buttonWidth('Ask button'),
    asks: setting(choice({ quote: 'For a quote', question: 'A question' }), 'quote', {
      name: 'Ask button: what it asks',
      find: ['quote', 'question'],
      about: 'What shoppers ask comes to the outbox.',
    }),
    ...buttonWords('Ask button'),
    ...buttonShows('Ask button'),
  },
  needs: [],
  ...buttonPart<Said>(),
  reads: ({ asks, words, shows }) => ({ asks, words: words.trim(), shows }),
  view: (item, { asks, words, shows }, { texts }): Said | null => {
    if (item.of !== 'products') return null;
    const { slug, title } = item.product;
    const said = words || (asks === 'quote' ? texts.askQuote : texts.askAbout);
    return {
      href: asks === 'quote' ? `/ask/${slug}?for=quote` : `/ask/${slug}`,
      words: said,
      icon: shows === 'words' ? null : 'ask',
      showsWords: shows !== 'icon',
      name: `${said}: ${title}`,
    };
  },
  css: (scope, { width }) => buttonWidthCss(scope, 'ask', width),
  say: ({ asks }) => (asks === 'quote' ? 'button that asks for a quote' : 'button that asks a question'),
});

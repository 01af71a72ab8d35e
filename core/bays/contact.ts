import { counted, listed } from '../sentence/sentence.ts';
import { setting } from '../settings/setting.ts';
import { inParts, own, text } from '../settings/values.ts';
import { person, type FormField } from '../shopper/forms.ts';
import type { SentForm } from '../shopper/shopper.ts';
import { contentLine, opens, orElse } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { withHeading } from '../view/headingHeight.ts';
import type { BayKind } from './bayKind.ts';
import { contactFieldsSchema, fieldName, formField, sentAs, type ContactField } from './contactField.ts';
import { LONGEST_BUTTON } from './textItem.ts';
import { withoutShelves } from './withoutShelves.ts';

const LONGEST_THANKS = 300;

const settings = {
  text: {
    fields: setting(
      inParts(
        own<ContactField[]>(contactFieldsSchema, (fields) =>
          fields.length
            ? listed(fields.map((one, i) => `"${fieldName(one, i)}"`))
            : 'name and e-mail address alone',
        ),
      ),
      [],
      { name: 'Fields', find: ['fields', 'form', 'questions', 'message'] },
    ),
    button: setting(text(LONGEST_BUTTON, 'the usual'), '', {
      name: 'Text of the button',
      find: ['button', 'send', 'text'],
    }),
    thanks: setting(text(LONGEST_THANKS, 'the usual', true), '', {
      name: 'What it says once it was sent',
      find: ['thanks', 'thank you', 'sent', 'confirmation'],
    }),
  },
};

/** What an address asks for when the form was sent. */
const THANKS = 'thanks';

export interface ContactContent {
  bayId: string;
  /** Where the page is, so that the form comes back to it. */
  path: string;
  fields: readonly ContactField[];
  /** Empty for the usual one. */
  button: string;
  thanks: string;
  /** Where the store is; empty where that is not said. */
  place: string;
  /** What was sent and could not be taken, to be mended; null where nothing was. */
  sent: SentForm | null;
  /** It was sent, and the shopper is thanked. */
  done: boolean;
}

/** What is asked for, by the names under which it is sent. */
export const contactFields = (fields: readonly ContactField[]): Record<string, FormField> => ({
  ...person,
  ...Object.fromEntries(fields.map((field, i) => [sentAs(field), formField(field, i)])),
});

/** As the sheet of the storefront has them, px. */
const FIELD_PX = 88;
const LONG_FIELD_PX = 189;
const SEND_PX = 70;
const LINE_PX = 24;
const ABOVE_PX = 16;

/** A form by which shoppers write to the store; what is sent comes to its outbox. */
export const contactBay: BayKind<typeof settings, ContactContent> = {
  id: 'contact',
  name: 'Contact form',
  settings,
  defaults: {},
  hasHeading: true,
  spec: [
    contentLine('text', 'Form', ({ fields, button, thanks }) => {
      const list = fields as readonly ContactField[];
      return [
        opens(
          list.length
            ? `Name, e-mail address and ${counted(list.length, 'field')}: ${listed(list.map((one, i) => `"${fieldName(one, i)}"`))}`
            : 'Name and e-mail address alone',
          'fields',
        ),
        '; ',
        opens(`button ${orElse(button, 'as usual')}`, 'button'),
        '; ',
        opens(`thanks ${orElse(thanks, 'as usual')}`, 'thanks'),
      ];
    }),
    lookLine,
    visibilityLine,
  ],
  addable: true,
  named: ({ heading }) => heading.words || 'Contact form',
  atFirst: (id) => ({
    bay: {
      id,
      holds: 'contact',
      heading: { words: 'Write to us' },
      fields: [{ id: 'message', label: 'Your message', type: 'long', required: true }],
    },
    shelves: [],
  }),
  ...withoutShelves,
  showable: () => [THANKS],
  form: ({ fields }) => ({ fields: contactFields(fields), thanks: THANKS }),
  pictures: () => [],
  *view({ id, fields, button, thanks }, { about, address, opens: shows, anchorOf, plan }) {
    // The form comes back to where it is.
    anchorOf(id);
    const done = address.open[id] === THANKS;
    if (done) shows(id, THANKS);
    return {
      content: {
        bayId: id,
        path: address.path,
        fields,
        button,
        thanks,
        place: plan.house.shop.place,
        sent: about.sent?.bay === id ? about.sent : null,
        done,
      },
      empty: false,
    };
  },
  tones: () => [],
  heads: (_, heading) => heading.words !== '' && heading.level === 1,
  heightPx: ({ fields, place, done }, heading, bands, regionPx) => {
    const above = place ? place.split('\n').length * LINE_PX + ABOVE_PX : 0;
    if (done) return withHeading(heading, bands, regionPx, above + FIELD_PX);
    const all = Object.values(contactFields(fields)).map(({ type }) =>
      type === 'long' ? LONG_FIELD_PX : FIELD_PX,
    );
    return withHeading(heading, bands, regionPx, all.reduce((sum, px) => sum + px, above) + SEND_PX);
  },
  css: () => '',
};

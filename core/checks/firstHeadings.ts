import { bayKind } from '../bays/index.ts';
import { pageKind } from '../pages/index.ts';
import type { PageCheck } from './check.ts';

/** A page has one heading of the first level; screen readers and search engines go by it. */
export const firstHeadings: PageCheck = {
  id: 'first-headings',
  title: 'More than one first heading',
  severity: 'weak',
  reads: 'page',
  find: (view) => {
    const heads = view.bays.filter(
      ({ content, heading, empty }) => !empty && bayKind(content.holds).heads(content, heading),
    );
    // In the header or the footer one is one too many on every page.
    const { edge } = pageKind(view.kind);
    return heads.slice(edge ? 0 : 1).map(({ id, heading }) => {
      const ofBay = heading.words !== '' && heading.level === 1;
      return {
        at: { on: 'bay', page: view.pageId, bay: id },
        text: edge
          ? 'A first-level heading here is a second one on every page'
          : 'The page has a first-level heading above already',
        fix: ofBay
          ? {
              words: 'Make it second level',
              command: { do: 'set', on: { page: view.pageId, bay: id }, setting: 'heading.level', value: 2 },
            }
          : null,
        goTo: 'look',
      };
    });
  },
};

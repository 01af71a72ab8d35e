import { Plus } from 'lucide-react';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { fold } from '../../../core/catalogue/fold.ts';
import { isEdge, isPublic, pageKind, pagePath } from '../../../core/pages/index.ts';
import { bringBack, copyOfPage, dropPage, idsIn, removePage } from '../../../core/plan/pageEdits.ts';
import { isRemoved, type StoredPage } from '../../../core/plan/page.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { useChanges } from '../../publish/useChanges.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { MainButton } from '../../ui/Button.tsx';
import { FindField } from '../../ui/FindField.tsx';
import { t } from '../../ui/theme.ts';
import { useArranging } from '../arrangeContext.tsx';
import { newIds } from '../elevation/newId.ts';
import { PageList, type PageRow } from './PageList.tsx';

/** How often the focus is looked after once a menu is closed, and how far apart, ms. */
const FOCUS_TRIES = 10;
const FOCUS_BACK_MS = 100;

const Head = styled.div`
  display: flex;
  gap: 8px;
  padding: 10px 12px;
  .find {
    flex: 1;
  }
`;

const Lists = styled.div`
  overflow: auto;
  min-height: 0;
  padding-bottom: 8px;
`;

const None = styled.p`
  padding: 10px 12px;
  color: ${t.ink2};
`;

/** Where a page is, in words. */
const addressOf = ({ kind, slug = '' }: StoredPage): string => {
  const of = pageKind(kind);
  if (!isPublic({ kind })) return of.at;
  if (of.many) return slug ? pagePath(of, slug) : 'no address';
  return of.address.slugged ? `${pagePath(of, '')}…` : pagePath(of, '');
};

const ofOwner = ({ kind }: StoredPage): boolean => pageKind(kind).many;
const ofAll = ({ kind }: StoredPage): boolean => !pageKind(kind).many && pageKind(kind).address.slugged;

const ofStore = (page: StoredPage): boolean =>
  (isPublic(page) && !ofOwner(page) && !ofAll(page)) || pageKind(page.kind).nowhere === true;

const OF_ALL = 'For every one of a kind';

/** Each kind, followed by those of it that are arranged separately. */
const withSingles = (pages: readonly StoredPage[]): StoredPage[] =>
  pages
    .filter(({ about }) => !about)
    .flatMap((page) => [page, ...pages.filter((one) => one.about && one.kind === page.kind)]);

/** Every page of the store by sort, found by name or address; and the way to a new one. */
export function PagesPanel({
  onClose,
  onNew,
  onOne,
}: {
  onClose: () => void;
  onNew: () => void;
  /** One thing is to get an arrangement of its own. */
  onOne: () => void;
}) {
  const { draft } = useStudio();
  const { page: current } = useArranging();
  const stored = useDraft((state) => state.draft);
  const { changes, released } = useChanges();
  const navigate = useNavigate();
  const [words, setWords] = useState('');
  const open = (id: string, search = '') => {
    void navigate(`/arrange/${id}${search}`);
    onClose();
  };
  const pages = Object.values(stored.pages);
  const found = pages.filter((page) =>
    fold(`${page.name ?? 'Page'} ${addressOf(page)}`).includes(fold(words.trim())),
  );
  const rowOf = (page: StoredPage): PageRow => {
    const { id, name = 'Page', unlisted } = page;
    const count = changes.filter(({ place }) => place.group === name || place.also.includes(name)).length;
    const isLive = released !== undefined && Boolean(released.pages[id]) && !isRemoved(released.pages[id]!);
    return {
      id,
      name,
      address: addressOf(page),
      state: isRemoved(page)
        ? 'Deleted'
        : isLive
          ? unlisted
            ? 'Unlisted'
            : 'Live'
          : released
            ? 'Draft'
            : '',
      changes: count > 0 ? counted(count, 'change') : '',
      current: id === current.id,
      under: Boolean(page.about),
      acts: isRemoved(page)
        ? [
            { id: 'back', words: 'Bring back' },
            { id: 'drop', words: 'Delete for good' },
          ]
        : [
            ...(pageKind(page.kind).needs === null && isPublic(page)
              ? [{ id: 'copy', words: 'Duplicate' }]
              : []),
            ...(page.about ? [{ id: 'likeAll', words: 'Arrange like all others again' }] : []),
            ...(ofOwner(page)
              ? [
                  { id: 'settings', words: 'Name and address…' },
                  { id: 'remove', words: 'Delete' },
                ]
              : []),
          ],
    };
  };
  const find = useRef<HTMLInputElement>(null);
  /** A row that has gone cannot have the focus back from its menu, which takes its time to close. */
  const keepFocus = (times = FOCUS_TRIES) => {
    if (times === 0) return;
    setTimeout(() => {
      const { activeElement } = document;
      if (!activeElement || activeElement === document.body) find.current?.focus();
      keepFocus(times - 1);
    }, FOCUS_BACK_MS);
  };
  const act = (id: string, what: string) => {
    const page = stored.pages[id];
    if (!page) return;
    if (what === 'settings') return open(id, '?bay=page');
    if (what === 'likeAll') {
      keepFocus();
      draft.run(dropPage(page));
      const all = Object.values(stored.pages).find((one) => one.kind === page.kind && !one.about);
      if (id === current.id) void navigate(`/arrange/${all?.id ?? 'home'}`);
      return;
    }
    if (what === 'back' || what === 'drop' || what === 'remove') {
      keepFocus();
      draft.run(
        what === 'back' ? bringBack(stored, page) : what === 'drop' ? dropPage(page) : removePage(id),
      );
      if (what === 'remove' && id === current.id) void navigate('/arrange/home');
      return;
    }
    const ids = newIds([page.id, ...idsIn(page)], draft.getState().plan);
    draft.run(copyOfPage(stored, page, ids));
    open(ids[page.id]!, '?bay=page');
  };
  const there = found.filter((page) => !isRemoved(page));
  const lists: [string, StoredPage[]][] = [
    ['Store pages', there.filter(ofStore)],
    ['On every page', there.filter(isEdge)],
    [OF_ALL, withSingles(there.filter(ofAll))],
    ['Your pages', there.filter(ofOwner)],
    // Nothing is said of the library while nothing is kept in it.
    ['For any page', there.filter((page) => pageKind(page.kind).kept && page.bays.length > 0)],
  ];
  return (
    <>
      <Head>
        <FindField
          ref={find}
          label="Find a page"
          placeholder="Find by name or address"
          value={words}
          onChange={setWords}
        />
        <MainButton onPress={onNew}>
          <Plus size={15} aria-hidden /> New page
        </MainButton>
      </Head>
      <Lists>
        {lists.map(([title, some]) => (
          <PageList
            key={title}
            title={title}
            rows={some.map(rowOf)}
            onOpen={open}
            onAct={act}
            {...(title === OF_ALL && { aside: { words: 'Arrange one separately…', press: onOne } })}
          />
        ))}
        <PageList title="Deleted" rows={found.filter(isRemoved).map(rowOf)} onAct={act} />
        {found.length === 0 && <None>No page is called so, or is at such an address.</None>}
      </Lists>
    </>
  );
}

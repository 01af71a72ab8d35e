import { CircleUser, Redo2, Undo2 } from 'lucide-react';
import {
  lazy,
  Suspense,
  useEffect,
  useDeferredValue,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { Menu, MenuTrigger } from 'react-aria-components';
import { NavLink } from 'react-router';
import styled from 'styled-components';
import { useStore } from 'zustand';
import { useQuery } from '@tanstack/react-query';
import { changesBetween } from '../core/change/changesBetween.ts';
import { withoutTrials } from '../core/plan/places.ts';
import { emptyPlan } from '../core/plan/documents.ts';
import { readPlan } from '../core/plan/reading.ts';
import { liveQuery } from './api/live.ts';
import { DraftBoundary } from './DraftBoundary.tsx';
import { SeenBy } from './seenBy/SeenBy.tsx';
import { useDraft, useNames, useStudio } from './studioContext.tsx';
import { Brand } from './ui/Brand.tsx';
import { BarButton, TapeButton } from './ui/Button.tsx';
import { isTyping } from './ui/isTyping.ts';
import { MenuRow } from './ui/MenuRow.tsx';
import { PopoverBox } from './ui/Pick.tsx';
import { t } from './ui/theme.ts';
import { counted } from '../core/sentence/sentence.ts';

/** Dialogs are fetched once there is something to ask. */
const Publish = lazy(() => import('./publish/Publish.tsx').then((module) => ({ default: module.Publish })));
const SignInAgain = lazy(() =>
  import('./account/SignInAgain.tsx').then((module) => ({ default: module.SignInAgain })),
);
const Asides = lazy(() => import('./aside/index.tsx'));
const Shortcuts = lazy(() => import('./Shortcuts.tsx').then((module) => ({ default: module.Shortcuts })));

const Frame = styled.div`
  height: 100%;
  display: grid;
  grid-template-rows: 46px minmax(0, 1fr);
`;

const Bar = styled.header`
  background: ${t.ink};
  color: #e9eef0;
  display: flex;
  align-items: center;
  gap: 4px;
  padding: 0 14px;
  nav {
    margin-inline-start: 16px;
    flex: 1;
  }
  nav a {
    color: inherit;
    text-decoration: none;
    padding: 7px 10px;
    border-radius: ${t.corner};
    font-weight: 500;
  }
  nav a.active {
    background: #2b3b45;
    color: #fff;
  }
  /* The signs alone where there is little room. */
  @media (max-width: 860px) {
    padding: 0 8px;
    nav {
      margin-inline-start: 4px;
    }
    .word {
      display: none;
    }
  }
  a:focus-visible,
  button[data-focus-visible] {
    outline: 2px solid ${t.tape};
    outline-offset: 2px;
  }
`;

/** How long a dialog that has closed takes to give the focus back, ms. */
const FOCUS_BACK_MS = 100;

/** The place that is open. */
const Main = styled.main`
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  min-height: 0;
  min-width: 0;
  outline: none;
`;

/** The bar across the top, and what can be reached from everywhere. */
export function Shell({ children }: { children: ReactNode }) {
  const { draft, client, account, keep, signOut } = useStudio();
  const [stored, past, future] = [
    useDraft((s) => s.draft),
    useDraft((s) => s.past.length),
    useDraft((s) => s.future.length),
  ];
  const names = useNames();
  const live = useQuery(liveQuery(client));
  const signedOut = useDraft(({ saving }) => saving.state === 'signedOut');
  const fault = useStore(keep.fault);
  const told = useDraft(
    ({ conflicts, unreadable, saving }) =>
      conflicts.length + unreadable.length > 0 || saving.state === 'updated',
  );
  const asks = told || fault !== null || keep.left.length > 0;
  const [publishing, setPublishing] = useState(false);
  const main = useRef<HTMLElement>(null);
  const [helping, setHelping] = useState(false);
  // Before anything is published everything is new.
  const released = useMemo(
    () => live.data && (live.data.live ? withoutTrials(readPlan(live.data.live.plan).plan) : emptyPlan),
    [live.data],
  );
  // What has changed may be said a moment after it was painted.
  const late = useDeferredValue(stored);
  const changes = useMemo(
    () => (released ? changesBetween(released, withoutTrials(late), names) : []),
    [released, late, names],
  );

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const command = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      if (command && (key === 'z' || key === 'y')) {
        if (isTyping(event.target) && (event.target as HTMLInputElement).inputMode !== 'numeric') return;
        event.preventDefault();
        if (key === 'y' || event.shiftKey) draft.redo();
        else draft.undo();
      } else if (event.key === '?' && !isTyping(event.target)) setHelping(true);
    };
    // Before controls, which keep the keys that they are pressed by to themselves.
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, [draft]);

  return (
    <Frame>
      <Bar>
        <Brand />
        <nav aria-label="Places">
          <NavLink to="/arrange">Arrange</NavLink>
          <NavLink to="/assortments">Assortments</NavLink>
        </nav>
        <SeenBy />
        <BarButton aria-label="Undo" onPress={() => draft.undo()} isDisabled={past === 0}>
          <Undo2 size={16} aria-hidden /> <span className="word">Undo</span>
        </BarButton>
        <BarButton aria-label="Redo" onPress={() => draft.redo()} isDisabled={future === 0}>
          <Redo2 size={16} aria-hidden /> <span className="word">Redo</span>
        </BarButton>
        <MenuTrigger>
          <BarButton aria-label={`Account of ${account.name}`}>
            <CircleUser size={16} aria-hidden />
          </BarButton>
          <PopoverBox>
            <Menu
              onAction={(key) =>
                key === 'out' ? signOut() : key === 'keys' ? setHelping(true) : window.open('/', '_blank')
              }
            >
              <MenuRow id="live">See the live store</MenuRow>
              <MenuRow id="keys">Keys</MenuRow>
              <MenuRow id="out">Sign out {account.name}</MenuRow>
            </Menu>
          </PopoverBox>
        </MenuTrigger>
        <TapeButton isDisabled={changes.length === 0} onPress={() => setPublishing(true)}>
          {changes.length ? `Publish ${counted(changes.length, 'change')}` : 'Nothing to publish'}
        </TapeButton>
      </Bar>
      <Main ref={main} tabIndex={-1}>
        <DraftBoundary what="This place">{children}</DraftBoundary>
      </Main>
      <Suspense fallback={null}>
        {publishing && (
          <Publish
            open
            first={live.data?.live === null}
            changes={changes}
            onClose={() => {
              setPublishing(false);
              // The button that opened it can do nothing more once all is published, and cannot have the focus back.
              setTimeout(() => {
                if (document.activeElement === document.body) main.current?.focus();
              }, FOCUS_BACK_MS);
            }}
          />
        )}
        {signedOut && <SignInAgain />}
        {asks && <Asides />}
        {helping && <Shortcuts open onClose={() => setHelping(false)} />}
      </Suspense>
    </Frame>
  );
}

import { CircleUser } from 'lucide-react';
import { lazy, Suspense, useEffect, useRef, useState, type ReactNode } from 'react';
import { Menu, MenuTrigger } from 'react-aria-components';
import { NavLink, useNavigate } from 'react-router';
import styled from 'styled-components';
import { useStore } from 'zustand';
import { DraftBoundary } from './DraftBoundary.tsx';
import { SeenBy } from './seenBy/SeenBy.tsx';
import { SetUpBar } from './setUp/SetUpBar.tsx';
import { PublishButton } from './publish/PublishButton.tsx';
import { useDraft, useStudio } from './studioContext.tsx';
import { Brand } from './ui/Brand.tsx';
import { BarButton } from './ui/Button.tsx';
import { isTyping } from './ui/isTyping.ts';
import { MenuRow } from './ui/MenuRow.tsx';
import { PopoverBox } from './ui/Pick.tsx';
import { t } from './ui/theme.ts';
import { UndoRedo } from './UndoRedo.tsx';

/** Dialogs are fetched once there is something to ask. */
const SignInAgain = lazy(() =>
  import('./account/SignInAgain.tsx').then((module) => ({ default: module.SignInAgain })),
);
const Asides = lazy(() => import('./aside/index.tsx'));
const Shortcuts = lazy(() => import('./Shortcuts.tsx').then((module) => ({ default: module.Shortcuts })));

const Frame = styled.div`
  container: studio / inline-size;
  height: 100%;
  display: grid;
  grid-template: 46px auto minmax(0, 1fr) / minmax(0, 1fr);
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
  @container studio (max-width: 980px) {
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

/** The place that is open. */
const Main = styled.main`
  grid-row: 3;
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  min-height: 0;
  min-width: 0;
  outline: none;
`;

/** The bar across the top, and what can be reached from everywhere. */
export function Shell({ children }: { children: ReactNode }) {
  const { draft, account, keep, signOut } = useStudio();
  const signedOut = useDraft(({ saving }) => saving.state === 'signedOut');
  const fault = useStore(keep.fault);
  const told = useDraft(
    ({ conflicts, unreadable, saving }) =>
      conflicts.length + unreadable.length > 0 || saving.state === 'updated',
  );
  const asks = told || fault !== null || keep.left.length > 0;
  const main = useRef<HTMLElement>(null);
  const navigate = useNavigate();
  const [helping, setHelping] = useState(false);
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

  const does: Record<string, () => void> = {
    outbox: () => void navigate('/outbox'),
    setUp: () => void navigate('/set-up'),
    live: () => window.open('/', '_blank'),
    keys: () => setHelping(true),
    out: signOut,
  };

  return (
    <Frame>
      <Bar>
        <Brand />
        <nav aria-label="Places">
          <NavLink to="/arrange">Arrange</NavLink>
          <NavLink to="/assortments">Assortments</NavLink>
          <NavLink to="/catalogue">Catalogue</NavLink>
          <NavLink to="/house-style">House style</NavLink>
        </nav>
        <SeenBy />
        <UndoRedo />
        <MenuTrigger>
          <BarButton aria-label={`Account of ${account.name}`}>
            <CircleUser size={16} aria-hidden />
          </BarButton>
          <PopoverBox>
            <Menu onAction={(key) => does[String(key)]?.()}>
              <MenuRow id="outbox">Outbox</MenuRow>
              <MenuRow id="setUp">Set up</MenuRow>
              <MenuRow id="live">See the live store</MenuRow>
              <MenuRow id="keys">Keys</MenuRow>
              <MenuRow id="out">Sign out {account.name}</MenuRow>
            </Menu>
          </PopoverBox>
        </MenuTrigger>
        <PublishButton after={main} />
      </Bar>
      <SetUpBar />
      <Main ref={main} tabIndex={-1}>
        <DraftBoundary what="This place">{children}</DraftBoundary>
      </Main>
      <Suspense fallback={null}>
        {signedOut && <SignInAgain />}
        {asks && <Asides />}
        {helping && <Shortcuts open onClose={() => setHelping(false)} />}
      </Suspense>
    </Frame>
  );
}

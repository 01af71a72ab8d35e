import { ChevronDown } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Button, Dialog, DialogTrigger, Popover } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { t } from '../../ui/theme.ts';
import { useArranging } from '../arrangeContext.tsx';

/** Fetched once it is opened. */
const PagesPanel = lazy(() => import('./PagesPanel.tsx').then((module) => ({ default: module.PagesPanel })));

/** Fetched once one is to be made. */
const NewPage = lazy(() => import('./NewPage.tsx').then((module) => ({ default: module.NewPage })));

/** Fetched once one thing is to be arranged by itself. */
const ArrangeOne = lazy(() => import('./ArrangeOne.tsx').then((module) => ({ default: module.ArrangeOne })));

const Opener = styled(Button)`
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  width: 100%;
  border: 1px solid ${t.edge};
  border-radius: ${t.corner};
  background: #fff;
  min-height: 30px;
  padding: 3px 9px;
  cursor: pointer;
  text-align: start;
  overflow-wrap: anywhere;
  &[aria-expanded='true'] {
    border-color: ${t.pine};
    box-shadow: inset 0 0 0 1px ${t.pine};
  }
`;

const Box = styled(Popover)`
  background: ${t.paper};
  border: 1px solid ${t.edge};
  border-radius: ${t.corner};
  box-shadow: 0 8px 24px rgb(22 35 43 / 0.18);
  width: 480px;
  max-width: calc(100vw - 24px);
  outline: none;
  display: flex;
  .react-aria-Dialog {
    outline: none;
    flex: 1;
    min-width: 0;
    display: flex;
    flex-direction: column;
    max-height: inherit;
  }
`;

/** The page that is arranged, and the way to all others. */
export function PagesButton() {
  const { page } = useArranging();
  const [open, setOpen] = useState(false);
  const [making, setMaking] = useState<'page' | 'one' | null>(null);
  const navigate = useNavigate();
  return (
    <>
      <DialogTrigger isOpen={open} onOpenChange={setOpen}>
        <Opener aria-label={`Page: ${page.name}`}>
          {page.name}
          <ChevronDown size={14} aria-hidden />
        </Opener>
        <Box placement="bottom start" containerPadding={8}>
          <Dialog aria-label="Pages">
            <Suspense fallback={<p>Opening…</p>}>
              <PagesPanel
                onClose={() => setOpen(false)}
                onNew={() => {
                  setOpen(false);
                  setMaking('page');
                }}
                onOne={() => {
                  setOpen(false);
                  setMaking('one');
                }}
              />
            </Suspense>
          </Dialog>
        </Box>
      </DialogTrigger>
      {making === 'one' && (
        <Suspense fallback={null}>
          <ArrangeOne onClose={() => setMaking(null)} />
        </Suspense>
      )}
      {making === 'page' && (
        <Suspense fallback={null}>
          <NewPage
            onClose={() => setMaking(null)}
            onMade={(id) => {
              setMaking(null);
              void navigate(`/arrange/${id}`);
            }}
          />
        </Suspense>
      )}
    </>
  );
}

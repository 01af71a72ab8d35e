import styled from 'styled-components';
import { pageKind, pagePath } from '../../../core/pages/index.ts';
import type { Page } from '../../../core/plan/page.ts';
import type { PageView } from '../../../core/view/view.ts';
import { LineSettings } from '../../settings/LineSettings.tsx';
import { t } from '../../ui/theme.ts';
import type { About } from './about.ts';

const Panel = styled.section`
  grid-area: spec;
  background: ${t.paper};
  border-inline-end: 1px solid ${t.line};
  padding: 13px 16px;
  min-height: 0;
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 14px;
  h2 {
    font: 600 16px/1.25 ${t.names};
  }
  p {
    color: ${t.ink2};
  }
`;

/** The page itself, and below it what holds for the whole store. */
export function PageSpec({ page, about, view }: { page: Page; about: readonly About[]; view: PageView }) {
  const kind = pageKind(page.kind);
  const [ofPage, ofStore] = about;
  const common = { bands: view.bands, of: null, view: null, page: view, bayId: '', wanted: null };
  return (
    <Panel aria-label="Spec">
      <div>
        <h2>Page settings</h2>
        <p>At {kind.many && page.slug ? pagePath(kind, page.slug) : kind.at}</p>
      </div>
      {ofPage && <LineSettings line="page" {...ofPage} {...common} />}
      <p>Choose a bay at the left, or press one in a frame, to arrange it.</p>
      <div>
        <h2>The whole store</h2>
        <p>These hold on every page.</p>
      </div>
      {ofStore && <LineSettings line="selling" {...ofStore} {...common} />}
      {ofStore && <LineSettings line="groups" {...ofStore} {...common} />}
      {ofStore && <LineSettings line="labels" {...ofStore} {...common} />}
      {ofStore && <LineSettings line="swatches" {...ofStore} {...common} />}
      {ofStore && <LineSettings line="pictures" {...ofStore} {...common} />}
    </Panel>
  );
}

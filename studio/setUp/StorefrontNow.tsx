import styled from 'styled-components';
import type { PageView } from '../../core/view/view.ts';
import { PageNow } from '../arrange/wall/PageNow.tsx';
import { t } from '../ui/theme.ts';

const Waiting = styled.ul`
  position: absolute;
  inset: 22% 12% auto;
  list-style: none;
  display: grid;
  gap: 10px;
  li {
    display: grid;
    gap: 2px;
    justify-items: center;
    text-align: center;
    background: ${t.paper};
    border: 1px dashed ${t.edge};
    border-radius: ${t.corner};
    padding: 12px;
  }
  span {
    color: ${t.ink2};
  }
`;

interface StorefrontNowProps {
  view: PageView;
  /** Names of its shelves that show nothing yet, for want of products. */
  waiting: readonly string[];
}

/** The home page of the draft as it is, and what will be on it. */
export function StorefrontNow({ view, waiting }: StorefrontNowProps) {
  return (
    <div style={{ gridArea: 'now', display: 'grid', minWidth: 0, minHeight: 0 }}>
      <PageNow title="Your storefront now" named="The home page" view={view} begins="wide">
        {waiting.length > 0 && (
          <Waiting>
            {waiting.map((name) => (
              <li key={name}>
                <b>{name}</b>
                <span>Step 2: as soon as you add products</span>
              </li>
            ))}
          </Waiting>
        )}
      </PageNow>
    </div>
  );
}

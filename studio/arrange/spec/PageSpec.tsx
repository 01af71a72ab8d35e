import styled from 'styled-components';
import type { Page } from '../../../core/plan/page.ts';
import { LONGEST_NAME } from '../../../core/plan/words.ts';
import { useStudio } from '../../studioContext.tsx';
import { Words } from '../../ui/fields.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';

const Panel = styled.section`
  grid-area: spec;
  background: ${t.paper};
  border-inline-end: 1px solid ${t.line};
  padding: 13px 16px;
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

const addresses: Record<Page['kind'], string> = {
  home: '/',
  shop: '/shop',
  category: '/category/…, for every category',
  collection: '/collection/…, for every collection',
  product: '/product/…, for every product',
  journal: '/journal',
  entry: '/journal/…, for every entry',
};

/** The page itself. */
export function PageSpec({ page }: { page: Page }) {
  const { draft } = useStudio();
  return (
    <Panel aria-label="Spec">
      <div>
        <h2>The page itself</h2>
        <p>At {addresses[page.kind]}</p>
      </div>
      <Words
        label={page.kind === 'shop' ? 'Name and first heading' : 'Name in your list'}
        value={page.name}
        longest={LONGEST_NAME}
        fault={(value) => (value.trim() ? null : 'A page needs a name.')}
        onChange={(value) =>
          draft.run({ do: 'set', on: { page: page.id }, setting: 'name', value }, `page name ${page.id}`)
        }
      />
      <Pick
        label="Read"
        value={page.direction}
        options={[
          { value: 'language', words: 'As the language is' },
          { value: 'ltr', words: 'From left to right' },
          { value: 'rtl', words: 'From right to left' },
        ]}
        onChange={(value) => draft.run({ do: 'set', on: { page: page.id }, setting: 'direction', value })}
      />
      <p>Choose a bay at the left, or press one in a frame, to arrange it.</p>
    </Panel>
  );
}

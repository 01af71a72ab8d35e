import styled from 'styled-components';
import { bandById } from '../../../core/bands/bands.ts';
import { layoutKind } from '../../../core/layouts/index.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { shelfFacts, type ShelfFacts } from '../../../core/view/facts.ts';
import type { PageView, ShelfView } from '../../../core/view/view.ts';
import { t } from '../../ui/theme.ts';

const List = styled.dl`
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 5px 12px;
  background: ${t.wall};
  border-radius: ${t.corner};
  padding: 9px 11px;
  dt {
    color: ${t.ink2};
  }
  dd {
    margin: 0;
  }
`;

const inTenths = (value: number) => (Math.round(value * 10) / 10).toString();

const sayPages = ({ pages, presses }: ShelfFacts, shelf: ShelfView): string | null => {
  // A button that leads elsewhere leaves one page here.
  if (shelf.paging.by === 'none' || (shelf.paging.by === 'more' && shelf.paging.link)) return null;
  return pages === 1
    ? 'all on one page'
    : `${counted(pages, 'page')}, ${counted(presses, 'press', 'presses')} to the end`;
};

const saySize = ({ screens, ofFirstScreen }: ShelfFacts): string =>
  `${inTenths(screens)} ${screens > 0.95 && screens < 1.05 ? 'screen' : 'screens'} high, ${
    ofFirstScreen > 0 ? `${Math.round(100 * ofFirstScreen)}% of the first screen` : 'below the first screen'
  }`;

/** What comes of the settings at each width: calculated, not set. */
export function Facts({ page, bayId, shelf }: { page: PageView; bayId: string; shelf: ShelfView }) {
  return (
    <List aria-label="Result at each width">
      {shelfFacts(page, bayId, shelf.id).map((facts) => (
        <OfBand
          key={facts.bandId}
          name={bandById(page.bands, facts.bandId)!.name}
          words={[layoutKind(facts.step.layout).sayFacts(facts.step), sayPages(facts, shelf), saySize(facts)]}
        />
      ))}
    </List>
  );
}

function OfBand({ name, words }: { name: string; words: readonly (string | null)[] }) {
  return (
    <>
      <dt>{name}</dt>
      <dd>{words.filter((one) => one !== null).join('; ')}</dd>
    </>
  );
}

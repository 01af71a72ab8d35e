import styled from 'styled-components';
import { bandById } from '../../../../core/bands/bands.ts';
import { shelfFacts, type ShelfFacts } from '../../../../core/view/facts.ts';
import type { ShelfView } from '../../../../core/view/view.ts';
import { counted } from '../../../../core/sentence/sentence.ts';
import { t } from '../../../ui/theme.ts';
import { useView } from '../../arrangeContext.tsx';

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

const oneOf = (value: number) => (Math.round(value * 10) / 10).toString();

/** How a shelf moves, or why it does not. */
function sayMotion({ step }: ShelfFacts): string | null {
  if (step.form !== 'carousel' && step.form !== 'slider' && step.form !== 'spread') return null;
  const { motion } = step;
  if (!motion.moves) return 'does not move: all are in sight';
  const round = motion.roundS === null ? '' : `, ${oneOf(motion.roundS)} s for a full round`;
  return `${counted(motion.stops, 'stop')}${round}`;
}

function sayRows({ step }: ShelfFacts): string | null {
  if (step.form !== 'grid' && step.form !== 'list') return null;
  const { rows, last, full } = step.rows;
  return `${counted(rows, 'row')}${full || rows === 0 ? '' : `, the last with ${last} of ${step.across}`}`;
}

const sayPages = ({ pages, presses }: ShelfFacts, shelf: ShelfView): string | null => {
  // A button that leads elsewhere leaves one page here.
  if (shelf.paging.by === 'none' || (shelf.paging.by === 'more' && shelf.paging.link)) return null;
  return pages === 1
    ? 'all on one page'
    : `${counted(pages, 'page')}, ${counted(presses, 'press', 'presses')} to the end`;
};

const saySize = ({ screens, ofFirstScreen }: ShelfFacts): string =>
  `${oneOf(screens)} ${screens > 0.95 && screens < 1.05 ? 'screen' : 'screens'} high, ${
    ofFirstScreen > 0 ? `${Math.round(100 * ofFirstScreen)} % of the first screen` : 'below the first screen'
  }`;

/** What comes of the settings at each width: calculated, not set. */
export function Facts({ bayId, shelf }: { bayId: string; shelf: ShelfView }) {
  const page = useView();
  return (
    <List aria-label="What comes of it">
      {shelfFacts(page, bayId).map((facts) => (
        <Facts.Band
          key={facts.bandId}
          name={bandById(page.bands, facts.bandId)!.name}
          words={[sayRows(facts), sayMotion(facts), sayPages(facts, shelf), saySize(facts)]}
        />
      ))}
    </List>
  );
}

Facts.Band = function Band({ name, words }: { name: string; words: readonly (string | null)[] }) {
  return (
    <>
      <dt>{name}</dt>
      <dd>{words.filter((one) => one !== null).join('; ')}</dd>
    </>
  );
};

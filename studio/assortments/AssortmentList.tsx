import { readItems } from '../../core/api/assortments.ts';
import type { SentOf } from '../../core/api/contract.ts';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Input, Menu, MenuTrigger, TextField } from 'react-aria-components';
import { NavLink } from 'react-router';
import styled from 'styled-components';
import { ofWords, type Of } from '../../core/assortment/of.ts';
import { fallbackChain } from '../../core/assortment/fallback.ts';
import { faceOf } from '../../core/card/item.ts';
import { fold } from '../../core/catalogue/fold.ts';
import { renditionAddress } from '../../core/picture/renditions.ts';
import { shelvesShowing, toppedUpFrom } from '../../core/plan/showing.ts';
import type { SavedAssortment } from '../../core/plan/savedAssortment.ts';
import { capital, counted } from '../../core/sentence/sentence.ts';
import { useDraft, useStudio } from '../studioContext.tsx';
import { AddButton } from '../ui/Button.tsx';
import { MenuRow } from '../ui/MenuRow.tsx';
import { PopoverBox } from '../ui/Pick.tsx';
import { t } from '../ui/theme.ts';
import { useSettled } from '../ui/useSettled.ts';
import { typedPart } from './useRun.ts';
import { useSeenBy } from './useSeenBy.ts';

const Strip = styled.nav`
  background: ${t.paper};
  border-inline-end: 1px solid ${t.line};
  display: flex;
  flex-direction: column;
  grid-area: list;
  gap: 8px;
  padding: 12px 12px;
  min-height: 0;
  input {
    width: 100%;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    padding: 6px 10px;
    background: #fff;
  }
  .all {
    flex: 1;
    overflow: auto;
    margin: 0 -6px;
    padding: 0 6px;
  }
  a {
    display: block;
    color: inherit;
    text-decoration: none;
    border: 1px solid transparent;
    border-radius: ${t.corner};
    padding: 7px 8px 8px;
    margin-bottom: 6px;
  }
  a.active {
    background: #fff;
    border-color: ${t.pine};
  }
  a b {
    font-weight: 600;
    display: block;
    overflow-wrap: anywhere;
    line-height: 1.3;
  }
  .facts {
    display: flex;
    justify-content: space-between;
    gap: 6px;
    font-size: 12px;
    color: ${t.ink2};
  }
  .none {
    color: ${t.brick};
  }
  .thumbs {
    display: grid;
    grid-template-columns: repeat(5, 1fr);
    gap: 3px;
    margin-top: 5px;
    height: 32px;
  }
  .thumbs img,
  .thumbs span {
    width: 100%;
    height: 32px;
    object-fit: cover;
    border-radius: 2px;
    background: ${t.wall};
    display: block;
  }
`;

const THUMBS = 5;

function Entry({ saved, chosen }: { saved: SavedAssortment; chosen: boolean }) {
  const { client } = useStudio();
  const plan = useDraft((state) => state.plan);
  const seenBy = useSeenBy();
  const { id, name, assortment } = saved;
  const fallbacks = fallbackChain(assortment, (one) => plan.assortments[one]?.assortment);
  // What is typed and counted goes before.
  const asked = useSettled(
    JSON.stringify({ assortment, fallbacks, without: [], seenBy, start: 0, count: THUMBS }),
    typedPart(assortment),
  );
  const { data, isError } = useQuery({
    queryKey: ['peek', asked],
    queryFn: () => client.ask(readItems, { body: JSON.parse(asked) as SentOf<typeof readItems> }),
    placeholderData: (before) => before,
    staleTime: 30_000,
  });
  const shelves = shelvesShowing(plan, id).length;
  const link = useRef<HTMLAnchorElement>(null);
  useEffect(() => {
    if (chosen) link.current?.scrollIntoView?.({ block: 'nearest' });
  }, [chosen]);
  const used = shelves > 0 || toppedUpFrom(plan, id).length > 0;
  const { one, many } = ofWords[assortment.of];
  return (
    <NavLink ref={link} to={`/assortments/${id}`}>
      <b>{name}</b>
      <span className="facts">
        <span className={data?.total === 0 || isError ? 'none' : undefined}>
          {isError ? 'not counted' : data ? counted(data.total, one, many) : '…'}
        </span>
        <span>{shelves ? counted(shelves, 'shelf', 'shelves') : used ? 'tops up' : 'unused'}</span>
      </span>
      <span className="thumbs">
        {data?.items.slice(0, THUMBS).map((item) => {
          const { id: itemId, picture } = faceOf(item);
          return picture ? (
            <img key={itemId} src={renditionAddress(picture, 96)} alt="" loading="lazy" />
          ) : (
            <span key={itemId} />
          );
        })}
      </span>
    </NavLink>
  );
}

/** Every saved assortment: what it is of, how many now, and whether any shelf shows it. */
export function AssortmentList({
  chosen,
  kinds,
  onAdd,
}: {
  chosen: string | null;
  kinds: readonly Of[];
  onAdd(of: Of): void;
}) {
  const all = useDraft((state) => state.plan.assortments);
  const [words, setWords] = useState('');
  const wanted = fold(words);
  const found = Object.values(all).filter(({ name }) => fold(name).includes(wanted));
  return (
    <Strip aria-label="Assortments">
      <TextField value={words} onChange={setWords} aria-label="Find an assortment">
        <Input placeholder="Find an assortment" />
      </TextField>
      <div className="all" data-chosen={chosen}>
        {found.map((saved) => (
          <Entry key={saved.id} saved={saved} chosen={saved.id === chosen} />
        ))}
        {found.length === 0 && wanted && <p style={{ color: t.ink2 }}>Nothing is called "{words}".</p>}
      </div>
      <MenuTrigger>
        <AddButton>New assortment</AddButton>
        <PopoverBox>
          <Menu onAction={(key) => onAdd(key as Of)}>
            {kinds.map((of) => (
              <MenuRow key={of} id={of}>
                Of {capital(ofWords[of].many).toLowerCase()}
              </MenuRow>
            ))}
          </Menu>
        </PopoverBox>
      </MenuTrigger>
    </Strip>
  );
}

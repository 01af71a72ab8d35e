import { MoreVertical, Plus } from 'lucide-react';
import { memo } from 'react';
import { Button, GridListItem, Menu, MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { bayKind, type Bay } from '../../../core/bays/index.ts';
import { sayTime } from '../../../core/catalogue/clockTime.ts';
import { stepAt } from '../../../core/geometry/steps.ts';
import { timesOf } from '../../../core/plan/bayTimes.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { startPx } from '../../../core/view/rooms.ts';
import { shelvesDrawn } from '../../../core/view/shelvesIn.ts';
import type { BayView, ShelfView } from '../../../core/view/view.ts';
import { useDraft } from '../../studioContext.tsx';
import { MenuRow } from '../../ui/MenuRow.tsx';
import { PopoverBox } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';
import { useNow } from '../../useNow.ts';
import { useView } from '../arrangeContext.tsx';
import { BayDrawing } from './BayDrawing.tsx';
import { drawnAt } from './drawnAt.ts';

const BayItem = styled(GridListItem)`
  position: relative;
  padding: 4px 10px 5px 14px;
  outline: none;
  cursor: pointer;
  &[data-selected]::before {
    content: '';
    position: absolute;
    inset-inline-start: 0;
    top: 0;
    bottom: 0;
    width: 5px;
    background: ${t.tape};
  }
  &[data-selected] .drawing {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
    border-radius: 4px;
  }
  &[data-focus-visible] .drawing {
    outline: 2px solid ${t.ink};
    outline-offset: 2px;
    border-radius: 4px;
  }
  .drawing {
    width: 122px;
  }
  .name {
    display: flex;
    justify-content: space-between;
    gap: 6px;
    font-size: 12px;
    line-height: 1.3;
    margin-top: 4px;
    color: ${t.ink2};
  }
  .name span:first-child {
    display: -webkit-box;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    overflow: hidden;
    overflow-wrap: anywhere;
  }
  .name span + span {
    flex: none;
    max-width: 60%;
    text-align: end;
  }
  .gap {
    position: absolute;
    inset-inline: 10px;
    bottom: -8px;
    z-index: 1;
    height: 16px;
    padding: 0;
    border: 0;
    background: linear-gradient(${t.pine}, ${t.pine}) center / 100% 2px no-repeat;
    display: grid;
    place-items: center;
    opacity: 0;
    cursor: pointer;
    outline: none;
  }
  .gap svg {
    background: ${t.pine};
    color: #fff;
    border-radius: 50%;
    padding: 2px;
  }
  .gap.first {
    top: -8px;
    bottom: auto;
  }
  .gap[data-hovered],
  .gap[data-focus-visible] {
    opacity: 1;
  }
  .more {
    position: absolute;
    top: 6px;
    inset-inline-end: 12px;
    border: 1px solid ${t.line};
    background: ${t.paper};
    border-radius: 5px;
    padding: 2px;
    display: grid;
    opacity: 0;
    cursor: pointer;
  }
  .drag {
    position: absolute;
    opacity: 0;
    width: 1px;
    height: 1px;
    overflow: hidden;
    border: 0;
    padding: 0;
  }
  .drag[data-focus-visible] {
    opacity: 1;
    width: auto;
    height: auto;
    top: 6px;
    inset-inline-start: 16px;
    padding: 1px 6px;
    background: ${t.paper};
    border: 1px solid ${t.edge};
    border-radius: 5px;
  }
  &:hover .more,
  &[data-selected] .more,
  .more[data-focus-visible],
  .more[aria-expanded='true'] {
    opacity: 1;
  }
`;

/** When it is shown, or how many it shows; nothing while that is still to come. */
function asideOf(
  bay: Bay,
  tabs: number,
  drawn: BayView | undefined,
  shelf: ShelfView | null,
  regionPx: number,
  timeZone: string,
  now: number,
): string {
  if (bay.hidden) return 'hidden';
  const { from, until } = timesOf(bay, timeZone);
  if (from >= until) return 'never';
  if (now >= until) return 'over';
  if (now < from) return `from ${sayTime(bay.from!).replace(/ \d{4},.*/, '')}`;
  if (bay.bands) return 'some widths';
  if (tabs > 0 && drawn && !drawn.empty) return counted(tabs, 'tab');
  if (!drawn || !shelf || shelf.coming) return '';
  if (drawn.empty) return drawn.goesAway ? 'when filled' : 'empty';
  if (bay.aside) return 'sidebar';
  const { shows } = stepAt(shelf.steps, regionPx);
  return String(shows.end - shows.start);
}

/** A bay small and to scale, with its name and what there is to say beside it. */
function DrawnBay({ bay, chosen, name }: { bay: Bay; chosen: boolean; name: string }) {
  const view = useView();
  const regionPx = drawnAt(view.bands);
  const drawn = view.bays.find((one) => one.id === bay.id);
  const shelf = (drawn && shelvesDrawn(drawn)[0]) ?? null;
  const timeZone = useDraft(({ plan }) => plan.house.timeZone);
  const tabs = bayKind(bay.holds).tabs?.(bay as never) ?? [];
  const now = useNow();
  const aside = asideOf(bay, tabs.length, drawn, shelf, regionPx, timeZone, now);
  return (
    <>
      <div className="drawing">
        <BayDrawing
          bay={drawn}
          bands={view.bands}
          regionPx={regionPx}
          startPx={drawn && view.side ? startPx(drawn, view, regionPx) : undefined}
          direction={view.direction}
          chosen={chosen}
          hidden={bay.hidden}
          tabs={tabs.length}
          open={tabs.findIndex(({ shelfId }) => shelfId === shelf?.id)}
          conditional={
            bay.bands !== null || bay.from !== null || bay.until !== null || drawn?.goesAway === true
          }
        />
      </div>
      <div className="name">
        <span>{name}</span>
        <span>{aside}</span>
      </div>
    </>
  );
}

interface OutlineBayProps {
  bay: Bay;
  /** Its place on the page. */
  at: number;
  /** Opens the library for a place; null where there is none. */
  add: ((at: number) => void) | null;
  chosen: boolean;
  name: string;
  onAct(bay: Bay, key: string): void;
}

/** A bay in the outline, with the gaps beside it and what can be done with it. */
export const OutlineBay = memo(function OutlineBay({ bay, at, add, chosen, name, onAct }: OutlineBayProps) {
  // Where no bay can be added in between, there is no sidebar either.
  const aside = add && !bayKind(bay.holds).leads ? bay.aside : null;
  return (
    <BayItem id={bay.id} textValue={name}>
      <Button slot="drag" className="drag">
        Move
      </Button>
      {add && at === 0 && (
        <Button className="gap first" aria-label={`Add above ${name}`} onPress={() => add(0)}>
          <Plus size={14} />
        </Button>
      )}
      <DrawnBay bay={bay} chosen={chosen} name={name} />
      {add && (
        <Button className="gap" aria-label={`Add below ${name}`} onPress={() => add(at + 1)}>
          <Plus size={14} />
        </Button>
      )}
      <MenuTrigger>
        <Button className="more" aria-label={`More for ${name}`}>
          <MoreVertical size={14} />
        </Button>
        <PopoverBox>
          <Menu onAction={(key) => onAct(bay, String(key))}>
            <MenuRow id="up">Move up</MenuRow>
            <MenuRow id="down">Move down</MenuRow>
            <MenuRow id="duplicate">Duplicate</MenuRow>
            {bayKind(bay.holds).addable && <MenuRow id="keep">Save to the library</MenuRow>}
            {aside !== null && (
              <MenuRow id="aside">{aside ? 'Move out of the sidebar' : 'Move to the sidebar'}</MenuRow>
            )}
            <MenuRow id="hide">{bay.hidden ? 'Show' : 'Hide'}</MenuRow>
            <MenuRow id="remove">Remove</MenuRow>
          </Menu>
        </PopoverBox>
      </MenuTrigger>
    </BayItem>
  );
});

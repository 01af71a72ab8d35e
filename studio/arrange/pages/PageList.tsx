import { MoreVertical } from 'lucide-react';
import { Button, GridList, GridListItem, Menu, MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { TextButton } from '../../ui/Button.tsx';
import { MenuRow } from '../../ui/MenuRow.tsx';
import { PopoverBox } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';

const Heading = styled.h3`
  font: 600 13.5px/1.3 ${t.names};
  background: ${t.pineSoft};
  padding: 5px 12px;
  display: flex;
  justify-content: space-between;
  gap: 8px;
`;

const Row = styled(GridListItem)`
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr) 62px 74px 24px;
  align-items: center;
  gap: 8px;
  min-height: 34px;
  padding: 2px 8px 2px 12px;
  border-top: 1px solid ${t.line};
  cursor: pointer;
  outline: none;
  &[data-current] {
    background: ${t.pineSoft};
    box-shadow: inset 4px 0 0 ${t.pine};
  }
  &[data-hovered] {
    background: #fff;
  }
  &[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: -2px;
  }
  &[data-under] .name::before {
    content: '↳ ';
    color: ${t.ink2};
  }
  .name {
    font-weight: 600;
    overflow-wrap: anywhere;
  }
  .quiet {
    color: ${t.ink2};
    font-size: 12.5px;
    overflow-wrap: anywhere;
  }
  .changes {
    font-size: 12px;
    color: ${t.pine};
    font-weight: 600;
    white-space: nowrap;
  }
  .more {
    border: 0;
    background: none;
    padding: 3px;
    cursor: pointer;
    display: grid;
    border-radius: 5px;
  }
`;

export interface PageRow {
  id: string;
  name: string;
  address: string;
  /** "Live", "Draft". */
  state: string;
  /** How many changes of it shoppers do not see yet. */
  changes: string;
  current: boolean;
  /** It belongs to the one above. */
  under?: boolean;
  acts: readonly { id: string; words: string }[];
}

/** Pages of one sort: pressing one arranges it, its menu has what else can be done. */
export function PageList({
  title,
  rows,
  aside,
  onOpen,
  onAct,
}: {
  title: string;
  /** What else can be done with pages of this sort. */
  aside?: { words: string; press: () => void };
  rows: readonly PageRow[];
  /** Absent where they cannot be arranged. */
  onOpen?(id: string): void;
  onAct(id: string, act: string): void;
}) {
  if (rows.length === 0) return null;
  return (
    <section>
      <Heading>
        {title}
        {aside && <TextButton onPress={aside.press}>{aside.words}</TextButton>}
      </Heading>
      <GridList
        aria-label={title}
        keyboardNavigationBehavior="tab"
        onAction={onOpen && ((key) => onOpen(String(key)))}
      >
        {rows.map(({ id, name, address, state, changes, current, under, acts }) => (
          <Row
            key={id}
            id={id}
            textValue={name}
            data-current={current || undefined}
            data-under={under || undefined}
          >
            <span className="name">{name}</span>
            <span className="quiet">{address}</span>
            <span className="quiet">{state}</span>
            <span className="changes">{changes}</span>
            {acts.length > 0 ? (
              <MenuTrigger>
                <Button className="more" aria-label={`More for ${name}`}>
                  <MoreVertical size={15} />
                </Button>
                <PopoverBox>
                  <Menu onAction={(act) => onAct(id, String(act))}>
                    {acts.map((act) => (
                      <MenuRow key={act.id} id={act.id}>
                        {act.words}
                      </MenuRow>
                    ))}
                  </Menu>
                </PopoverBox>
              </MenuTrigger>
            ) : (
              <span />
            )}
          </Row>
        ))}
      </GridList>
    </section>
  );
}

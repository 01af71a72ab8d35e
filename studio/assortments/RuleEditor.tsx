import { createElement } from 'react';
import type { RuleCounts } from '../../core/api/assortments.ts';
import { GripVertical, X } from 'lucide-react';
import {
  Button,
  Dialog,
  DialogTrigger,
  GridList,
  GridListItem,
  useDragAndDrop,
  type DropPosition,
} from 'react-aria-components';
import styled from 'styled-components';
import { clauseKind, type Clause } from '../../core/assortment/clauses/index.ts';
import {
  isGroup,
  movePart,
  partAt,
  pathsIn,
  withChanged,
  withPart,
  withoutPart,
  type Group,
  type Path,
} from '../../core/assortment/rule.ts';
import { suggest } from '../../core/assortment/suggest.ts';
import type { Order } from '../../core/assortment/orders/index.ts';
import { capital, counted, plain } from '../../core/sentence/sentence.ts';
import { useNames, useStudio } from '../studioContext.tsx';
import { Pick, PopoverBox } from '../ui/Pick.tsx';
import { Search } from '../ui/Search.tsx';
import { t } from '../ui/theme.ts';
import { controlsOf } from './clauses/index.tsx';

const Rows = styled(GridList)`
  outline: none;
  .react-aria-DropIndicator[data-drop-target] {
    outline: 2px solid ${t.pine};
  }
`;

const Row = styled(GridListItem)`
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) auto 22px;
  align-items: center;
  gap: 6px;
  min-height: 35px;
  padding: 3px 8px 3px 4px;
  border-bottom: 1px solid ${t.line};
  outline: none;
  &[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: -2px;
  }
  &[data-drop-target] {
    background: ${t.pineSoft};
  }
  .grip,
  .out {
    border: 0;
    background: none;
    padding: 3px 1px;
    display: grid;
    place-items: center;
    cursor: pointer;
    color: ${t.edge};
    border-radius: 4px;
  }
  .grip {
    cursor: grab;
  }
  .said {
    border: 0;
    background: none;
    padding: 2px 0;
    text-align: start;
    cursor: pointer;
    border-radius: 4px;
    overflow-wrap: anywhere;
    color: inherit;
  }
  .said:disabled {
    cursor: default;
  }
  u {
    font-weight: 600;
    text-decoration-color: #6fa394;
    text-decoration-thickness: 2px;
    text-underline-offset: 3px;
  }
  .gone {
    display: block;
    color: ${t.brick};
    font-size: 12px;
  }
  .join {
    display: flex;
    align-items: center;
    gap: 8px;
  }
`;

const Controls = styled(Dialog)`
  outline: none;
  padding: 10px 12px;
  width: 290px;
  display: flex;
  flex-direction: column;
  gap: 10px;
`;

/** What remains, as a length of tape beside the words; or as a plain number where there is little room. */
const Tape = styled.span`
  position: relative;
  display: block;
  width: 330px;
  height: 22px;
  background: repeating-linear-gradient(90deg, ${t.edge} 0 1px, transparent 1px 10px) 0 100% / 100% 7px
    no-repeat;
  b {
    position: absolute;
    inset: 0 auto 0 0;
    min-width: 34px;
    background: ${t.tape};
    border-bottom: 2px solid ${t.tapeEdge};
    font: 500 12px/20px ${t.measures};
    text-align: end;
    padding-inline-end: 6px;
    color: ${t.ink};
    overflow: visible;
    white-space: nowrap;
  }
`;

const Remains = styled.span`
  background: ${t.pineSoft};
  color: ${t.pine};
  border-radius: 10px;
  padding: 0 8px;
  font: 500 11.5px/18px ${t.measures};
  &[data-none] {
    background: ${t.brickSoft};
    color: ${t.brick};
  }
`;

const keyOf = (path: Path) => path.join('.');
const pathOf = (key: string): Path => key.split('.').map(Number);

const joinWords = { all: 'all of these', any: 'any of these', none: 'none of these' } as const;

export interface RuleEditorProps {
  rule: Group;
  onChange(rule: Group): void;
  /** An order was meant by what was typed. */
  onOrder(order: Order): void;
  counts: RuleCounts | undefined;
  /** Room for lengths of tape. */
  wide: boolean;
}

/** Where a part that is dropped beside or onto a row comes to stand. */
function dropPath(rule: Group, key: string, position: DropPosition): Path {
  const path = pathOf(key);
  if (position === 'on') {
    const group = partAt(rule, path);
    return [...path, group && isGroup(group) ? group.parts.length : 0];
  }
  return position === 'after' ? [...path.slice(0, -1), path.at(-1)! + 1] : path;
}

/** A rule as a sentence made of clauses: each opens its controls, groups hold all, any or none of theirs. */
export function RuleEditor({ rule, onChange, onOrder, counts, wide }: RuleEditorProps) {
  const { vocabulary, tree } = useStudio();
  const names = useNames();
  const rows = pathsIn(rule);
  const remains = new Map(counts?.parts.map(({ path, count }) => [keyOf(path), count]));
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key), 'rule-part': String(key) })),
    acceptedDragTypes: ['rule-part'],
    getDropOperation: (target) => {
      if (target.type !== 'item') return 'cancel';
      const part = partAt(rule, pathOf(String(target.key)));
      return target.dropPosition === 'on' && !(part && isGroup(part)) ? 'cancel' : 'move';
    },
    shouldAcceptItemDrop: (target) => {
      const part = partAt(rule, pathOf(String(target.key)));
      return part !== undefined && isGroup(part);
    },
    onMove: ({ keys, target }) => {
      const [key] = keys;
      onChange(movePart(rule, pathOf(String(key)), dropPath(rule, String(target.key), target.dropPosition)));
    },
  });
  const sayCount = (path: Path) => {
    const count = remains.get(keyOf(path));
    if (count === undefined || !counts) return <span />;
    return wide ? (
      <Tape title={`${count} of ${counts.all} remain`}>
        <b style={{ width: `${counts.all ? (100 * count) / counts.all : 0}%` }}>{count}</b>
      </Tape>
    ) : (
      <Remains data-none={count === 0 || undefined} title={`${count} of ${counts.all} remain`}>
        {count}
      </Remains>
    );
  };
  return (
    <div data-setting="assortment.rule">
      <Pick
        label="Products that meet"
        shown={false}
        value={rule.join}
        options={Object.entries(joinWords).map(([value, words]) => ({
          value: value as Group['join'],
          words: `Products that meet ${words}`,
        }))}
        onChange={(join) => onChange({ ...rule, join })}
      />
      <Rows
        aria-label="Clauses of the rule"
        keyboardNavigationBehavior="tab"
        dragAndDropHooks={dragAndDropHooks}
        renderEmptyState={() => (
          <p style={{ padding: '9px 6px', color: t.ink2 }}>All products. Type below to narrow it down.</p>
        )}
      >
        {rows.map(({ path, part }) => {
          const key = keyOf(path);
          const words = isGroup(part) ? joinWords[part.join] : plain(clauseKind(part.is).say(part, names));
          return (
            <Row
              key={key}
              id={key}
              textValue={words}
              style={{ paddingInlineStart: 4 + 18 * (path.length - 1) }}
            >
              <Button slot="drag" className="grip" aria-label={`Move: ${words}`}>
                <GripVertical size={13} />
              </Button>
              {isGroup(part) ? (
                <span className="join">
                  <Pick
                    label="Group of clauses"
                    shown={false}
                    value={part.join}
                    options={Object.entries(joinWords).map(([value, said]) => ({
                      value: value as Group['join'],
                      words: said,
                    }))}
                    onChange={(join) => onChange(withChanged(rule, path, { ...part, join }))}
                  />
                  {part.parts.length === 0 && <span style={{ color: t.ink2 }}>drag clauses here</span>}
                </span>
              ) : (
                <ClauseSaid clause={part} onChange={(clause) => onChange(withChanged(rule, path, clause))} />
              )}
              {sayCount(path)}
              <Button
                className="out"
                aria-label={`Without: ${words}`}
                onPress={() => onChange(withoutPart(rule, path))}
              >
                <X size={13} />
              </Button>
            </Row>
          );
        })}
      </Rows>
      <div style={{ padding: '7px 0 0', display: 'flex', gap: 8 }}>
        <div style={{ flex: 1 }}>
          <Search
            label="Add to the rule"
            shown={false}
            placeholder="Type what you mean: reduced, sold, a category …"
            find={(typed) => suggest(typed, vocabulary, tree, names)}
            onChoose={(id, typed) => {
              const meant = suggest(typed, vocabulary, tree, names).find((one) => one.id === id);
              const part = meant?.clause ?? meant?.group;
              if (meant?.order) onOrder(meant.order);
              if (part) onChange(withPart(rule, [rule.parts.length], part));
            }}
          />
        </div>
      </div>
      {counts && (
        <p style={{ color: t.ink2, padding: '6px 0 0' }}>
          {counted(counts.remains, 'product')} meet the rule.
        </p>
      )}
    </div>
  );
}

/** A clause in words; its underlined pieces open its controls. */
function ClauseSaid({ clause, onChange }: { clause: Clause; onChange(clause: Clause): void }) {
  const names = useNames();
  const kind = clauseKind(clause.is);
  const inside = controlsOf(clause);
  const gone = kind.gone(clause, names);
  const said = (
    <>
      {kind.say(clause, names).map((one, i) => (typeof one === 'string' ? one : <u key={i}>{one.text}</u>))}
      {gone.length > 0 && <span className="gone">{capital(gone.join(', '))} is no longer there</span>}
    </>
  );
  if (!inside)
    return (
      <span className="said" style={{ cursor: 'default' }}>
        {said}
      </span>
    );
  return (
    <DialogTrigger>
      <Button className="said">{said}</Button>
      <PopoverBox placement="bottom start">
        <Controls aria-label={kind.name}>{createElement(inside, { clause, onChange })}</Controls>
      </PopoverBox>
    </DialogTrigger>
  );
}

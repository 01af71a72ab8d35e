import { useState } from 'react';
import type { RuleCounts } from '../../core/api/assortments.ts';
import { GripVertical, X } from 'lucide-react';
import { Button, GridList, GridListItem, useDragAndDrop, type DropPosition } from 'react-aria-components';
import styled from 'styled-components';
import { clauseKind, type Clause } from '../../core/assortment/clauses/index.ts';
import {
  clausesIn,
  isGroup,
  joinWords,
  movePart,
  partAt,
  pathsIn,
  withChanged,
  withPart,
  withoutPart,
  type Group,
  type Path,
} from '../../core/assortment/rule.ts';
import { mergedRule } from '../../core/assortment/either.ts';
import { suggest, type Suggestion } from '../../core/assortment/suggest.ts';
import type { Order } from '../../core/assortment/orders/index.ts';
import { capital, counted, numeral, plain } from '../../core/sentence/sentence.ts';
import { useNames, useStudio } from '../studioContext.tsx';
import { Pick } from '../ui/Pick.tsx';
import { Search } from '../ui/Search.tsx';
import { t } from '../ui/theme.ts';
import { ClauseSaid } from './ClauseSaid.tsx';
import { EitherOffer } from './EitherOffer.tsx';
import { useProductSearch } from './useProductSearch.ts';

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
  /* A share of the row itself: it follows the window with it. */
  &[data-wide] {
    grid-template-columns: 18px minmax(0, 1fr) min(330px, 40%) 22px;
  }
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

/** What remains, as a length of tape beside the words; or as a plain number where there is little room. */
const Tape = styled.span`
  position: relative;
  display: block;
  width: 100%;
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

export interface RuleEditorProps {
  rule: Group;
  onChange(rule: Group): void;
  /** An order was meant by what was typed; absent where there is none. */
  onOrder?(order: Order): void;
  /** Whether a clause can be in the rule; any can where it is absent. */
  canHold?(clause: Clause): boolean;
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

/** The clause that a group says is not to be, where it is the only one in it; such a group is one row. */
const denied = ({ join, parts }: Group): Clause | null => {
  const [only, ...others] = parts;
  return join === 'none' && only && others.length === 0 && !isGroup(only) ? only : null;
};

/** Which of the clauses in a group are to be true. */
function GroupSaid({ group, onChange }: { group: Group; onChange(join: Group['join']): void }) {
  return (
    <span className="join">
      <Pick
        label="Group of clauses"
        shown={false}
        value={group.join}
        options={Object.entries(joinWords).map(([value, said]) => ({
          value: value as Group['join'],
          words: said,
        }))}
        onChange={onChange}
      />
      {group.parts.length === 0 && <span style={{ color: t.ink2 }}>drag clauses here</span>}
    </span>
  );
}

/** A rule as a sentence made of clauses: each opens its controls, groups hold all, any or none of theirs. */
export function RuleEditor({ rule, onChange, onOrder, canHold = () => true, counts, wide }: RuleEditorProps) {
  const { vocabulary, tree } = useStudio();
  const names = useNames();
  const [typed, setTyped] = useState('');
  const { products, pending, learn } = useProductSearch(typed);
  const meant = (words: string): Suggestion[] => {
    const known = suggest(words, vocabulary, tree, names).filter(
      ({ clause, group, order }) =>
        (clause ? [clause] : group ? clausesIn(group) : []).every(canHold) && !(order && !onOrder),
    );
    const merged = known.flatMap(({ id, clause }): Suggestion[] => {
      const into = clause && mergedRule({ ...rule, parts: [...rule.parts, clause] });
      return into?.at === rule.parts.length
        ? [{ id: `either ${id}`, words: sayWhole(into.clause), aside: 'Either', rule: into.rule }]
        : [];
    });
    const titled = words.trim()
      ? products.map(({ id, words: title, aside = '' }): Suggestion => ({
          id: `product ${id}`,
          words: title,
          aside,
          clause: { is: 'named', ids: [Number(id)] },
        }))
      : [];
    return [...merged, ...known, ...titled];
  };
  const sayWhole = (clause: Clause) => capital(plain(clauseKind(clause.is).say(clause, names)));
  const inSingle = new Set(
    pathsIn(rule).flatMap(({ path, part }) => (isGroup(part) && denied(part) ? [`${keyOf(path)}.0`] : [])),
  );
  const rows = pathsIn(rule).filter(({ path }) => !inSingle.has(keyOf(path)));
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
      <Tape title={`${numeral(count)} of ${numeral(counts.all)} remain`}>
        <b style={{ width: `${counts.all ? (100 * count) / counts.all : 0}%` }}>{numeral(count)}</b>
      </Tape>
    ) : (
      <Remains
        data-none={count === 0 || undefined}
        title={`${numeral(count)} of ${numeral(counts.all)} remain`}
      >
        {numeral(count)}
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
          const not = isGroup(part) ? denied(part) : null;
          const clause = isGroup(part) ? not : part;
          const words = clause
            ? `${not ? 'not ' : ''}${plain(clauseKind(clause.is).say(clause, names))}`
            : joinWords[(part as Group).join];
          return (
            <Row
              key={key}
              id={key}
              data-wide={wide || undefined}
              textValue={words}
              style={{ paddingInlineStart: 4 + 18 * (path.length - 1) }}
            >
              <Button slot="drag" className="grip" aria-label={`Move: ${words}`}>
                <GripVertical size={13} />
              </Button>
              {clause ? (
                <ClauseSaid
                  clause={clause}
                  not={not !== null}
                  onChange={(next, denies) =>
                    onChange(withChanged(rule, path, denies ? { join: 'none', parts: [next] } : next))
                  }
                />
              ) : (
                <GroupSaid
                  group={part as Group}
                  onChange={(join) => onChange(withChanged(rule, path, { ...(part as Group), join }))}
                />
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
      <EitherOffer rule={rule} counts={counts} onChange={onChange} />
      <div style={{ padding: '7px 0 0', display: 'flex', gap: 8 }}>
        <div style={{ flex: 1 }}>
          <Search
            label="Add to the rule"
            shown={false}
            placeholder="Type what you mean: reduced, sold, a category…"
            find={meant}
            pending={pending}
            onType={setTyped}
            onChoose={(id, words) => {
              const one = meant(words).find((other) => other.id === id);
              const part = one?.clause ?? one?.group;
              if (one?.clause?.is === 'named') one.clause.ids.forEach((product) => learn(String(product)));
              if (one?.order) onOrder?.(one.order);
              if (one?.rule) onChange(one.rule);
              else if (part) onChange(withPart(rule, [rule.parts.length], part));
            }}
          />
        </div>
      </div>
      {counts && (
        <p style={{ color: t.ink2, padding: '6px 0 0' }}>
          {counted(counts.remains, 'product meets', 'products meet')} the rule.
        </p>
      )}
    </div>
  );
}

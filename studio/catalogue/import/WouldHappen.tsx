import { useState } from 'react';
import styled from 'styled-components';
import { readRefused } from '../../../core/api/exchange.ts';
import type { CategoryTree } from '../../../core/catalogue/categoryTree.ts';
import { formatMoney } from '../../../core/catalogue/money.ts';
import type { OutcomeIs } from '../../../core/exchange/compare.ts';
import type { ChangedSample, Found } from '../../../core/exchange/importState.ts';
import type { GoodsEdit } from '../../../core/goods/goodsEdit.ts';
import { goodsFact } from '../../../core/goods/goodsFacts.ts';
import { counted, type Names } from '../../../core/sentence/sentence.ts';
import { useNames, useStudio } from '../../studioContext.tsx';
import { Button, LinkButton } from '../../ui/Button.tsx';
import { t } from '../../ui/theme.ts';

const Box = styled.section`
  display: grid;
  gap: 8px;
  h3 {
    font: 600 15px/1.3 ${t.names};
  }
  .counts {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px;
  }
  .counts [aria-pressed='true'] {
    background: ${t.pineSoft};
    border-color: ${t.pine};
  }
  .counts .refused b {
    color: ${t.brick};
  }
  .list {
    background: ${t.paper};
    border-radius: ${t.corner};
    padding: 8px 14px 4px;
    overflow-x: auto;
  }
  .list header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 12px;
    min-height: 30px;
    font-weight: 600;
  }
  .list header span {
    font-weight: 400;
    color: ${t.ink2};
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th,
  td {
    text-align: start;
    border-top: 1px solid ${t.line};
    padding: 5px 12px 5px 0;
    vertical-align: top;
  }
  th {
    font-weight: 400;
    color: ${t.ink2};
    white-space: nowrap;
    width: 84px;
  }
  del {
    color: ${t.ink2};
  }
`;

const WORDS: Record<OutcomeIs, string> = {
  new: 'new',
  changed: 'changed',
  unchanged: 'unchanged',
  refused: 'not importable',
};
/** Those of which there is something to see. */
const LISTED = ['new', 'changed', 'refused'] as const;
type Listed = (typeof LISTED)[number];

/** Names of the store, and of what is made with the import; of categories with all above them. */
function namesWith(names: Names, tree: CategoryTree, { made }: Found): Names {
  const brands = new Map(made.brands.map(({ id, name }) => [id, name]));
  const fields = new Map(made.fields.map(({ id, name }) => [id, { name, unit: '' }]));
  const collections = new Map(made.collections.map(({ id, name }) => [id, name]));
  const categories = new Map(made.categories.map((one) => [one.id, one]));
  const pathOf = (id: number): string[] => {
    const one = categories.get(id);
    if (!one) return [...tree.ancestors(id), ...[tree.byId(id) ?? []].flat()].map(({ name }) => name);
    return [...(one.parentId === null ? [] : pathOf(one.parentId)), one.name];
  };
  return {
    ...names,
    brand: (id) => brands.get(id) ?? names.brand(id),
    collection: (id) => collections.get(id) ?? names.collection(id),
    field: (id) => fields.get(id) ?? names.field(id),
    category: (id) => pathOf(id).join(' > ') || undefined,
  };
}

/** What the rows come to, counted, and the first of each to look at. @param isDone it has happened already */
export function WouldHappen({ found, isDone }: { found: Found; isDone: boolean }) {
  const [chosen, setChosen] = useState<Listed | null>(null);
  const { tree } = useStudio();
  const names = namesWith(useNames(), tree, found);
  const { counts } = found;
  const shown = chosen ?? LISTED.find((one) => one !== 'new' && counts[one] > 0) ?? 'new';
  return (
    <Box aria-label={isDone ? 'What happened' : 'What would happen'}>
      <div className="counts">
        <h3>{isDone ? 'What happened' : 'What would happen'}</h3>
        {LISTED.slice(0, 2).map((one) => (
          <Button
            key={one}
            aria-pressed={one === shown}
            onPress={() => setChosen(one)}
            isDisabled={counts[one] === 0}
          >
            <b>{counts[one]}</b> {WORDS[one]}
          </Button>
        ))}
        <span>
          <b>{counts.unchanged}</b> {WORDS.unchanged}
        </span>
        <Button
          className="refused"
          aria-pressed={shown === 'refused'}
          onPress={() => setChosen('refused')}
          isDisabled={counts.refused === 0}
        >
          <b>{counts.refused}</b> {WORDS.refused}
        </Button>
      </div>
      {counts[shown] > 0 && (
        <div className="list">
          <header>
            {counts[shown]} {WORDS[shown]}
            {shown === 'changed' && ', before and after'}
            {counts[shown] > found[shown].length && <span>the first {found[shown].length}</span>}
            {shown === 'refused' && (
              <LinkButton href={readRefused.path} download>
                Save them as a file
              </LinkButton>
            )}
          </header>
          <table aria-label={`${counts[shown]} ${WORDS[shown]}`}>
            <tbody>
              {shown === 'new' && <NewRows found={found} names={names} />}
              {shown === 'changed' &&
                found.changed.map((one) => <ChangedRows key={one.line} sample={one} names={names} />)}
              {shown === 'refused' &&
                found.refused.map(({ line, why, of }, i) => (
                  <tr key={i}>
                    <th scope="row">line {line}</th>
                    <td>{why}</td>
                    <td>{of}</td>
                  </tr>
                ))}
            </tbody>
          </table>
        </div>
      )}
    </Box>
  );
}

function NewRows({ found, names }: { found: Found; names: Names }) {
  return found.new.map(({ line, goods }) => (
    <tr key={line}>
      <th scope="row">line {line}</th>
      <td>{goods.title}</td>
      <td>{goods.code}</td>
      <td>
        {goods.variants > 1 && 'from '}
        {formatMoney(goods.price, names.currency)}
      </td>
      <td>{goods.variants > 1 && counted(goods.variants, 'variant')}</td>
      <td>{goods.categoryIds.map((id) => names.category(id)).join(', ')}</td>
    </tr>
  ));
}

/** What of a product an edit is of, in words. */
function nameOf({ of, part, fact }: GoodsEdit, { goods }: ChangedSample, names: Names): string {
  const named = (of === 'field' && names.field(String(part))?.name) || goodsFact(of, fact)!.name;
  const choice = goods.variants.find(({ id }) => id === part)?.choice;
  return of === 'variant' && choice ? `${named}, ${choice}` : named;
}

function ChangedRows({ sample, names }: { sample: ChangedSample; names: Names }) {
  const { line, goods, edits, added } = sample;
  const rows = [
    ...edits.map((edit) => {
      const { say, none = 'none' } = goodsFact(edit.of, edit.fact)!;
      return {
        what: nameOf(edit, sample, names),
        was: say(edit.was, names) || none,
        is: say(edit.is, names) || none,
      };
    }),
    ...(added > 0 ? [{ what: 'Variants', was: '', is: `${counted(added, 'new variant')}` }] : []),
  ];
  return rows.map(({ what, was, is }, i) => (
    <tr key={i}>
      <th scope="row">line {line}</th>
      <td>{goods.title}</td>
      <td>{what}</td>
      <td>
        {was && (
          <>
            <del>{was}</del> →{' '}
          </>
        )}
        <b>{is}</b>
      </td>
    </tr>
  ));
}

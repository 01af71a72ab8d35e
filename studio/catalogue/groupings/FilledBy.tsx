import { useState } from 'react';
import { readManyGoods } from '../../../core/api/goods.ts';
import { newAssortment } from '../../../core/assortment/assortment.ts';
import type { Group } from '../../../core/assortment/rule.ts';
import { schemaFault } from '../../../core/schema/schemaFault.ts';
import { putInto } from '../../../core/goods/goodsMany.ts';
import type { Grouping } from '../../../core/groupings/grouping.ts';
import { canFill, groupingFact } from '../../../core/groupings/groupingFacts.ts';
import { same } from '../../../core/settings/same.ts';
import { RuleEditor } from '../../assortments/RuleEditor.tsx';
import { useProductSearch } from '../../assortments/useProductSearch.ts';
import { useRuleCounts } from '../../assortments/useRuleCounts.ts';
import { Hint, Stack } from '../../settings/Stack.tsx';
import { useStudio } from '../../studioContext.tsx';
import { Button, MainButton } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { Search } from '../../ui/Search.tsx';

const EMPTY: Group = { join: 'all', parts: [] };

interface FilledByProps {
  collection: Grouping;
  onRule(rule: Group | null): void;
}

/** Whether a collection is filled by hand or by a rule; a rule holds once it is saved. */
export function FilledBy({ collection, onRule }: FilledByProps) {
  /** A rule is being made that there is not yet. */
  const [making, setMaking] = useState(false);
  const way = collection.rule !== null || making ? 'rule' : 'hand';
  const save = (rule: Group) => {
    setMaking(false);
    onRule(rule);
  };
  return (
    <Stack>
      <Choice
        label="Filled"
        shown={false}
        value={way}
        options={[
          { value: 'hand', words: 'By hand' },
          { value: 'rule', words: 'By a rule' },
        ]}
        onChange={(next) => {
          setMaking(next === 'rule');
          if (next === 'hand' && collection.rule) onRule(null);
        }}
      />
      {way === 'rule' ? (
        <ByRule key={JSON.stringify(collection.rule)} rule={collection.rule} onRule={save} />
      ) : (
        <ByHand collection={collection} />
      )}
    </Stack>
  );
}

function ByRule({ rule, onRule }: { rule: Group | null; onRule(rule: Group): void }) {
  const [draft, setDraft] = useState(rule ?? EMPTY);
  const counts = useRuleCounts({ ...newAssortment('products'), rule: draft });
  const fault = schemaFault(groupingFact('collection', 'rule')!.schema, draft);
  const isChanged = !same(draft, rule ?? EMPTY);
  return (
    <>
      <RuleEditor rule={draft} canHold={canFill} onChange={setDraft} counts={counts} wide={false} />
      {isChanged && fault !== null && <Hint>{fault}</Hint>}
      {isChanged && (
        <div style={{ display: 'flex', gap: 8 }}>
          <MainButton isDisabled={fault !== null} onPress={() => onRule(draft)}>
            Save the rule
          </MainButton>
          <Button onPress={() => setDraft(rule ?? EMPTY)}>Put back</Button>
        </div>
      )}
    </>
  );
}

/** Products are put in by their title; what it has is listed with all products. */
function ByHand({ collection: { id, name } }: { collection: Grouping }) {
  const { client, goods: writer } = useStudio();
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const { products, pending } = useProductSearch(typed);
  const add = async (product: string) => {
    setFault(null);
    try {
      const { goods } = await client.ask(readManyGoods, { body: { ids: [Number(product)] } });
      const edits = putInto(goods, 'collectionIds', id);
      const title = goods[0]?.title ?? 'This product';
      if (edits.length === 0) setFault(`${title} is in it already.`);
      else await writer.write({ words: `${title} in ${name}`, edits });
    } catch (error) {
      setFault(`Nothing was put in: ${(error as Error).message}`);
    }
  };
  return (
    <>
      <Search
        label="Put a product in"
        shown={false}
        placeholder="Put a product in: type its title"
        find={() => products}
        pending={pending}
        onType={setTyped}
        stays
        onChoose={(product) => void add(product)}
      />
      {fault && <p role="alert">{fault}</p>}
    </>
  );
}

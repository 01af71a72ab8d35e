import type { BrandClause } from '../../../core/assortment/clauses/brand.ts';
import type { CategoryClause } from '../../../core/assortment/clauses/category.ts';
import type { CollectionClause } from '../../../core/assortment/clauses/collection.ts';
import type { FieldClause } from '../../../core/assortment/clauses/field.ts';
import type { NamedClause } from '../../../core/assortment/clauses/named.ts';
import type { OptionClause } from '../../../core/assortment/clauses/option.ts';
import type { TagClause } from '../../../core/assortment/clauses/tag.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { useNames, useStudio } from '../../studioContext.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { Stepper } from '../../ui/Stepper.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { NamedList } from '../../ui/NamedList.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { TickList, withTicked } from '../../ui/TickList.tsx';
import { ProductTicks } from '../ProductTicks.tsx';
import { useCategorySearch } from '../useCategorySearch.ts';
import { ChosenFrom } from './chosenFrom.tsx';
import type { ClauseProps } from './clauseProps.ts';

/** Clauses that choose from what the catalogue holds. */

const inProducts = (count: number) => counted(count, 'product');

export function CategoryControls({ clause, onChange }: ClauseProps<CategoryClause>) {
  const names = useNames();
  const find = useCategorySearch();
  return (
    <>
      <NamedList
        items={clause.ids.map((id) => ({
          id: String(id),
          words: names.category(id) ?? `Category ${id}, removed`,
        }))}
        onRemove={(id) => onChange({ ...clause, ids: clause.ids.filter((one) => String(one) !== id) })}
      />
      <TickList
        label="Category"
        placeholder="Type a category"
        find={find}
        chosen={clause.ids.map(String)}
        onTick={(id, ticked) => onChange({ ...clause, ids: withTicked(clause.ids, Number(id), ticked) })}
      />
      <Switch on={clause.below} onChange={(below) => onChange({ ...clause, below })}>
        And everything below
      </Switch>
    </>
  );
}

export function CollectionControls({ clause, onChange }: ClauseProps<CollectionClause>) {
  const { vocabulary } = useStudio();
  return (
    <ChosenFrom
      label="Collection"
      placeholder="Type a collection"
      all={vocabulary.collections.map(({ id, name }) => ({ id: String(id), words: name }))}
      chosen={clause.ids.map(String)}
      onChange={(ids) => onChange({ ...clause, ids: ids.map(Number) })}
    />
  );
}

export function TagControls({ clause, onChange }: ClauseProps<TagClause>) {
  const { vocabulary } = useStudio();
  return (
    <ChosenFrom
      label="Tag"
      placeholder="Type a tag"
      all={vocabulary.tags.map(({ tag, name, products }) => ({
        id: tag,
        words: name,
        aside: inProducts(products),
      }))}
      chosen={clause.tags}
      onChange={(tags) => onChange({ ...clause, tags })}
    />
  );
}

export function BrandControls({ clause, onChange }: ClauseProps<BrandClause>) {
  const { vocabulary } = useStudio();
  return (
    <ChosenFrom
      label="Brand"
      placeholder="Type a brand"
      all={vocabulary.brands.map(({ id, name, products }) => ({
        id: String(id),
        words: name,
        aside: inProducts(products),
      }))}
      chosen={clause.ids.map(String)}
      onChange={(ids) => onChange({ ...clause, ids: ids.map(Number) })}
    />
  );
}

export function OptionControls({ clause, onChange }: ClauseProps<OptionClause>) {
  const { vocabulary } = useStudio();
  const option = vocabulary.options.find(({ id }) => id === clause.option);
  return (
    <ChosenFrom
      label={option?.name ?? 'Value'}
      placeholder={`Type a ${option?.name.toLowerCase() ?? 'value'}`}
      all={(option?.values ?? []).map(({ id, name, products }) => ({
        id: String(id),
        words: name,
        aside: inProducts(products),
      }))}
      chosen={clause.values.map(String)}
      onChange={(values) => onChange({ ...clause, values: values.map(Number) })}
    />
  );
}

export function FieldControls({ clause, onChange }: ClauseProps<FieldClause>) {
  const { vocabulary } = useStudio();
  const field = vocabulary.fields.find(({ id }) => id === clause.field);
  const { value } = clause;
  if (typeof value === 'boolean')
    return (
      <Choice
        label={field?.name ?? 'Value'}
        value={value ? 'yes' : 'no'}
        options={[
          { value: 'yes', words: 'Yes' },
          { value: 'no', words: 'No' },
        ]}
        onChange={(next) => onChange({ ...clause, value: next === 'yes' })}
      />
    );
  if (typeof value === 'number')
    return (
      <>
        <Choice
          label={`${field?.name ?? 'The field'} is`}
          value={clause.compare}
          options={[
            { value: 'atLeast', words: 'At least' },
            { value: 'atMost', words: 'At most' },
            { value: 'is', words: 'Exactly' },
          ]}
          onChange={(compare) => onChange({ ...clause, compare })}
        />
        <Stepper
          label={field?.unit || 'Number'}
          shown
          wide
          value={value}
          least={Math.min(0, field?.least ?? 0)}
          most={Math.max(1_000_000, field?.most ?? 0)}
          onChange={(next) => onChange({ ...clause, value: next })}
        />
        {field?.least !== null && field !== undefined && (
          <p>
            From {field.least} to {field.most} {field.unit} occur.
          </p>
        )}
      </>
    );
  const occurring = (field?.values ?? []).map(String);
  return (
    <Pick
      label={field?.name ?? 'Value'}
      value={value}
      options={[...new Set([value, ...occurring])].map((one) => ({ value: one, words: one || 'nothing' }))}
      onChange={(next) => onChange({ ...clause, value: next })}
    />
  );
}

export function NamedControls({ clause, onChange }: ClauseProps<NamedClause>) {
  const names = useNames();
  return (
    <>
      <NamedList
        items={clause.ids.map((id) => ({
          id: String(id),
          words: names.product(id) ?? `Product ${id}, removed`,
        }))}
        onRemove={(id) => onChange({ ...clause, ids: clause.ids.filter((one) => String(one) !== id) })}
        onMove={(ids) => onChange({ ...clause, ids: ids.map(Number) })}
      />
      <ProductTicks
        label="Product"
        placeholder="Type a product's title"
        chosen={clause.ids}
        onTick={(id, ticked) => onChange({ ...clause, ids: withTicked(clause.ids, id, ticked) })}
      />
    </>
  );
}

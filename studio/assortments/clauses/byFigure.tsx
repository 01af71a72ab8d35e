import type { KindClause } from '../../../core/assortment/clauses/kind.ts';
import { kindWords } from '../../../core/assortment/clauses/kind.ts';
import { MOST_NEW_DAYS, type NewClause } from '../../../core/assortment/clauses/new.ts';
import { HIGHEST_PRICE, type PriceClause } from '../../../core/assortment/clauses/price.ts';
import type { RatingClause } from '../../../core/assortment/clauses/rating.ts';
import type { ReducedClause } from '../../../core/assortment/clauses/reduced.ts';
import { MOST_DAYS, type SoldClause } from '../../../core/assortment/clauses/sold.ts';
import type { StockClause } from '../../../core/assortment/clauses/stock.ts';
import type { WordsClause } from '../../../core/assortment/clauses/words.ts';
import { PRODUCT_KINDS } from '../../../core/catalogue/productKinds.ts';
import { capital } from '../../../core/sentence/sentence.ts';
import { useDraft } from '../../studioContext.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { MoneyField } from '../../ui/MoneyField.tsx';
import { Stepper } from '../../ui/Stepper.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { Words } from '../../ui/Words.tsx';
import type { ClauseProps } from './clauseProps.ts';

/** Clauses with a figure, a state or words. */

export function PriceControls({ clause, onChange }: ClauseProps<PriceClause>) {
  const { currency, locale } = useDraft(({ plan }) => plan.house);
  const { least, most } = clause;
  const field = (label: string, value: number | null, put: (minor: number | null) => PriceClause) => (
    <MoneyField
      label={label}
      currency={currency}
      locale={locale}
      value={value}
      most={HIGHEST_PRICE}
      onChange={(minor) => onChange(put(minor))}
    />
  );
  return (
    <>
      {field('At least', least, (minor) => ({
        ...clause,
        least: minor,
        most: minor !== null && most !== null ? Math.max(minor, most) : most,
      }))}
      {field('At most', most, (minor) => ({
        ...clause,
        most: minor,
        least: minor !== null && least !== null ? Math.min(minor, least) : least,
      }))}
    </>
  );
}

export const ReducedControls = ({ clause, onChange }: ClauseProps<ReducedClause>) => (
  <Stepper
    label="By at least, percent"
    shown
    value={clause.percent}
    least={0}
    most={99}
    step={5}
    onChange={(percent) => onChange({ ...clause, percent })}
  />
);

export const StockControls = ({ clause, onChange }: ClauseProps<StockClause>) => (
  <>
    <Choice
      label="Stock"
      value={clause.state}
      options={[
        { value: 'in', words: 'In stock' },
        { value: 'out', words: 'Sold out' },
        { value: 'atMost', words: 'Last few' },
      ]}
      onChange={(state) => onChange({ ...clause, state })}
    />
    {clause.state === 'atMost' && (
      <Stepper
        label="This many at most"
        shown
        value={clause.most}
        least={1}
        most={100_000}
        wide
        onChange={(most) => onChange({ ...clause, most })}
      />
    )}
  </>
);

export const RatingControls = ({ clause, onChange }: ClauseProps<RatingClause>) => (
  <>
    <Stepper
      label="Rated at least"
      shown
      value={clause.tenths / 10}
      least={0}
      most={5}
      step={0.5}
      onChange={(value) => onChange({ ...clause, tenths: Math.round(value * 10) })}
    />
    <Stepper
      label="By at least, shoppers"
      shown
      value={clause.reviews}
      least={1}
      most={100_000}
      wide
      onChange={(reviews) => onChange({ ...clause, reviews })}
    />
  </>
);

export function NewControls({ clause, onChange }: ClauseProps<NewClause>) {
  const house = useDraft(({ plan }) => plan.house.newForDays);
  return (
    <>
      <Switch
        on={clause.days === null}
        onChange={(asHouse) => onChange({ ...clause, days: asHouse ? null : house })}
      >
        For {house} days, as in the whole store
      </Switch>
      {clause.days !== null && (
        <Stepper
          label="For days"
          shown
          value={clause.days}
          least={1}
          most={MOST_NEW_DAYS}
          wide
          onChange={(days) => onChange({ ...clause, days })}
        />
      )}
    </>
  );
}

export const SoldControls = ({ clause, onChange }: ClauseProps<SoldClause>) => (
  <>
    <Stepper
      label="Sold at least"
      shown
      value={clause.least}
      least={1}
      most={1_000_000}
      wide
      onChange={(least) => onChange({ ...clause, least })}
    />
    <Stepper
      label="In days"
      shown
      value={clause.days}
      least={1}
      most={MOST_DAYS}
      wide
      onChange={(days) => onChange({ ...clause, days })}
    />
  </>
);

export const KindControls = ({ clause, onChange }: ClauseProps<KindClause>) => (
  <>
    {PRODUCT_KINDS.map((kind) => (
      <Switch
        key={kind}
        on={clause.kinds.includes(kind)}
        onChange={(on) =>
          onChange({
            ...clause,
            kinds: PRODUCT_KINDS.filter((one) => (one === kind ? on : clause.kinds.includes(one))),
          })
        }
      >
        {capital(kindWords[kind])}
      </Switch>
    ))}
  </>
);

export const WordsControls = ({ clause, onChange }: ClauseProps<WordsClause>) => (
  <Words
    label="Every word begins a word of title, tags or brand"
    value={clause.words}
    longest={200}
    onChange={(words) => onChange({ ...clause, words })}
  />
);

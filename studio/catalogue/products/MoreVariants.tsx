import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { addOption, addVariant } from '../../../core/api/goods.ts';
import type { Goods } from '../../../core/goods/goods.ts';
import {
  LONGEST_OPTION,
  optionFault,
  optionsOfVariants,
  sayVariants,
  variantFault,
  type ChoiceIn,
} from '../../../core/goods/variants.ts';
import { listed, lowered } from '../../../core/sentence/sentence.ts';
import { goodsChanged } from '../../api/goodsWriter.ts';
import { knownChanged } from '../../api/known.ts';
import { Hint } from '../../settings/Stack.tsx';
import { useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { FormDialog } from '../../ui/FormDialog.tsx';
import { Words } from '../../ui/Words.tsx';

/** In which options a product can be had, and what gives it more of them. */
export function MoreVariants({ goods }: { goods: Goods }) {
  const { vocabulary } = useStudio();
  const [adding, setAdding] = useState<'option' | 'variant' | null>(null);
  const options = optionsOfVariants(goods.variants, vocabulary.options);
  const said = sayVariants(options, goods.variants.length);
  const one = options.length === 1 ? lowered(options[0]!.name) : 'variant';
  const close = () => setAdding(null);
  return (
    <div style={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 8 }}>
      {said && <span style={{ flex: 1 }}>{said}</span>}
      {options.length > 0 && <Button onPress={() => setAdding('variant')}>Add a {one}…</Button>}
      <Button onPress={() => setAdding('option')}>Add an option…</Button>
      {adding === 'option' && <NewOption goods={goods} onClose={close} />}
      {adding === 'variant' && <NewVariant goods={goods} onClose={close} />}
    </div>
  );
}

interface NewProps {
  goods: Goods;
  onClose(): void;
}

/** What a product has of options, as sentences and checks read it. */
function useOptions({ variants }: Goods) {
  const { vocabulary } = useStudio();
  const all = vocabulary.options;
  const has = optionsOfVariants(variants, all);
  const choices = variants.map((variant) =>
    has.map(({ name, values }): ChoiceIn => ({
      option: name,
      value: values.find(({ id }) => variant.values.includes(id))?.name ?? '',
    })),
  );
  return { all, has, choices };
}

function useAdding(onClose: () => void) {
  const queries = useQueryClient();
  return {
    onSuccess: () => {
      onClose();
      goodsChanged(queries);
      knownChanged(queries);
    },
  };
}

function NewOption({ goods, onClose }: NewProps) {
  const { client } = useStudio();
  const { all, has } = useOptions(goods);
  const [choice, setChoice] = useState<ChoiceIn>({ option: '', value: '' });
  const adding = useMutation({
    mutationFn: () => client.ask(addOption, { body: { product: goods.id, choice } }),
    ...useAdding(onClose),
  });
  const fault = choice.option.trim() === '' ? null : optionFault(has, choice.option);
  const canBe = choice.option.trim() !== '' && choice.value.trim() !== '' && fault === null;
  const others = all.filter(({ name }) => !has.some((one) => one.name === name));
  return (
    <FormDialog
      open
      doing="Adding…"
      title="Add an option"
      does="Add the option"
      canBe={canBe}
      fault={fault ?? adding.error?.message ?? null}
      pending={adding.isPending}
      onClose={onClose}
      onDone={() => adding.mutate()}
    >
      <Words
        label="Option"
        value={choice.option}
        longest={LONGEST_OPTION}
        placeholder="Colour, size, length…"
        onChange={(option) => setChoice({ ...choice, option })}
      />
      <Words
        label={goods.variants.length > 1 ? 'What all its variants are in it' : 'What it is in it now'}
        value={choice.value}
        longest={LONGEST_OPTION}
        placeholder="Blue, small, 30 cm…"
        onChange={(value) => setChoice({ ...choice, value })}
      />
      {others.length > 0 && (
        <Hint>
          Other products have {listed(others.slice(0, 8).map(({ name }) => name))}: the same name is the same
          option.
        </Hint>
      )}
    </FormDialog>
  );
}

function NewVariant({ goods, onClose }: NewProps) {
  const { client } = useStudio();
  const { has, choices } = useOptions(goods);
  const [values, setValues] = useState<Readonly<Record<string, string>>>({});
  const choice = has.map(({ name }) => ({ option: name, value: values[name] ?? '' }));
  const adding = useMutation({
    mutationFn: () => client.ask(addVariant, { body: { product: goods.id, choice } }),
    ...useAdding(onClose),
  });
  const isSaid = choice.every(({ value }) => value.trim() !== '');
  const fault = isSaid ? variantFault(has, choices, choice) : null;
  return (
    <FormDialog
      open
      doing="Adding…"
      title="Add a variant"
      does="Add the variant"
      canBe={isSaid && fault === null}
      fault={fault ?? adding.error?.message ?? null}
      pending={adding.isPending}
      onClose={onClose}
      onDone={() => adding.mutate()}
    >
      {has.map(({ name }) => (
        <Words
          key={name}
          label={name}
          value={values[name] ?? ''}
          longest={LONGEST_OPTION}
          onChange={(value) => setValues({ ...values, [name]: value })}
        />
      ))}
      <Hint>It costs what the first costs, and is sold out until you set its stock.</Hint>
    </FormDialog>
  );
}

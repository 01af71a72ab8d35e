import { X } from 'lucide-react';
import { useEffect, type ReactNode } from 'react';
import { useForm } from 'react-hook-form';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { Group } from '../../../core/assortment/rule.ts';
import { isWithin } from '../../../core/goods/goodsList.ts';
import { FIELD_TYPES, type Grouping } from '../../../core/groupings/grouping.ts';
import { groupingEdits } from '../../../core/groupings/groupingEdit.ts';
import type { GroupingFact, GroupingKind } from '../../../core/groupings/groupingFacts.ts';
import { isPageKind, pageKind, pagePath } from '../../../core/pages/index.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { Hint, Stack } from '../../settings/Stack.tsx';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { QuietButton } from '../../ui/Button.tsx';
import { ColourPick } from '../../ui/ColourPick.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { t } from '../../ui/theme.ts';
import { Side } from '../Side.tsx';
import { TextFact, type Texts } from '../TextFact.tsx';
import { FilledBy } from './FilledBy.tsx';
import { HeldList } from './HeldList.tsx';
import { OnePicture } from './OnePicture.tsx';
import { RemoveGrouping } from './RemoveGrouping.tsx';
import { StandsUnder } from './StandsUnder.tsx';

const Editor = styled(Side)`
  section {
    border-top: 1px solid ${t.line};
    padding-top: 12px;
  }
  a {
    color: ${t.pine};
  }
`;

interface GroupingEditorProps {
  kind: GroupingKind;
  all: readonly Grouping[];
  /** Undefined where it is not there any more. */
  grouping: Grouping | undefined;
  /** What those of this kind hold, all of it. */
  held?: { kind: GroupingKind; all: readonly Grouping[]; onOpen(id: number): void } | undefined;
  /** Where what it is one of is edited. */
  up?: { name: string; to: string } | undefined;
  onClose(): void;
}

/** One of a kind as its owner keeps it; what is set holds at once. */
export function GroupingEditor({ kind, all, grouping, held, up, onClose }: GroupingEditorProps) {
  return (
    <Editor aria-label={grouping?.name ?? kind.title}>
      <header>
        <div>
          {up && (
            <p>
              <Link to={up.to}>{up.name}</Link>
            </p>
          )}
          <h2>{grouping?.name ?? kind.title}</h2>
          {grouping && <Products kind={kind} grouping={grouping} />}
        </div>
        <QuietButton aria-label={`Close this ${kind.one}`} onPress={onClose}>
          <X size={16} aria-hidden />
        </QuietButton>
      </header>
      {grouping ? (
        <Stack>
          <Facts kind={kind} all={all} grouping={grouping} />
          {kind.knownAs && grouping.slug !== grouping.name && <Hint>{kind.knownAs(grouping)}</Hint>}
          {held && <HeldList {...held} of={grouping} />}
          <RemoveGrouping kind={kind} all={all} grouping={grouping} onRemoved={onClose} />
        </Stack>
      ) : (
        <Notice>This {kind.one} is not there any more.</Notice>
      )}
    </Editor>
  );
}

function Products({
  kind,
  grouping: { id, slug, products, rule, type },
}: {
  kind: GroupingKind;
  grouping: Grouping;
}) {
  const page = isPageKind(kind.of) ? pagePath(pageKind(kind.of), slug) : null;
  return (
    <p>
      {type && `${FIELD_TYPES[type]}, `}
      {!rule &&
        products > 0 &&
        (isWithin(kind.of) ? (
          <Link to={`/catalogue/products?in=${kind.of}-${id}`}>{counted(products, 'product')}</Link>
        ) : (
          counted(products, 'product')
        ))}
      {!rule && products === 0 && (type ? 'no products yet' : 'No products yet')}
      {!rule && page && ', '}
      {page && (
        <a href={page} target="_blank" rel="noreferrer">
          see it in the shop
        </a>
      )}
    </p>
  );
}

const TEXTS = ['name', 'slug', 'description', 'extraLine', 'unit'] as const;
const textsOf = (one: Grouping): Texts => Object.fromEntries(TEXTS.map((id) => [id, one[id]]));

function Facts({ kind, all, grouping }: Pick<GroupingEditorProps, 'kind' | 'all'> & { grouping: Grouping }) {
  const { groupings: writer } = useStudio();
  const house = useDraft((state) => state.plan.house.colours);
  const { control, reset, resetField } = useForm<Texts>({ defaultValues: textsOf(grouping), mode: 'onBlur' });
  // What was changed elsewhere, or taken back, is in the fields; what is being typed stays.
  useEffect(() => reset(textsOf(grouping), { keepDirtyValues: true }), [grouping, reset]);
  const set = ({ id, name }: GroupingFact, is: unknown) => {
    const edits = groupingEdits(all, { of: kind.of, id: grouping.id, fact: id }, is);
    if (edits.length > 0) void writer.write({ words: `${name.toLowerCase()} of ${grouping.name}`, edits });
  };
  const text = (fact: GroupingFact, lines = 1) => (
    <TextFact
      control={control}
      name={fact.id}
      label={fact.name}
      schema={fact.schema}
      lines={lines}
      saved={lines > 1}
      onCommit={(next) => {
        resetField(fact.id, { defaultValue: next });
        set(fact, next);
      }}
    />
  );
  /** How each fact is set. */
  const editors: Readonly<Record<GroupingFact['id'], (fact: GroupingFact) => ReactNode>> = {
    name: text,
    slug: text,
    extraLine: text,
    unit: (fact) => grouping.type === 'number' && text(fact),
    description: (fact) => text(fact, 4),
    colour: (fact) => (
      <section>
        <Stack>
          <ColourPick
            label={fact.name}
            value={grouping.colour}
            none="None"
            offered={[house.accent, house.text, house.ground]}
            onChange={(is) => set(fact, is)}
          />
          <Hint>Swatches show its colour, or else its picture, or else its name.</Hint>
        </Stack>
      </section>
    ),
    pictureId: (fact) => (
      <section>
        <h3>{fact.name}</h3>
        <OnePicture label={fact.name} value={grouping.pictureId} onChange={(is) => set(fact, is)} />
      </section>
    ),
    rule: (fact) => (
      <section>
        <h3>Products</h3>
        <FilledBy collection={grouping} onRule={(is: Group | null) => set(fact, is)} />
      </section>
    ),
    place: (fact) =>
      kind.tree && (
        <StandsUnder
          all={all}
          of={grouping}
          value={grouping.parentId}
          onChange={(parent) => set(fact, { parent, before: null })}
        />
      ),
  };
  return kind.facts.map((fact) => {
    const editor = editors[fact.id](fact);
    return editor && <div key={fact.id}>{editor}</div>;
  });
}

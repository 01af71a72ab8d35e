import { useState } from 'react';
import type { Assortment } from '../../../../core/assortment/assortment.ts';
import { isGroup } from '../../../../core/assortment/rule.ts';
import type { CategoryTree } from '../../../../core/catalogue/categoryTree.ts';
import { formKind, formKinds, formsOf } from '../../../../core/forms/index.ts';
import { LONGEST_MORE, PAGINGS } from '../../../../core/plan/shelf.ts';
import { assortmentOf } from '../../../../core/plan/plan.ts';
import { LINK } from '../../../../core/plan/link.ts';
import { LONGEST_LINK } from '../../../../core/plan/words.ts';
import { useDraft, useStudio } from '../../../studioContext.tsx';
import { Button } from '../../../ui/Button.tsx';
import { Choice, Switch, Words } from '../../../ui/fields.tsx';
import { Pick } from '../../../ui/Pick.tsx';
import { Facts } from '../forms/Facts.tsx';
import { StartFrom } from '../forms/StartFrom.tsx';
import { FormSections } from '../forms/FormSections.tsx';
import { formSections } from '../forms/ofForm.ts';
import { Hint, SettingBox, Stack, useSet, VaryingChoice, type LineProps } from './controls.tsx';

const pagingWords = {
  none: 'None',
  numbered: 'Numbered',
  more: 'A button for more',
  onReach: 'More on reaching the end',
};

const formOptions = formKinds.map(({ id, name }) => ({ value: id, words: name }));

/** The category that a selection is limited to, where it is one alone, and where all of it stands. */
function oneCategory(assortment: Assortment, tree: CategoryTree): { name: string; href: string } | null {
  if (assortment.of !== 'products' || assortment.rule.join !== 'all') return null;
  const ids = assortment.rule.parts.flatMap((part) =>
    !isGroup(part) && part.is === 'category' ? [part.ids] : [],
  );
  const [only] = ids[0] ?? [];
  const category =
    ids.length === 1 && ids[0]!.length === 1 && only !== undefined ? tree.byId(only) : undefined;
  return category ? { name: category.name, href: `/category/${category.slug}` } : null;
}

/** How the shelf stands at each width, how a shopper comes to the rest, and how what moves is moved. */
export function Form({ bay, shelf, drawn }: LineProps) {
  const bands = useDraft((state) => state.plan.house.bands);
  const on = { shelf: shelf!.id };
  const set = useSet(on);
  const { tree } = useStudio();
  const plan = useDraft((state) => state.plan);
  const forms = formsOf(shelf!.form, bands);
  const [apart, setApart] = useState(Object.keys(shelf!.form).length > 1);
  if (!shelf) return null;
  const view = drawn?.content.holds === 'shelf' && !drawn.empty ? drawn.content.shelf : null;
  const { paging } = shelf;
  const all = oneCategory(assortmentOf(plan, shelf), tree);
  return (
    <Stack>
      <StartFrom shelf={shelf.id} />
      {apart ? (
        <VaryingChoice id="form" title="Form" on={on} value={shelf.form} options={formOptions} />
      ) : (
        <SettingBox id="form">
          <Choice
            label="Form"
            inColumns={3}
            value={forms[0]!}
            options={formOptions}
            onChange={(value) => set('form', { [bands[0]!.id]: value })}
          />
          <Hint>{formKind(forms[0]!).about}</Hint>
        </SettingBox>
      )}
      <Switch
        on={apart}
        onChange={(next) => {
          setApart(next);
          // What was set apart is one again: the form of the narrowest width.
          if (!next) set('form', { [bands[0]!.id]: shelf.form[bands[0]!.id] });
        }}
      >
        Another form at some widths
      </Switch>
      {view && <Facts bayId={bay.id} shelf={view} />}
      <SettingBox id="paging.by">
        <Pick
          label="Pages"
          value={paging.by}
          options={PAGINGS.map((value) => ({ value, words: pagingWords[value] }))}
          onChange={(value) => set('paging.by', value)}
        />
      </SettingBox>
      {paging.by === 'numbered' && <Hint>Every width has pages of its own, from one address.</Hint>}
      {paging.by === 'onReach' && (
        <Hint>
          Three pages come by themselves, then a press is asked for, so that the foot of the page can be
          reached.
        </Hint>
      )}
      {(paging.by === 'more' || paging.by === 'onReach') && (
        <SettingBox id="paging.words">
          <Words
            label="Words of the button"
            value={paging.words}
            longest={LONGEST_MORE}
            placeholder="Show more"
            onChange={(value) => set('paging.words', value)}
          />
        </SettingBox>
      )}
      {paging.by === 'more' && (
        <SettingBox id="paging.link">
          <Words
            label="Leads elsewhere, to"
            value={paging.link}
            longest={LONGEST_LINK}
            placeholder="No: it brings more here"
            fault={(value) =>
              value === '' || LINK.test(value)
                ? null
                : 'A link begins with "/", "#", "http://", "https://", "mailto:" or "tel:".'
            }
            onChange={(value) => set('paging.link', value)}
          />
          {all && paging.link !== all.href && (
            <Button onPress={() => set('paging.link', all.href)}>Lead to all of {all.name}</Button>
          )}
        </SettingBox>
      )}
      <FormSections sections={formSections} shelf={shelf} view={view} />
      <SettingBox id="direction">
        <Pick
          label="Read"
          value={shelf.direction}
          options={[
            { value: 'page', words: 'As the page is' },
            { value: 'ltr', words: 'From left to right' },
            { value: 'rtl', words: 'From right to left' },
          ]}
          onChange={(value) => set('direction', value)}
        />
      </SettingBox>
    </Stack>
  );
}

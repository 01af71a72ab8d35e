import { useState } from 'react';
import { pagePath } from '../../../core/pages/index.ts';
import { ownPage } from '../../../core/pages/own.ts';
import { linkFromMenu } from '../../../core/plan/linkFromMenu.ts';
import { pageSettings } from '../../../core/plan/page.ts';
import { slugOf } from '../../../core/catalogue/slugOf.ts';
import { addPage, freeSlug, pageAt } from '../../../core/plan/pageEdits.ts';
import { pageTemplates } from '../../../core/plan/pageTemplates/index.ts';
import { LONGEST_NAME } from '../../../core/plan/words.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { faultOf } from '../../settings/controls/Text.tsx';
import { Hint } from '../../settings/Stack.tsx';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button, MainButton } from '../../ui/Button.tsx';
import { Dialog, DialogFoot } from '../../ui/Dialog.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { t } from '../../ui/theme.ts';
import { Words } from '../../ui/Words.tsx';
import { newId } from '../elevation/newId.ts';
import { TemplateTiles } from './TemplateTiles.tsx';

/** Of an id, so that those of its bays, which begin with it, are no longer than they may be. */
const STEM = 30;

/** Makes a page of the owner's own: from a template, with a name and an address. */
export function NewPage({ onClose, onMade }: { onClose: () => void; onMade: (id: string) => void }) {
  const { draft, tree } = useStudio();
  const stored = useDraft((state) => state.draft);
  const plan = useDraft((state) => state.plan);
  const { bands } = plan.house;
  const [chosen, choose] = useState(pageTemplates[0]!.id);
  const [name, setName] = useState('');
  /** Null while it goes by the name. */
  const [typed, setTyped] = useState<string | null>(null);
  const [category, setCategory] = useState(tree.roots[0]?.id ?? null);
  const [linked, setLinked] = useState(false);
  const linkTo = (id: string) => linkFromMenu(plan, tree, `page:${id}`);
  const template = pageTemplates.find(({ id }) => id === chosen)!;
  const slug = typed ?? (name.trim() ? freeSlug(stored, slugOf(name)) : '');
  const taken = slug ? pageAt(stored, slug) : undefined;
  const fault = slug
    ? (faultOf(pageSettings.slug.kind, slug) ??
      (taken ? `"${taken.name}" is at this address. Choose another.` : null))
    : null;
  const count = template.make({ id: 'x', name: '', bands, category }).bays.length;
  const ready = name.trim() !== '' && slug !== '' && fault === null;
  const make = () => {
    const id = newId(slug.slice(0, STEM), draft.getState().plan);
    const content = template.make({ id, name: name.trim(), bands, category });
    const added = addPage({ id, name: name.trim(), slug }, content);
    const link = linked ? linkTo(id) : null;
    draft.run(link ? { do: 'together', commands: [added, link] } : added);
    onMade(id);
  };
  return (
    <Dialog title="New page" open onClose={onClose}>
      <TemplateTiles templates={pageTemplates} category={category} chosen={chosen} onChoose={choose} />
      <p>
        <b>
          {template.name}, {counted(count, 'bay')}:
        </b>{' '}
        {template.about}.
      </p>
      {template.needsCategory && category !== null && (
        <Pick
          label="Category"
          value={String(category)}
          options={tree.all.map((one) => ({
            value: String(one.id),
            words: [...tree.ancestors(one.id), one].map((step) => step.name).join(' / '),
          }))}
          onChange={(id) => setCategory(Number(id))}
        />
      )}
      <Words label="Name" value={name} longest={LONGEST_NAME} onChange={setName} />
      <div>
        <Words label="Address" value={slug} longest={80} onChange={setTyped} />
        {fault ? (
          <p role="alert" style={{ color: t.brick, fontSize: 12 }}>
            {fault}
          </p>
        ) : (
          <Hint>{slug ? `${pagePath(ownPage, slug)} is free.` : 'Made from the name.'}</Hint>
        )}
      </div>
      {linkTo('new') && (
        <Switch on={linked} onChange={setLinked}>
          Link to it at the end of the store’s menu
        </Switch>
      )}
      <DialogFoot>
        <span style={{ flex: 1, color: t.ink2, alignSelf: 'center' }}>Shoppers see it once you publish.</span>
        <Button onPress={onClose}>Cancel</Button>
        <MainButton isDisabled={!ready} onPress={make}>
          Create page
        </MainButton>
      </DialogFoot>
    </Dialog>
  );
}

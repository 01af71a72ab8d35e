import { useQuery } from '@tanstack/react-query';
import { useState, type CSSProperties } from 'react';
import { useNavigate, useParams } from 'react-router';
import { listGroupings } from '../../../core/api/groupings.ts';
import { categoryTree } from '../../../core/catalogue/categoryTree.ts';
import { fold } from '../../../core/catalogue/fold.ts';
import type { Grouping, GroupingOf } from '../../../core/groupings/grouping.ts';
import { groupingEdits, type GroupingEdit } from '../../../core/groupings/groupingEdit.ts';
import { groupingFact, groupingKinds, type GroupingKind } from '../../../core/groupings/groupingFacts.ts';
import { counted, type Names } from '../../../core/sentence/sentence.ts';
import { groupingsKey } from '../../api/groupingWriter.ts';
import { useStudio } from '../../studioContext.tsx';
import { FindField } from '../../ui/FindField.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { ListFoot } from '../ListFoot.tsx';
import { Middle } from '../Middle.tsx';
import { MissingFilters } from '../MissingFilters.tsx';
import { NotWritten, type SaidFact } from '../NotWritten.tsx';
import { Ground } from '../Side.tsx';
import { GroupingEditor } from './GroupingEditor.tsx';
import { GroupingTree } from './GroupingTree.tsx';
import { NewGrouping } from './NewGrouping.tsx';

const SIDE = { '--side': 'minmax(340px, 420px)' } as CSSProperties;

function sayFact({ of, fact: id }: GroupingEdit, value: unknown, names: Names): SaidFact {
  const fact = groupingFact(of, id)!;
  return { name: fact.name, now: fact.say(value, names) };
}

/** Parents before what is under them, in the owner's order. */
function inOrder(all: readonly Grouping[]): Grouping[] {
  const tree = categoryTree(all);
  return tree.roots.flatMap(({ id }) => tree.withBelow(id)).map((id) => tree.byId(id)!);
}

/** Brands stand by name, what has a place of its own as its owner put it. */
const byName = (all: readonly Grouping[]): Grouping[] =>
  [...all].sort((a, b) => fold(a.name).localeCompare(fold(b.name)) || a.id - b.id);

/** All of a kind: found, moved, by what they lack, and each edited beside the list. */
export function Groupings({ of }: { of: GroupingOf }) {
  const { client, groupings: writer } = useStudio();
  const navigate = useNavigate();
  const { groupingId } = useParams();
  const kind = groupingKinds[of];
  const [typed, setTyped] = useState('');
  const [missing, setMissing] = useState<string | null>(null);
  const { data, error, refetch } = useQuery({
    queryKey: groupingsKey(of),
    queryFn: () => client.ask(listGroupings, { query: { of } }),
  });
  const all = data?.groupings;
  const at = `/catalogue/${kind.many}`;
  const openOne = (id: number | null) => void navigate(id === null ? at : `${at}/${id}`);
  const open = Number(groupingId);
  const opened = all?.find(({ id }) => id === open);
  const lack = kind.lacks.find(({ id }) => id === missing);
  const isNarrowed = typed.trim() !== '' || lack !== undefined;
  const hasPlace = kind.facts.some(({ id }) => id === 'place');
  const found =
    all &&
    (isNarrowed || !hasPlace
      ? (hasPlace ? inOrder(all) : byName(all)).filter(
          (one) => fold(one.name).includes(fold(typed)) && (!lack || lack.is(one)),
        )
      : null);
  return (
    <Ground data-open={groupingId === undefined ? undefined : true} style={SIDE}>
      <Middle>
        <header>
          <h2>{kind.title}</h2>
          <NewGrouping kind={kind} all={all ?? []} onMade={openOne} />
        </header>
        <FindField
          label={`Find a ${kind.one}`}
          placeholder="A part of its name"
          value={typed}
          onChange={setTyped}
        />
        <MissingFilters
          lacking={kind.lacks.map(({ id, words, is }) => ({ id, words, count: all?.filter(is).length ?? 0 }))}
          chosen={missing}
          onChoose={setMissing}
        />
        <NotWritten writer={writer} say={sayFact} />
        {error && !all && (
          <Notice action="Try again" onAction={() => void refetch()}>
            The {kind.many} could not be fetched: {error.message}
          </Notice>
        )}
        {!all && !error && <Notice>Fetching the {kind.many}…</Notice>}
        {all && found !== undefined && (
          <GroupingTree
            key={found === null ? 'all' : 'found'}
            kind={kind}
            all={all}
            found={found}
            open={opened?.id ?? null}
            empty={isNarrowed ? `No ${kind.one} is so.` : `There are no ${kind.many} yet.`}
            onOpen={openOne}
            onPlace={(one, place) =>
              void writer.write({
                words: `the place of ${one.name}`,
                edits: groupingEdits(all, { of, id: one.id, fact: 'place' }, place),
              })
            }
          />
        )}
        <ListFoot
          writer={writer}
          listed={
            all
              ? found && isNarrowed
                ? `${counted(found.length, kind.one, kind.many)} found`
                : counted(all.length, kind.one, kind.many)
              : ''
          }
        />
      </Middle>
      {groupingId !== undefined && all && (
        <Opened kind={kind} all={all} grouping={opened} onClose={() => openOne(null)} />
      )}
    </Ground>
  );
}

interface OpenedProps {
  kind: GroupingKind;
  all: readonly Grouping[];
  grouping: Grouping | undefined;
  onClose(): void;
}

/** One of the list, or what is opened of those that it holds. */
function Opened({ kind, all, grouping, onClose }: OpenedProps) {
  const { client } = useStudio();
  const navigate = useNavigate();
  const { groupingId, heldId } = useParams();
  const held = kind.holds && groupingKinds[kind.holds];
  const { data } = useQuery({
    queryKey: groupingsKey(held?.of ?? kind.of),
    queryFn: () => client.ask(listGroupings, { query: { of: held?.of ?? kind.of } }),
    enabled: held !== undefined,
  });
  const ofHeld = held && data?.groupings;
  const at = `/catalogue/${kind.many}/${groupingId}`;
  if (held && heldId !== undefined)
    return (
      ofHeld && (
        <GroupingEditor
          key={heldId}
          kind={held}
          all={ofHeld}
          grouping={ofHeld.find(({ id, parentId }) => id === Number(heldId) && parentId === grouping?.id)}
          up={grouping && { name: grouping.name, to: at }}
          onClose={() => void navigate(at)}
        />
      )
    );
  return (
    <GroupingEditor
      key={groupingId}
      kind={kind}
      all={all}
      grouping={grouping}
      held={held && ofHeld && { kind: held, all: ofHeld, onOpen: (id) => void navigate(`${at}/${id}`) }}
      onClose={onClose}
    />
  );
}

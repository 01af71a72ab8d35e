import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { listGroupings, removeGrouping } from '../../../core/api/groupings.ts';
import { askedForIn, asksFor } from '../../../core/groupings/askedFor.ts';
import type { Grouping } from '../../../core/groupings/grouping.ts';
import { groupingKinds, whyItStays, type GroupingKind } from '../../../core/groupings/groupingFacts.ts';
import { besides } from '../../../core/groupings/places.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { groupingsChanged, groupingsKey } from '../../api/groupingWriter.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { RemoveDialog } from '../../ui/RemoveDialog.tsx';
import { documentPlace } from '../documentPlace.ts';

interface RemoveGroupingProps {
  kind: GroupingKind;
  all: readonly Grouping[];
  grouping: Grouping;
  onRemoved(): void;
}

/** Takes one out of the catalogue, once what that changes was said and confirmed. */
export function RemoveGrouping({ kind, all, grouping, onRemoved }: RemoveGroupingProps) {
  const { client } = useStudio();
  const queries = useQueryClient();
  const plan = useDraft((state) => state.draft);
  const [asking, setAsking] = useState(false);
  const { id, name, products } = grouping;
  const removing = useMutation({
    mutationFn: () => client.ask(removeGrouping, { body: { of: kind.of, id } }),
    onSuccess: () => {
      onRemoved();
      groupingsChanged(queries);
    },
  });
  // Rules of collections name it, too.
  const { data: collections } = useQuery({
    queryKey: groupingsKey('collection'),
    queryFn: () => client.ask(listGroupings, { query: { of: 'collection' } }),
    enabled: asking,
  });
  const stays = whyItStays(kind.of, grouping);
  if (stays !== null) return <p>{stays}</p>;
  const below = kind.tree ? besides(all, id).length : 0;
  const askers = asking
    ? [
        ...askedForIn(plan, kind.of, grouping).map((key) => documentPlace(plan, key)),
        ...(collections?.groupings ?? [])
          .filter(({ rule }) => asksFor(rule, kind.of, grouping))
          .map((one) => ({ words: `Collection ${one.name}`, to: `/catalogue/collections/${one.id}` })),
      ]
    : [];
  return (
    <section>
      <Button onPress={() => setAsking(true)}>Remove this {kind.one}…</Button>
      <RemoveDialog
        title={`Remove ${name}`}
        open={asking}
        does={`Remove the ${kind.one}`}
        removing={removing}
        onClose={() => setAsking(false)}
      >
        <p>
          {products > 0 ? `${counted(products, 'product goes', 'products go')} on without it. ` : ''}
          {below > 0 ? `What is below it moves up. ` : ''}
          {kind.holds ? `Its ${groupingKinds[kind.holds].many} go with it. ` : ''}It cannot be brought back.
        </p>
        {askers.length > 0 && (
          <>
            <p>These ask for it, and find nothing by it from then on:</p>
            <ul>
              {askers.map(({ words, to }) => (
                <li key={`${to} ${words}`}>
                  <Link to={to}>{words}</Link>
                </li>
              ))}
            </ul>
          </>
        )}
      </RemoveDialog>
    </section>
  );
}

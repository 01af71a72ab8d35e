import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import styled from 'styled-components';
import { readPictureUses, type PictureUses as Uses } from '../../../core/api/pictures.ts';
import { pageKind, pagePath } from '../../../core/pages/index.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { Hint } from '../../settings/Stack.tsx';
import { t } from '../../ui/theme.ts';
import { documentPlace } from '../documentPlace.ts';

const OF: Readonly<Record<Uses['catalogue'][number]['of'], string>> = {
  product: 'Product',
  category: 'Category',
  collection: 'Collection',
  entry: 'Journal',
  value: 'Option value',
};

const List = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 3px;
  max-height: 160px;
  overflow: auto;
  li {
    overflow-wrap: anywhere;
  }
  span {
    color: ${t.ink2};
  }
  a {
    color: ${t.pine};
  }
`;

export const usesQuery = (client: ReturnType<typeof useStudio>['client'], id: string) => ({
  queryKey: ['picture uses', id],
  queryFn: () => client.ask(readPictureUses, { query: { id } }).then(({ uses }) => uses),
});

/** Whether nothing shows or names it, not even a release that could be put back. */
export const isUnused = ({ catalogue, documents, releases }: Uses): boolean =>
  catalogue.length === 0 && documents.length === 0 && releases === 0;

/** Where a picture is shown, each with the way there. */
export function PictureUses({ id }: { id: string }) {
  const { client } = useStudio();
  const stored = useDraft((state) => state.draft);
  const { data: uses, isError, refetch } = useQuery(usesQuery(client, id));
  if (isError)
    return (
      <Hint>
        Where it is used could not be fetched. <Button onPress={() => void refetch()}>Try again</Button>
      </Hint>
    );
  if (!uses) return <Hint>Looking where it is used…</Hint>;
  if (isUnused(uses)) return <Hint>Nothing uses it.</Hint>;
  const onlyBefore = uses.catalogue.length === 0 && uses.documents.length === 0;
  return (
    <>
      <List aria-label="Used in">
        {uses.documents.map((key) => {
          const { words, to } = documentPlace(stored, key);
          return (
            <li key={key}>
              <span>In the draft:</span> <Link to={to}>{words}</Link>
            </li>
          );
        })}
        {uses.catalogue.map(({ of, name, slug }, i) => (
          <li key={i}>
            <span>{OF[of]}:</span>{' '}
            {of !== 'value' && slug !== null ? (
              <a href={pagePath(pageKind(of), slug)} target="_blank" rel="noreferrer">
                {name}
              </a>
            ) : (
              name
            )}
          </li>
        ))}
      </List>
      {onlyBefore && (
        <Hint>
          {uses.live
            ? 'Shoppers see it until you publish again.'
            : `Only ${counted(uses.releases, 'earlier release')} used it; it stays so that ${uses.releases === 1 ? 'that one' : 'they'} can be put back.`}
        </Hint>
      )}
    </>
  );
}

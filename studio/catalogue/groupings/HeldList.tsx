import styled from 'styled-components';
import { MOST_NAMED_PICTURES } from '../../../core/api/pictures.ts';
import type { Grouping } from '../../../core/groupings/grouping.ts';
import { groupingEdits } from '../../../core/groupings/groupingEdit.ts';
import type { GroupingKind } from '../../../core/groupings/groupingFacts.ts';
import { renditionAddress } from '../../../core/picture/renditions.ts';
import { usePictures } from '../../api/usePictureSearch.ts';
import { useStudio } from '../../studioContext.tsx';
import { t } from '../../ui/theme.ts';
import { GroupingTree } from './GroupingTree.tsx';
import { NewGrouping } from './NewGrouping.tsx';

const Head = styled.div`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  margin-bottom: 8px;
`;

/** What tells one apart where its name alone would not. */
const Face = styled.span`
  display: inline-block;
  width: 20px;
  height: 20px;
  border-radius: 50%;
  border: 1px solid ${t.edge};
  background-size: cover;
  vertical-align: middle;
  margin-inline-end: 8px;
`;

interface HeldListProps {
  kind: GroupingKind;
  /** What holds them. */
  of: Grouping;
  /** All of the kind, also those of others. */
  all: readonly Grouping[];
  onOpen(id: number): void;
}

/** What one has of another kind, as the values of an option: made, put in order, and each opened by a press. */
export function HeldList({ kind, of, all, onOpen }: HeldListProps) {
  const { groupings: writer } = useStudio();
  const held = all.filter(({ parentId }) => parentId === of.id);
  const { pictures } = usePictures(
    held.flatMap(({ pictureId }) => pictureId ?? []).slice(0, MOST_NAMED_PICTURES),
  );
  // Ids of both kinds are numbered alike, so that among themselves they stand under none.
  const listed = held.map((one) => ({ ...one, parentId: null }));
  const face = ({ colour, pictureId }: Grouping) => {
    const picture = pictures.find(({ id }) => id === pictureId);
    if (colour) return <Face style={{ backgroundColor: colour }} />;
    return picture && <Face style={{ backgroundImage: `url("${renditionAddress(picture, 160)}")` }} />;
  };
  return (
    <section>
      <Head>
        <h3>{kind.title}</h3>
        <NewGrouping kind={kind} all={all} within={of.id} onMade={onOpen} />
      </Head>
      <GroupingTree
        kind={kind}
        all={listed}
        found={null}
        open={null}
        empty={`It has no ${kind.many} yet.`}
        face={face}
        onOpen={onOpen}
        onPlace={({ id, name }, { before }) =>
          void writer.write({
            words: `the place of ${name}`,
            edits: groupingEdits(all, { of: kind.of, id, fact: 'place' }, { parent: of.id, before }),
          })
        }
      />
    </section>
  );
}

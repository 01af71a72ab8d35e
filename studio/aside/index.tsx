import { Conflicts } from './Conflicts.tsx';
import { NotKept } from './NotKept.tsx';
import { UnreadableDocuments } from './UnreadableDocuments.tsx';
import { UnsentWork } from './UnsentWork.tsx';
import { Updated } from './Updated.tsx';
import { AsideStack } from './Aside.tsx';

/** Everything that is asked or told beside the work. */
export default function Asides() {
  return (
    <AsideStack>
      <Updated />
      <NotKept />
      <UnreadableDocuments />
      <UnsentWork />
      <Conflicts />
    </AsideStack>
  );
}

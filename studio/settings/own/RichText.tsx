import { asRichText, richTextFault, type BlockNode } from '../../../core/bays/richText.ts';
import { useStudio } from '../../studioContext.tsx';
import { RichEditor } from '../../ui/RichEditor.tsx';
import type { OwnControlProps } from './ownControl.ts';

/** The text of a bay, written as it reads; each letter shows at once. */
export function RichText({ on, value }: Pick<OwnControlProps, 'on'> & { value: readonly BlockNode[] }) {
  const { draft } = useStudio();
  return (
    <RichEditor
      label="Text"
      value={value}
      // Steps back are those of the draft.
      history={draft}
      taken={asRichText}
      faultOf={richTextFault}
      onChange={(body, step) =>
        draft.run({ do: 'set', on, setting: 'body', value: body }, `${JSON.stringify(on)} body ${step}`)
      }
    />
  );
}

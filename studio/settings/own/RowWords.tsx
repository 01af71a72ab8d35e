import { LONGEST_LINK } from '../../../core/plan/link.ts';
import { link } from '../../../core/settings/values.ts';
import { Words, type WordsProps } from '../../ui/Words.tsx';
import { faultOf } from '../controls/Text.tsx';

interface RowWordsProps extends Omit<WordsProps, 'value' | 'onChange'> {
  value: string | undefined;
  /** Nothing is kept of a text that is emptied. */
  onChange(value: string | undefined): void;
}

/** A text of a row of a list, which may be left out. */
export const RowWords = ({ value = '', onChange, ...rest }: RowWordsProps) => (
  <Words {...rest} value={value} onChange={(typed) => onChange(typed === '' ? undefined : typed)} />
);

const kind = link();

/** Where a row of a list leads. */
export const RowLink = (props: Pick<RowWordsProps, 'label' | 'value' | 'onChange'>) => (
  <RowWords {...props} longest={LONGEST_LINK} placeholder="Nowhere" fault={(typed) => faultOf(kind, typed)} />
);

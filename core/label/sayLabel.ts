import type { Names } from '../sentence/sentence.ts';
import { tagNames } from '../sentence/tagNames.ts';
import { labelKind } from './labels/index.ts';
import type { StoreLabel } from './storeLabel.ts';

/** What a label is called: by its tag where it is tied to one. */
export function labelName({ kind, tag }: StoreLabel, names: Pick<Names, 'tag'>): string {
  const name = labelKind(kind)?.name ?? 'Label of a newer version';
  return tag ? `${name} for "${tagNames([tag], names)[0]}"` : name;
}

/** The same as part of a sentence, with its own words. */
export const sayLabel = (label: StoreLabel, names: Pick<Names, 'tag'>): string => {
  const name = labelName(label, names);
  const said = `${name[0]!.toLowerCase()}${name.slice(1)}`;
  return label.words ? `${said} saying "${label.words}"` : said;
};

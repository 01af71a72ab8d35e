import { X } from 'lucide-react';
import styled from 'styled-components';
import { QuietButton } from '../ui/Button.tsx';
import { Search } from '../ui/Search.tsx';
import { t } from '../ui/theme.ts';
import { findTags, type KnownTag } from './findTags.ts';

const Chips = styled.ul`
  list-style: none;
  margin: 0 0 6px;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  li {
    display: inline-flex;
    align-items: center;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    padding-inline-start: 9px;
  }
`;

interface TagsFieldProps {
  /** What they are of, as in "this product". */
  of: string;
  tags: readonly string[];
  /** All there are, with how many have each. */
  known: readonly KnownTag[];
  /** What has them: "product", "products". */
  one: string;
  many?: string;
  onChange(tags: readonly string[]): void;
}

/** Tags of something: those that others have are found by typing, and what none has becomes a new one. */
export function TagsField({ of, tags, known, one, many, onChange }: TagsFieldProps) {
  const nameOf = (tag: string) => known.find((one) => one.tag === tag)?.name ?? tag;
  return (
    <section>
      <h3>Tags</h3>
      {tags.length > 0 && (
        <Chips aria-label={`Tags of ${of}`}>
          {tags.map((tag) => (
            <li key={tag}>
              {nameOf(tag)}
              <QuietButton
                aria-label={`Take the tag ${nameOf(tag)} off`}
                onPress={() => onChange(tags.filter((one) => one !== tag))}
              >
                <X size={13} aria-hidden />
              </QuietButton>
            </li>
          ))}
        </Chips>
      )}
      <Search
        label="Add a tag"
        shown={false}
        placeholder="Add a tag"
        opensAtOnce
        find={(words) => findTags(known, words, tags, [one, many])}
        onChoose={(tag) => onChange([...tags, tag])}
      />
    </section>
  );
}

import { Fragment, type ReactNode } from 'react';
import type { BlockNode, Inline } from '../core/bays/richText.ts';

/** What has no identity but its place. */
const inOrder = <T,>(list: readonly T[], drawn: (one: T, key: string) => ReactNode): ReactNode[] =>
  list.map((one, i) => drawn(one, `${i}`));

/** A text as it is read. */
export function Blocks({ blocks }: { blocks: readonly BlockNode[] }) {
  return inOrder(blocks, (block, key) => <Block key={key} block={block} />);
}

/** One paragraph, heading, list or quotation of a text. */
export function Block({ block }: { block: BlockNode }) {
  switch (block.type) {
    case 'paragraph':
      return (
        <p>
          <Run content={block.content} />
        </p>
      );
    case 'heading': {
      const Heading = `h${block.attrs.level}` as 'h2';
      return (
        <Heading>
          <Run content={block.content} />
        </Heading>
      );
    }
    case 'blockquote':
      return (
        <blockquote>
          <Blocks blocks={block.content} />
        </blockquote>
      );
    default: {
      const List = block.type === 'bulletList' ? 'ul' : 'ol';
      return (
        <List>
          {inOrder(block.content, ({ content }, key) => (
            <li key={key}>
              <Blocks blocks={content} />
            </li>
          ))}
        </List>
      );
    }
  }
}

/** Words in their order, each in its marks. */
function Run({ content = [] }: { content?: readonly Inline[] }) {
  return inOrder(content, (one, key) => {
    if (one.type === 'hardBreak') return <br key={key} />;
    const marked = (one.marks ?? []).reduceRight<ReactNode>((words, mark) => {
      if (mark.type === 'bold') return <strong>{words}</strong>;
      if (mark.type === 'italic') return <em>{words}</em>;
      return <a href={mark.attrs.href}>{words}</a>;
    }, one.text);
    return <Fragment key={key}>{marked}</Fragment>;
  });
}

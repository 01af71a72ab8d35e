import { memo, useRef } from 'react';
import { useButton } from 'react-aria/useButton';
import styled from 'styled-components';
import type { Sentence } from '../../../core/sentence/sentence.ts';
import { same } from '../../../core/settings/same.ts';
import type { LineId } from '../../../core/settings/setting.ts';
import { t } from '../../ui/theme.ts';

const Said = styled.p`
  font-size: 13.5px;
  line-height: 1.5;
  overflow-wrap: anywhere;
  [role='button'] {
    font-weight: 600;
    cursor: pointer;
    text-decoration: underline;
    text-decoration-color: #6fa394;
    text-decoration-thickness: 2px;
    text-underline-offset: 3px;
    border-radius: 3px;
  }
  [role='button']:hover {
    text-decoration-color: ${t.pine};
  }
  [role='button']:focus-visible {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
`;

/** A piece of a sentence that opens its setting. Text and not a box, so that it wraps with the sentence. */
function Opens({ text, onPress }: { text: string; onPress(): void }) {
  const ref = useRef<HTMLSpanElement>(null);
  const { buttonProps } = useButton({ elementType: 'span', onPress }, ref);
  return (
    <span ref={ref} {...buttonProps}>
      {text}
    </span>
  );
}

interface SentenceLineProps {
  line: LineId;
  sentence: Sentence;
  onOpen(line: LineId, setting: string): void;
}

/** A line of the spec as one sentence; its underlined pieces are the settings. Drawn anew only where it reads otherwise. */
export const SentenceLine = memo(function SentenceLine({ line, sentence, onOpen }: SentenceLineProps) {
  return (
    <Said className="sentence">
      {sentence.map((piece, i) =>
        typeof piece === 'string' ? (
          piece
        ) : (
          <Opens key={i} text={piece.text} onPress={() => onOpen(line, piece.opens)} />
        ),
      )}
    </Said>
  );
}, same);

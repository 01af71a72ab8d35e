import { autocompletion, completionKeymap, type CompletionContext } from '@codemirror/autocomplete';
import { defaultKeymap, history, historyKeymap } from '@codemirror/commands';
import { css, cssCompletionSource } from '@codemirror/lang-css';
import { bracketMatching, defaultHighlightStyle, syntaxHighlighting } from '@codemirror/language';
import { lintGutter, linter } from '@codemirror/lint';
import { EditorState, type Text } from '@codemirror/state';
import { EditorView, highlightActiveLine, keymap, lineNumbers } from '@codemirror/view';
import { useEffect, useLayoutEffect, useRef } from 'react';
import styled from 'styled-components';
import { PROPERTIES } from '../../core/rules/allowed.ts';
import type { RulePlace } from '../../core/rules/places.ts';
import { readRules, type RuleFault } from '../../core/rules/readRules.ts';
import { t } from '../ui/theme.ts';

const Box = styled.div`
  border: 1px solid ${t.edge};
  border-radius: ${t.corner};
  background: #fff;
  overflow: hidden;
  .cm-editor {
    font-size: 12.5px;
  }
  .cm-scroller {
    font-family: ${t.measures};
    min-height: 130px;
    max-height: 320px;
    overflow: auto;
  }
  .cm-focused {
    outline: 2px solid ${t.pine};
    outline-offset: -2px;
  }
  .cm-gutters {
    background: ${t.paper};
    border: 0;
    color: ${t.ink2};
  }
  .cm-tooltip {
    font-family: ${t.text};
    max-width: 320px;
  }
`;

/** After so long without typing, what was typed is looked through, ms. */
const RESTS_MS = 250;

/** Names of elements after a dot; else what style sheets have, as far as it can be set here. */
const completions = (places: readonly RulePlace[]) => async (context: CompletionContext) => {
  const name = context.matchBefore(/\.[\w-]*/);
  if (name)
    return {
      from: name.from,
      options: places.map((one) => ({ label: `.${one.name}`, detail: one.about, type: 'class' })),
    };
  const usual = await cssCompletionSource(context);
  return (
    usual && {
      ...usual,
      options: usual.options.filter(({ label, type }) => type !== 'property' || PROPERTIES.has(label)),
    }
  );
};

const placeIn = (doc: Text, { line, column }: RuleFault) => {
  const at = doc.line(Math.min(line, doc.lines));
  return { from: Math.min(at.from + column - 1, at.to), to: at.to };
};

export interface RulesEditorProps {
  label: string;
  text: string;
  shelfId: string | null;
  places: readonly RulePlace[];
  /** Something to put in where the caret is, or a line to go to; another object does it again. */
  go: { insert: string } | { line: number } | null;
  onChange(text: string): void;
  onFaults(faults: readonly RuleFault[]): void;
}

/** A code editor for own rules: coloured, completed, and read as they are typed. */
export function RulesEditor({ label, text, shelfId, places, go, onChange, onFaults }: RulesEditorProps) {
  const box = useRef<HTMLDivElement>(null);
  const editor = useRef<EditorView | null>(null);
  const told = useRef({ onChange, onFaults });
  useEffect(() => {
    told.current = { onChange, onFaults };
  });

  useLayoutEffect(() => {
    const view = new EditorView({
      parent: box.current!,
      state: EditorState.create({
        doc: '',
        extensions: [
          lineNumbers(),
          highlightActiveLine(),
          history(),
          css(),
          syntaxHighlighting(defaultHighlightStyle),
          bracketMatching(),
          autocompletion({ override: [completions(places)] }),
          linter(
            ({ state: { doc } }) => {
              const { faults } = readRules(doc.toString(), shelfId);
              told.current.onFaults(faults);
              return faults.map((one) => ({
                ...placeIn(doc, one),
                severity: 'warning' as const,
                message: `${one.why}.`,
              }));
            },
            { delay: RESTS_MS },
          ),
          lintGutter(),
          EditorView.lineWrapping,
          EditorView.contentAttributes.of({ 'aria-label': label, spellcheck: 'false' }),
          keymap.of([...completionKeymap, ...defaultKeymap, ...historyKeymap]),
          EditorView.updateListener.of(({ docChanged, state, transactions }) => {
            if (docChanged && !transactions.some((one) => one.isUserEvent('given')))
              told.current.onChange(state.doc.toString());
          }),
        ],
      }),
    });
    editor.current = view;
    return () => {
      view.destroy();
      editor.current = null;
    };
  }, [label, places, shelfId]);

  // Changed elsewhere, as by undo. Before the next key comes: else that would be taken for a change of its own.
  useLayoutEffect(() => {
    const view = editor.current;
    if (!view || view.state.doc.toString() === text) return;
    view.dispatch({ changes: { from: 0, to: view.state.doc.length, insert: text }, userEvent: 'given' });
  }, [text, label, places, shelfId]);

  useEffect(() => {
    const view = editor.current;
    if (!view || !go) return;
    if ('insert' in go) view.dispatch(view.state.replaceSelection(go.insert));
    else {
      const at = view.state.doc.line(Math.min(go.line, view.state.doc.lines)).from;
      view.dispatch({ selection: { anchor: at }, scrollIntoView: true });
    }
    view.focus();
  }, [go]);

  return <Box ref={box} />;
}

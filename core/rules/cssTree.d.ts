/** The parts of css-tree that are used, without its dictionary of values, which is many times as large. */
declare module 'css-tree/parser' {
  import type { CssNode, ParseOptions } from 'css-tree';
  export default function parse(text: string, options?: ParseOptions): CssNode;
}
declare module 'css-tree/generator' {
  import type { CssNode } from 'css-tree';
  export default function generate(node: CssNode): string;
}

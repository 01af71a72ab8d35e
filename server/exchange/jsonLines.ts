/** A value, with the line on which it stands, from 1. */
export interface JsonLine {
  line: number;
  value: unknown;
}

/**
 * The values of a file of JSON Lines; lines with nothing in them are left out.
 * @param longest letters of a line at most
 * @param refused what is thrown where a line cannot be read
 */
export async function* jsonLines(
  letters: AsyncIterable<string>,
  longest: number,
  refused: (message: string, cause?: unknown) => Error,
): AsyncGenerator<JsonLine> {
  let [rest, line] = ['', 0];
  function* read(text: string): Generator<JsonLine> {
    line += 1;
    const said = text.replace(/^\uFEFF/u, '').trim();
    if (said === '') return;
    let value: unknown;
    try {
      value = JSON.parse(said);
    } catch (error) {
      throw refused(`Line ${line} is no JSON.`, error);
    }
    yield { line, value };
  }
  for await (const chunk of letters) {
    const lines = (rest + chunk).split('\n');
    rest = lines.pop()!;
    if (rest.length > longest)
      throw refused(`Line ${line + lines.length + 1} is longer than ${longest} letters.`);
    for (const one of lines) yield* read(one);
  }
  yield* read(rest);
}

import { LONGEST_PICTURE_NAME, PICTURE_KINDS } from './limits.ts';

/** Characters that are not seen, or that turn the direction of what stands after them. */
const UNSEEN = /[\u0000-\u001f\u007f-\u009f\u200b-\u200f\u202a-\u202e\u2060-\u2069\ufeff]/g;

/** What a file holds, as browsers name it, by its ending; no picture where that says nothing. */
export function kindOfFile(file: string): string {
  const ending = /\.([a-z0-9]+)$/i.exec(file)?.[1]?.toLowerCase().replace(/^jpg$/, 'jpeg');
  return (
    Object.keys(PICTURE_KINDS).find((kind) => kind.split(/[/+]/)[1] === ending) ?? 'application/octet-stream'
  );
}

/** What a picture is called to begin with: its file's name without folders, ending and what cannot be seen. */
export const nameOfFile = (file: string): string =>
  [
    ...(file.split(/[\\/]/).at(-1) ?? '')
      .replace(/\.[a-z0-9+]{2,5}$/i, '')
      .replace(UNSEEN, '')
      .replace(/_+/g, ' '),
  ]
    .slice(0, LONGEST_PICTURE_NAME)
    .join('')
    .trim();

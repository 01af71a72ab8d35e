import { createStore } from 'zustand';

/** A picture that the page is compared with. It is kept as long as the studio is open, and sent nowhere. */
export interface Reference {
  name: string;
  url: string;
  /** px. */
  width: number;
  height: number;
}

export const reference = createStore<{ picture: Reference | null }>(() => ({ picture: null }));

/** As much as a browser shows without trouble. */
const MOST_BYTES = 40 * 1024 * 1024;

/** Reads a file that was chosen. Rejects with a sentence where it is no picture. */
export async function takeReference(file: File): Promise<void> {
  if (file.size > MOST_BYTES) throw new Error(`${file.name} is larger than 40 MB. Make it smaller first.`);
  const url = URL.createObjectURL(file);
  const picture = new Image();
  picture.src = url;
  try {
    await picture.decode();
  } catch {
    URL.revokeObjectURL(url);
    throw new Error(
      `${file.name} is no picture that can be read. Choose a PNG, JPEG, WebP, AVIF or SVG file.`,
    );
  }
  dropReference();
  const { naturalWidth: width, naturalHeight: height } = picture;
  reference.setState({ picture: { name: file.name, url, width, height } });
}

export function dropReference(): void {
  const { picture } = reference.getState();
  if (picture) URL.revokeObjectURL(picture.url);
  reference.setState({ picture: null });
}

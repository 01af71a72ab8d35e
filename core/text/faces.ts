import { allTypeFamilies, FIRST_FAMILY, typeFamily } from './families/index.ts';
import type { Face } from './face.ts';
import { storeFace } from './storeFace.ts';
import { slopesOf, type Slope } from './typeFamily.ts';

/** A face by its family and slope: "nunito italic". */
export type FaceId = `${string} ${Slope}`;

/** The face that a family draws a slope with: without italics of its own, upright letters are slanted. */
export function faceIdOf(familyId: string, slope: Slope): FaceId {
  const family = typeFamily(familyId);
  return `${family.id} ${slopesOf(family).includes(slope) ? slope : 'upright'}`;
}

/** What everything is set in where nothing else is chosen; it is always here. */
export const FIRST_FACE: FaceId = faceIdOf(FIRST_FAMILY.id, 'upright');

const held = new Map<FaceId, Face>([[FIRST_FACE, storeFace]]);
const coming = new Map<FaceId, Promise<void>>();
const waiting = new Set<() => void>();

let came = 0;

/** How often a face came or changed: what was measured before is measured again. */
export const facesHeld = (): number => came;

/** Something that is measured by has come or changed. */
function tellAll(): void {
  came += 1;
  for (const tell of waiting) tell();
}

/** Forgets the widths of families whose letters have changed, and tells whoever waits for faces. */
export function forgetFaces(familyIds: readonly string[]): void {
  for (const id of familyIds)
    for (const slope of ['upright', 'italic'] as const) {
      held.delete(`${id} ${slope}`);
      coming.delete(`${id} ${slope}`);
    }
  tellAll();
}

/** Told each time that a face came; gives what ends it. */
export function whenFaceComes(tell: () => void): () => void {
  waiting.add(tell);
  return () => waiting.delete(tell);
}

function fetchFace(id: FaceId): Promise<void> {
  let found = coming.get(id);
  if (!found) {
    const [familyId, slope] = id.split(' ') as [string, Slope];
    const { faces } = typeFamily(familyId);
    const asked = (faces[slope] ?? faces.upright)().then(({ default: face }) => {
      // It was forgotten meanwhile.
      if (coming.get(id) !== asked) return;
      held.set(id, face);
      tellAll();
    });
    // One that did not come is asked for again.
    asked.catch(() => coming.delete(id));
    coming.set(id, (found = asked));
  }
  return found;
}

/** Whether the widths of a face are here; if not, they are fetched. */
export function isFaceHere(id: FaceId): boolean {
  if (held.has(id)) return true;
  void fetchFace(id).catch(() => undefined);
  return false;
}

/** The widths of a face; until they are here, those of the first stand in for them. */
export const faceOf = (id: FaceId): Face => held.get(id) ?? storeFace;

/** Fetches the widths of all families, where all have to be exact. */
export async function fetchFaces(): Promise<void> {
  const ids = allTypeFamilies().flatMap((family) =>
    slopesOf(family).map((slope) => faceIdOf(family.id, slope)),
  );
  await Promise.all(ids.filter((id) => !held.has(id)).map(fetchFace));
}

import {
  addPicture,
  changePicture,
  countPictures,
  findPictures,
  matchPictures as matchContract,
  putBackPicture,
  readFileCells,
  readPictures,
  readPictureUses,
  removePictures,
  replacePicture,
  type StorePicture,
} from '../../core/api/pictures.ts';
import { nameOfFile } from '../../core/picture/nameOfFile.ts';
import type { Api } from '../api.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { matchPictures } from './namedGoods.ts';
import {
  changeWords,
  countStorePictures,
  findStorePictures,
  readCellsOf,
  insertPicture,
  putFormerBack,
  readStorePictures,
  readUses,
  removeUnused,
  replaceFile,
} from './storeRows.ts';
import { uploaded } from './uploaded.ts';

const there = (picture: StorePicture | null | undefined): { picture: StorePicture } => {
  if (!picture) throw new Fault('picture-gone');
  return { picture };
};

/** The store's pictures: put in, told of, replaced wherever they stand, taken away where nothing uses them. */
export function pictureStoreRoutes(api: Api, { db, readDb, renditions }: Parts): void {
  api.answer(countPictures, () => countStorePictures(readDb));
  api.answer(findPictures, ({ query }) => findStorePictures(readDb, query));
  api.answer(matchContract, () => matchPictures(readDb));
  api.answer(readPictures, async ({ body: { ids } }) => ({ pictures: await readStorePictures(readDb, ids) }));
  api.answer(readFileCells, async ({ body: { files } }) => ({ cells: await readCellsOf(readDb, files) }));
  api.answer(readPictureUses, async ({ query: { id } }) => ({ uses: await readUses(readDb, id) }));

  api.answer(addPicture, async ({ file, query: { name } }) => {
    const { id, wasThere } = await insertPicture(db, await uploaded(file), { name: nameOfFile(name) });
    return { ...there((await readStorePictures(db, [id]))[0]), wasThere };
  });
  api.answer(replacePicture, async ({ file, query: { id } }) =>
    there(await replaceFile(db, id, await uploaded(file))),
  );
  api.answer(putBackPicture, async ({ body: { id } }) => there(await putFormerBack(db, id)));
  api.answer(changePicture, async ({ body }) => there(await changeWords(db, body)));
  api.answer(removePictures, async ({ body: { ids } }) => {
    const { removed, files } = await removeUnused(db, ids);
    await Promise.all(files.map((file) => renditions.forget(file)));
    return { removed };
  });
}

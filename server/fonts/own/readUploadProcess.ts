import { NoFont, readUpload } from './readUpload.ts';

process.once('message', (bytes: Uint8Array) => {
  void readUpload(bytes)
    .then(
      (read) => ({ read }),
      (error: unknown) => ({ why: error instanceof NoFont ? error.message : null }),
    )
    .then((answer) => process.send!(answer));
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LONGEST_PICTURE_NAME } from './limits.ts';
import { kindOfFile, nameOfFile } from './nameOfFile.ts';

describe('what a picture is called by its file', () => {
  it('is the name without folders, ending and underscores', () => {
    expect(nameOfFile('/home/wren/Blue_vase__tall.final.JPEG')).toBe('Blue vase tall.final');
    expect(nameOfFile('C:\\photos\\jug.webp')).toBe('jug');
    expect(nameOfFile('no ending')).toBe('no ending');
    expect(nameOfFile('.png')).toBe('');
  });

  it('has nothing in it that cannot be seen or that turns what stands after it', () => {
    expect(nameOfFile('a\u0000b\u202egnp.exe\u202c\u200bc.png')).toBe('abgnp.exec');
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 400 }), (file) => {
        const name = nameOfFile(file);
        expect([...name].length).toBeLessThanOrEqual(LONGEST_PICTURE_NAME);
        expect(name).not.toMatch(/[\u0000-\u001f\u202a-\u202e\u2066-\u2069]/);
        expect(name).toBe(name.trim());
      }),
    );
  });

  it('cuts no character in two', () => {
    expect(nameOfFile('🏺'.repeat(300))).toBe('🏺'.repeat(LONGEST_PICTURE_NAME));
  });
});

it.each([
  ['a.jpg', 'image/jpeg'],
  ['folder/A.JPEG', 'image/jpeg'],
  ['a.b.svg', 'image/svg+xml'],
  ['a.webp', 'image/webp'],
  ['a.xml', 'application/octet-stream'],
  ['image', 'application/octet-stream'],
  ['', 'application/octet-stream'],
])('%j holds %s by its ending', (file, kind) => expect(kindOfFile(file)).toBe(kind));

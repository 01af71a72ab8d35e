import { describe, expect, it } from 'vitest';
import { checkDocument } from '../plan/checkDocument.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { plain } from '../sentence/sentence.ts';
import type { LineInput } from '../spec/line.ts';
import {
  specimenBay,
  specimenNames,
  specimenPicture,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { findingsOn } from '../checks/index.ts';
import { bayUnderText } from '../view/underText.ts';
import type { BannersContent } from './banners.ts';
import type { BannerContent } from './banner.ts';
import { bayKind, baySettings } from './index.ts';

const [FIRST, SECOND] = ['a'.repeat(64), 'b'.repeat(64)];
const pictures = new Map(
  [FIRST, SECOND].map((id) => [id, specimenPicture({ id, file: id, width: 2400, height: 1600 })]),
);
const { bands } = completePlan(specimenStored([], [])).house;
const LONG = 'Stoneware for the table, the sill and the garden, made by five pairs of hands. '.repeat(4);
const two = [
  { id: 'one', title: 'Out of the kiln', words: 'Since Saturday.', pictureId: FIRST },
  { id: 'two', title: 'Reduced', pictureId: SECOND },
];

function seen(banners: readonly object[], more: object = {}) {
  const stored = specimenStored([], [specimenBay('b', { holds: 'banners', banners, ...more } as never)]);
  const plan = completePlan(stored);
  const view = specimenView(plan, 0, { pictures: (id) => pictures.get(id) });
  const bay = plan.pages.home!.bays[0]!;
  const input = { bay, names: specimenNames, view: null, of: null, shelf: null, total: null };
  const kind = bayKind('banners');
  return {
    plan,
    view,
    content: view.bays[0]!.content as unknown as BannersContent,
    said: kind.spec.map((line) => plain(line.say(input as unknown as LineInput))).join(' / '),
    heightPx: (px: number) => kind.heightPx(view.bays[0]!.content, {} as never, bands, px),
    moving: kind.moving!(view.bays[0]!.content),
    css: kind.css(view.bays[0]!.content, '.b', bands),
    found: (check: string) =>
      findingsOn(view, plan, specimenNames).filter((finding) => finding.check === check),
  };
}

const alone = (banner: BannerContent, px: number) =>
  bayKind('banner').heightPx(banner, {} as never, bands, px);

describe('banners by turns', () => {
  it('are those that say or show something, and a page without any leaves the bay out', () => {
    const { content, view } = seen([{ id: 'bare', button: 'See more', link: '/shop' }, ...two]);
    expect(content.banners.map(({ title }) => title)).toEqual(['Out of the kiln', 'Reduced']);
    expect(content.banners.map(({ picture }) => picture?.file)).toEqual([FIRST, SECOND]);
    expect(view.bays[0]!.empty).toBe(false);
    expect(seen([{ id: 'bare' }]).view.bays[0]!.empty).toBe(true);
    // One whose picture is gone still says its words.
    expect(seen([{ id: 'gone', title: 'Here', pictureId: 'c'.repeat(64) }]).content.banners[0]).toMatchObject(
      {
        title: 'Here',
        picture: null,
      },
    );
  });

  it('are as high as the highest of them, with room for what marks the place where that is shown', () => {
    const all = [...two, { id: 'three', title: 'Made slowly', words: LONG }];
    const { content, heightPx } = seen(all, {
      height: { phone: 80 },
      moving: { marks: { phone: 'dots', laptop: 'none' } },
    });
    for (const px of [390, 700, 1000, 1440]) {
      const highest = Math.max(...content.banners.map((one) => alone(one, px)));
      expect(highest).toBe(alone(content.banners[2]!, px));
      expect(heightPx(px)).toBe(highest + (px < 880 ? 36 : 0));
    }
    // Nothing is marked where there is one.
    const single = seen(two.slice(0, 1), { moving: { marks: { phone: 'dots' } } });
    expect(single.heightPx(390)).toBe(alone(single.content.banners[0]!, 390));
  });

  it('move, unless there is one; how long a round takes is reckoned, and said where it is too long', () => {
    expect(seen(two.slice(0, 1)).moving).toBeNull();
    expect(seen(two.slice(0, 1)).css).not.toContain('--moves:1');
    expect(seen(two).css).toContain('--moves:1');
    const play = (restMs: number, loop = true) =>
      seen([...two, { id: 'three', title: 'Third' }], { moving: { play: true, loop, restMs, moveMs: 500 } });
    expect(play(4_500).moving).toMatchObject({ plays: true, motion: { stops: 3, loops: true, roundS: 15 } });
    expect(play(4_500).found('round-too-long')).toEqual([]);
    const long = play(12_000).found('round-too-long');
    expect(long).toMatchObject([{ at: { on: 'bay', bay: 'b' }, goTo: 'layout', fix: null }]);
    expect(long[0]!.text).toContain('Full round 38 s');
    expect(play(12_000, false).found('round-too-long')[0]!.text).toContain('To the end 37 s');
    // What waits to be moved takes as long as the shopper likes.
    expect(seen(two, { moving: { restMs: 30_000 } }).found('round-too-long')).toEqual([]);
  });

  it('have the first heading of the page in the first of them', () => {
    expect(seen(two).view.firstHeading).toBeNull();
    expect(seen([{ id: 'one', pictureId: FIRST }, two[1]!]).view.firstHeading).not.toBeNull();
  });

  it('are legible each on its own picture, in a frame that is as high as the highest', () => {
    const { view, content } = seen([...two, { id: 'three', title: 'Made slowly', words: LONG }], {
      height: { phone: 80 },
      moving: { marks: { phone: 'none' } },
    });
    const under = bayUnderText(view.bays[0]!, view);
    expect(new Set(under.map(({ picture }) => picture.file))).toEqual(new Set([FIRST, SECOND]));
    const at1920 = under.filter(({ bandIds }) => bandIds.includes(bands.at(-1)!.id));
    const highest = Math.max(...content.banners.map((one) => alone(one, 1920)));
    expect(at1920.some(({ held }) => Math.abs(held.frame - 1920 / highest) < 0.01)).toBe(true);
    // The texts of a low one stand in the middle of that frame.
    for (const { area } of under) expect(area.top).toBeGreaterThan(0.1);
    const bare = seen([{ id: 'bare', title: 'On no picture' }]).view;
    expect(bayUnderText(bare.bays[0]!, bare)).toEqual([]);
  });

  it('say how many there are, how high they stand and how they move', () => {
    const { said } = seen(two, { moving: { play: true, loop: true, restMs: 5_000, moveMs: 350 } });
    expect(said).toContain('2 banners: "Out of the kiln" and "Reduced"');
    expect(said).toContain('2 of 2 with a picture, 320 px high');
    expect(said).toContain('No arrows on Phone, arrows from Tablet');
    expect(said).toContain('plays automatically; 2 stops, 10.7 s for a full round');
    expect(seen([]).said).toContain('Nothing yet');
    expect(seen(two.slice(0, 1)).said).toContain('Nothing moves, since there is one banner');
  });

  it('leave settings of motion without an effect where there is one', () => {
    const off = (banners: object[]) =>
      baySettings('banners')
        .filter(({ id }) => id.startsWith('moving.'))
        .map(
          ({ offBecause }) => offBecause!((id) => (id === 'banners' ? banners : { phone: true })) !== null,
        );
    expect(off(two.slice(0, 1))).toEqual(off([]));
    expect(off(two.slice(0, 1)).every(Boolean)).toBe(true);
    expect(off(two).filter(Boolean).length).toBeLessThan(3);
  });

  it('refuse what is no banner, and two with the same id', () => {
    const fault = (banners: unknown) => {
      const bay = specimenBay('b', { holds: 'banners', banners } as never);
      return checkDocument('page:home', specimenStored([], [bay]).pages.home)?.message ?? null;
    };
    expect(fault(two)).toBeNull();
    expect(fault([two[0], two[0]])).toContain('Two banners have the same id');
    expect(fault([{ id: 'a b', title: 'x' }])).toContain('A banner is named by letters');
    expect(fault([{ id: 'a', pictureId: 'no' }])).toContain('not the id of a picture');
    expect(fault([{ id: 'a', link: 'javascript:alert(1)' }])).not.toBeNull();
    expect(fault([null])).not.toBeNull();
    expect(fault(Array.from({ length: 13 }, (_, i) => ({ id: `b${i}` })))).not.toBeNull();
  });
});

import type { Page } from '@playwright/test';
import { openLine } from './store.ts';

export interface MainView {
  /** Of the file in docs/screenshots. */
  name: string;
  path: string;
  /** Of the window; the studio's is 1280 by 800. */
  width?: number;
  height?: number;
  prepare?(page: Page): Promise<void>;
}

/** A file as another program writes it: some of it there already, some of it new, some of it wrong. */
const SPRING = [
  'item_no;name;blurb;price_gbp;sale_price;qty;section;keywords;finish;supplier_ref',
  'KC-2000;Red earthenware clay;Throws softly, fires red.;14,50;;18;Clay and tools > Clay;spring;;A-7719',
  'KC-2001;White stoneware clay;;17,00;15,00;40;Clay and tools > Clay;spring;;A-7720',
  'KC-2003;Black clay, 10 kg;;23,00;;37;Clay and tools > Clay;;;B-0031',
  ...Array.from({ length: 24 }, (_, i) => [
    `KC-${5100 + i};Spring ${['jug', 'egg cup', 'saucer', 'planter'][i % 4]!} ${i + 1};Made for one spring.;${12 + i},50;;${i * 3};Spring table > Set ${1 + (i % 3)};spring, table;Salt white;B-${i}`,
    `KC-${5100 + i};;;${14 + i},00;;${i};;;Moss;`,
  ]).flat(),
  'KC-5100;Spring jug again;;9,00;;;;;;',
  'KC-5140;Spring bowl;;twelve;;2;;;;',
  'KC-5141;;;18,00;;1;;;;',
].join('\n');

/** What docs/screenshots shows; a test holds the README and the folder equal to it. */
export const mainViews: readonly MainView[] = [
  { name: 'arrange', path: '/studio/arrange/home' },
  {
    name: 'arrange-card',
    path: '/studio/arrange/home?bay=new-from-the-kiln',
    prepare: async (page) => {
      await openLine(page, 'Card');
      const parts = page.getByRole('grid', { name: 'Parts of the card' });
      await page.getByRole('combobox', { name: 'Add a part' }).fill('rating');
      await page.getByRole('option', { name: /^Rating/ }).click();
      await page.getByRole('radio', { name: 'Lower corner, start' }).check({ force: true });
      await parts.getByText('Price', { exact: true }).click();
      await page.getByRole('button', { name: /Price: line$/ }).click();
      await page.getByRole('option', { name: 'On the line before' }).click();
      await parts.evaluate((list) => list.scrollIntoView({ block: 'start' }));
    },
  },
  {
    name: 'arrange-hard-cases',
    path: '/studio/arrange/home?bay=new-from-the-kiln',
    prepare: async (page) => {
      await openLine(page, 'Card');
      await page.getByRole('combobox', { name: 'Add a part' }).fill('swatches');
      await page.getByRole('option', { name: /^Swatches/ }).click();
      await page.getByText('Hard cases', { exact: true }).click();
      await page.getByRole('group', { name: 'Cases' }).waitFor();
      const parts = page.getByRole('grid', { name: 'Parts of the card' });
      await parts.evaluate((list) => list.scrollIntoView({ block: 'start' }));
    },
  },
  { name: 'set-up', path: '/studio/set-up/home' },
  {
    name: 'arrange-layout',
    path: '/studio/arrange/home?bay=under-sixty',
    prepare: async (page) => {
      await openLine(page, 'Layout');
      await page.getByRole('button', { name: /^Widths: / }).click();
      await page.getByText('A frame of any width').click();
      await page.keyboard.press('Escape');
    },
  },
  { name: 'assortments', path: '/studio/assortments/under-sixty' },
  {
    name: 'arrange-table',
    path: '/studio/arrange/trade?bay=trade-list',
    prepare: async (page) => {
      await openLine(page, 'Columns');
      await page.getByRole('row', { name: /^Maker/ }).click();
      await page
        .getByRole('grid', { name: 'Columns of the table' })
        .evaluate((list) => list.scrollIntoView());
    },
  },
  {
    name: 'arrange-look',
    path: '/studio/arrange/home?bay=new-from-the-kiln',
    prepare: async (page) => {
      await openLine(page, 'Look');
      const elements = page.getByRole('group', { name: 'Elements of the shelf' });
      await elements.getByRole('button', { name: 'Title' }).click();
      const size = page.getByRole('textbox', { name: 'Text size, px' });
      await size.fill('20');
      await size.press('Enter');
      await elements.evaluate((group) => group.scrollIntoView({ block: 'start' }));
    },
  },
  {
    name: 'house-style',
    path: '/studio/house-style/button',
    prepare: async (page) => {
      const look = page.getByRole('region', { name: 'Look of All buttons on cards' });
      await look.getByText('Hover', { exact: true }).click();
      await look.getByRole('button', { name: /^Background:/ }).click();
      await page
        .getByRole('dialog')
        .getByRole('button', { name: /^Reduced( |$)/ })
        .click();
      await page.keyboard.press('Escape');
    },
  },
  {
    name: 'bay-library',
    path: '/studio/arrange/home',
    prepare: async (page) => {
      await page.getByRole('button', { name: 'Add a bay' }).click();
      const library = page.getByRole('region', { name: 'Library of bays' });
      const cards = library
        .getByRole('row', { name: /^Reduced now,/ })
        .locator('iframe')
        .contentFrame()
        .locator('.card');
      await cards.first().waitFor();
      await library.getByText('Coming…').first().waitFor({ state: 'detached' });
    },
  },
  { name: 'home', path: '/', width: 1280 },
  { name: 'home-phone', path: '/', width: 375, height: 800 },
  { name: 'shop', path: '/shop', width: 1280 },
  { name: 'product', path: '/product/fogbank-serving-bowl', width: 1280 },
  {
    name: 'journal',
    path: '/studio/catalogue/journal/1',
    prepare: async (page) => {
      await page.getByRole('textbox', { name: /^Text of/ }).click();
      await page.keyboard.press('Control+Home');
      await page.keyboard.press('End');
      await page.getByRole('button', { name: 'Shelf', exact: true }).click();
      await page.getByLabel(/^Or a new one/).fill('From this firing');
      await page.getByRole('button', { name: 'Make a new shelf' }).click();
      await page
        .frameLocator('iframe[title^="The entry on"]')
        .locator('.entry-shelf [data-card]')
        .first()
        .waitFor();
    },
  },
  {
    name: 'catalogue-products',
    path: '/studio/catalogue/products',
    prepare: async (page) => {
      const grid = page.getByRole('grid', { name: 'Products' });
      await grid.getByRole('row', { name: 'Inkwell pouring jug' }).getByText('Inkwell pouring jug').click();
      await page.getByRole('textbox', { name: 'Title' }).waitFor();
    },
  },
  {
    name: 'catalogue-categories',
    path: '/studio/catalogue/categories',
    prepare: async (page) => {
      await page.getByRole('row', { name: 'Bowls', exact: true }).click();
      await page.getByRole('textbox', { name: 'Name' }).waitFor();
    },
  },
  {
    name: 'catalogue-import',
    path: '/studio/catalogue/import',
    prepare: async (page) => {
      await page.locator('input[type=file]').setInputFiles({
        name: 'kelverstone-spring.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from(SPRING),
      });
      await page.getByRole('button', { name: /^Import \d+ products$/ }).waitFor();
    },
  },
  {
    name: 'catalogue-pictures',
    path: '/studio/catalogue/pictures',
    prepare: async (page) => {
      await page.getByRole('searchbox').fill('jug');
      await page.getByText(/pictures found/).waitFor();
      await page.getByRole('grid').getByRole('row').nth(1).click();
      await page.getByRole('list', { name: 'Used in' }).waitFor();
    },
  },
];

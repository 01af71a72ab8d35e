import { chromium } from '@playwright/test';
import { makeServer } from '/work/main/server/app.ts';
import { listen } from '/work/main/server/start/listen.ts';
import pg from '/work/main/node_modules/pg/lib/index.js';
const base = process.env.TEST_DATABASE_URL!;
const c = new pg.Client({ connectionString: base }); await c.connect();
await c.query('DROP DATABASE IF EXISTS look WITH (FORCE)'); await c.query(`CREATE DATABASE look TEMPLATE ${process.env.TEST_TEMPLATE}`); await c.end();
const server = await makeServer({ databaseUrl: base.replace(/[^/]+$/, 'look'), picturesFolder: process.env.TEST_PICTURES!, signInTries: 1000 });
const url = await listen(server, '127.0.0.1', 0);
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const script = await import(process.env.SCRIPT!);
try { await script.default({ b, url, server }); } catch (e) { console.error(e); }
await b.close(); await server.stop(); process.exit();

import { chromium } from 'playwright';
import { openStore, OWNER } from './e2e/store.ts';
const s = await openStore(false);
for (const extra of [[], ['--disable-gpu'], ['--disable-gpu','--disable-software-rasterizer'], ['--in-process-gpu'], ['--single-process','--no-zygote'], ['--disable-features=IsolateOrigins,site-per-process','--disable-site-isolation-trials'], ['--renderer-process-limit=1'], ['--disable-gpu-compositing'], []]) {
 try {
 const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', ...extra] });
 const all: number[] = []; const c0 = process.cpuUsage();
 for (let i=0;i<4;i++){
  const c = await b.newContext({viewport:{width:1280,height:800}}); 
  await c.request.post(s.url+'/api/session',{data:{email:OWNER.email,password:OWNER.password}, headers:{origin:s.url}}).then(async r=>{ if(!r.ok()) console.log(r.status(), (await r.text()).slice(0,200))});
  const t=performance.now();
  const p = await c.newPage();
  await p.goto(s.url+'/studio/arrange/home'); const g=performance.now()-t;
  await p.getByRole('region',{name:'Wall'}).waitFor(); const w=performance.now()-t;
  await p.frameLocator('iframe').first().locator('[data-card]').first().waitFor();
  all.push(Math.round(g), Math.round(w), Math.round(performance.now()-t));
  await c.close();
 }
 console.log(extra.join(' '), all.join(' '));
 await b.close();
 } catch(e) { console.log(extra.join(' '), 'failed', String(e).slice(0,200)); }
}
process.exit(0);

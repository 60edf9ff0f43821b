// npm run screenshots [-- words of their names]: one current picture of each main view, from fresh demo data, into docs/screenshots.
import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build, chromium as findChromium, install, root } from './setup.mjs';

install();
build();
const { chromium } = await import('@playwright/test');
const folder = mkdtempSync(join(tmpdir(), 'lupin-pictures-'));
const port = '4431';
const server = spawn(process.execPath, [join(root, 'packages/server/dist/main.js'), '--demo'], {
  env: { ...process.env, LUPIN_PORT: port, LUPIN_DATA_DIR: folder },
});
await new Promise((resolve) => server.stdout.on('data', (chunk) => String(chunk).includes('Lupin is at') && resolve()));

const views = [
  { name: 'occasions', path: '/', width: 1280, height: 800 },
  {
    name: 'guests',
    path: '/o/lantern-supper/guests',
    width: 1280,
    height: 800,
    act: (page) => page.locator('.guest-table').getByRole('button', { name: 'Suki' }).click(),
  },
  {
    name: 'menu',
    path: '/o/lantern-supper/menu',
    width: 1280,
    height: 800,
    act: (page) => page.locator('[data-cell="gratin/oriel"]').click(),
  },
  {
    name: 'labels',
    path: '/o/lantern-supper/labels',
    width: 1280,
    height: 800,
    act: async (page) => {
      await page.locator('.check-row').first().click();
      await page
        .getByLabel('Text of the label')
        .fill(
          'Stock cubes. Ingredients: salt, palm fat, yeast extract (contains BARLEY), CELERY seed, onion powder. May contain traces of milk and egg.',
        );
      await page.getByRole('button', { name: 'Read it' }).click();
      await page.locator('mark').first().waitFor();
    },
  },
  { name: 'amounts', path: '/o/lantern-supper/amounts', width: 1280, height: 800 },
  {
    name: 'advice',
    path: '/o/lantern-supper/menu',
    width: 1280,
    height: 800,
    act: async (page) => {
      await page.getByLabel('begin from the recipes as written').check();
      await page.getByRole('button', { name: 'Do it like this' }).first().waitFor();
      await page.getByRole('region', { name: 'Advice for the menu' }).evaluate((element) => element.scrollIntoView());
    },
  },
  {
    name: 'recipes',
    path: '/recipes',
    width: 1280,
    height: 800,
    act: async (page) => {
      await page
        .getByLabel('Text of a recipe')
        .fill(
          'Leek and chicken pie\n\nServes 4\n\nIngredients\n600 g chicken thighs\n2 leeks, sliced\n100 ml double cream\n320 g puff pastry\n800 g potatoes\n30 g butter\n\nMethod\nFry the chicken and the leeks in a large pan for 10 minutes. Stir in the cream and mustard.\nTip into a pie dish and cover with the pastry. Bake at 400 °C for 30 minutes until golden.\nMeanwhile boil the potatoes for 20 minutes, drain and mash with the butter.',
        );
      await page.getByRole('button', { name: 'Read it' }).click();
      await page.locator('.proposal').waitFor();
      await page.evaluate(() => {
        window.scrollTo(0, 0);
        document.querySelector('.split.library > aside').scrollTo(0, 260);
      });
    },
  },
  {
    name: 'recipe',
    path: '/recipes/celeriac-apple-gratin',
    width: 1280,
    height: 800,
    act: (page) => page.locator('.step-head').nth(1).click(),
  },
  {
    name: 'work',
    path: '/recipes/chicken-biryani?see=work',
    width: 1280,
    height: 800,
    act: (page) => page.locator('.work-card').nth(3).click(),
  },
  {
    name: 'shopping',
    path: '/o/lantern-supper/shopping',
    width: 1280,
    height: 800,
    act: async (page) => {
      await page.getByRole('button', { name: 'Add a trip' }).click();
      await page.getByRole('button', { name: 'Add a trip' }).click();
      await page.locator('.shop-item input').nth(1).check();
    },
  },
  {
    name: 'shopping-phone',
    path: '/o/lantern-supper/shopping',
    width: 390,
    height: 844,
    act: async (page) => {
      await page.locator('.shop-item input').nth(1).check();
      await page.evaluate(() => window.scrollTo(0, 560));
    },
  },
  {
    name: 'timetable',
    path: '/o/lantern-supper/timetable',
    width: 1280,
    height: 800,
    act: async (page) => {
      await page.getByRole('button', { name: 'Plan again' }).waitFor({ timeout: 120_000 });
      await page.getByText('last three hours').click();
      await page.locator('.tt-bar.washing').nth(4).click();
      await page.evaluate(() => window.scrollTo(0, 100));
    },
  },
  {
    name: 'how-sure',
    path: '/o/lantern-supper/timetable',
    width: 1280,
    height: 800,
    act: async (page) => {
      await page.getByRole('button', { name: 'Plan again' }).waitFor({ timeout: 120_000 });
      await page.getByText('how sure', { exact: true }).click();
      await page
        .getByRole('button', { name: /^Add: / })
        .or(page.getByText(/^(None needed|Ten minutes at one point alone)/))
        .first()
        .waitFor({ timeout: 60_000 });
    },
  },
  {
    name: 'what-if',
    path: '/o/lantern-supper/timetable',
    width: 1280,
    height: 800,
    act: async (page) => {
      await page.getByRole('button', { name: 'Plan again' }).waitFor({ timeout: 120_000 });
      await page.getByText('what if', { exact: true }).click();
      for (const words of ['second oven', 'helper from']) {
        await page.getByRole('combobox', { name: 'What if' }).fill(words);
        await page.keyboard.press('Enter');
      }
      await page.getByRole('button', { name: 'Do it like this' }).waitFor({ timeout: 120_000 });
    },
  },
  {
    name: 'kitchen',
    path: '/o/lantern-supper/timetable',
    width: 1280,
    height: 800,
    act: (page) => page.getByText('kitchen and cooks').click(),
  },
  {
    name: 'cook-tablet',
    path: '/o/lantern-supper/cook',
    width: 1024,
    height: 768,
    act: async (page) => {
      await page.getByRole('button', { name: 'Rehearse it first' }).click({ timeout: 120_000 });
      await page.locator('.done-bar').waitFor();
      await page.getByText('stop', { exact: true }).click();
      const forward = page.getByRole('button', { name: 'to the next thing' });
      for (let i = 0; i < 60 && !(await page.locator('.wash-items').isVisible()); i++) {
        if (await forward.isEnabled()) await forward.click();
        await page.locator('.done-bar .yes').click();
        await page.waitForTimeout(250);
      }
      if (await forward.isEnabled()) await forward.click();
      await page.locator('.wash-item').first().click();
    },
  },
  {
    name: 'cook-phone',
    path: '/o/lantern-supper/cook',
    width: 390,
    height: 844,
    dark: true,
    act: async (page) => {
      await page.locator('.wash-items').waitFor();
      while ((await page.locator('.wash-item[aria-checked="false"]').count()) > 0)
        await page.locator('.wash-item[aria-checked="false"]').first().click();
      await page.locator('.done-bar .yes').waitFor();
      await page.getByRole('button', { name: 'to the next thing' }).click();
      await page.locator('.done-bar .yes').click();
      await page.waitForTimeout(500);
      await page.evaluate(() => window.scrollTo(0, 0));
    },
  },
  { name: 'table', path: '/o/lantern-supper/table', width: 1280, height: 800 },
  {
    name: 'after',
    path: '/o/lantern-supper/after',
    width: 1280,
    height: 800,
    before: servedSupper,
    act: async (page) => {
      for (const [dish, box, kept] of [
        ['Duck legs', 'flat glass box', false],
        ['Braised red cabbage', 'blue tub', true],
        ['Celeriac', 'tin', false],
      ]) {
        await page
          .getByRole('row', { name: new RegExp(dish) })
          .getByRole('button', { name: 'Put away' })
          .click();
        await page.getByRole('combobox', { name: 'Box' }).fill(box);
        if (kept) await page.getByRole('switch', { name: 'It stayed in the kitchen' }).click();
        await page.getByRole('button', { name: 'It is put away' }).click();
      }
      await page.getByRole('switch', { name: 'Names of guests on the labels' }).click();
      await page.evaluate(() => window.scrollTo(0, 0));
    },
  },
];

/** A rehearsal of the supper that has come to 75 minutes after serving, everything ticked in its time. */
async function servedSupper() {
  const url = `http://127.0.0.1:${port}/api/occasions/lantern-supper`;
  const send = (method, path, body) =>
    fetch(`${url}${path}`, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
  const plan = await (await fetch(`${url}/plan`)).json();
  await send('POST', '/day', { mode: 'rehearsal', speed: 1, fromMin: 75 });
  const { day } = await (await fetch(`${url}/day`)).json();
  const ticks = plan.tasks
    .flatMap((task) => {
      const tick = (at, entry) => ({ at, what: { kind: 'tick', entry } });
      if (task.kind === 'wash')
        return ['water', ...task.units, 'cloth', ...(task.hands ? ['hands'] : [])].map((item) => ({
          at: task.endMin,
          what: { kind: 'clean', wash: task.id, item },
        }));
      if (task.kind === 'oven') return [tick(task.startMin, task.id)];
      if (task.cook !== undefined) return [tick(task.endMin, task.id)];
      return [
        tick(task.startMin, task.id),
        ...task.looks.flatMap((point, at) =>
          point.startMin > task.startMin ? [tick(point.endMin, `${task.id}@${at}`)] : [],
        ),
      ];
    })
    .sort((a, b) => a.at - b.at);
  const events = ticks.map(({ at, what }, index) => ({
    id: `picture-${index + 1000}`,
    device: 'tablet',
    agoMin: Math.max(0, 75 - at),
    what,
  }));
  for (let at = 0; at < events.length; at += 400)
    await send('POST', '/day/events', { day, events: events.slice(at, at + 400) });
}

mkdirSync(join(root, 'docs/screenshots'), { recursive: true });
const browser = await chromium.launch({
  executablePath: findChromium(),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
const words = process.argv.slice(2);
for (const view of views) {
  if (words.length > 0 && !words.some((word) => view.name.includes(word))) continue;
  await view.before?.();
  const page = await (
    await browser.newContext({
      viewport: { width: view.width, height: view.height },
      colorScheme: view.dark ? 'dark' : 'light',
    })
  ).newPage();
  await page.goto(`http://127.0.0.1:${port}${view.path}`);
  await page.waitForLoadState('networkidle');
  if (view.path.endsWith('/cook')) await page.locator('.now-card h2').waitFor({ timeout: 120_000 });
  await view.act?.(page);
  await page.waitForTimeout(500);
  await page.screenshot({ path: join(root, 'docs/screenshots', `${view.name}.png`) });
  console.log(`docs/screenshots/${view.name}.png`);
  await page.context().close();
}
await browser.close();
server.kill('SIGTERM');
rmSync(folder, { recursive: true, force: true });

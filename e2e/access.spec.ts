import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import { startServer, type Running } from './server.ts';
import { test } from './test.ts';

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

interface Violation {
  id: string;
  impact: string | null;
  nodes: { html: string; failureSummary?: string }[];
}

let server: Running;
test.beforeAll(async () => {
  server = await startServer();
});
test.afterAll(async () => {
  await server.stop();
});

/** What axe finds on a page, of those of its rules that are asked for; only what is serious. */
async function seriousOn(page: Page, runOnly: readonly string[]): Promise<readonly string[]> {
  const violations = await page.evaluate(async (only) => {
    const { axe: run } = window as unknown as {
      axe: { run: (options: object) => Promise<{ violations: Violation[] }> };
    };
    return (await run.run({ runOnly: only })).violations;
  }, runOnly);
  // Bars are as wide as their minutes; arrow keys reach each of them, and "as a table" says the same in words.
  for (const each of violations)
    if (each.id === 'target-size') each.nodes = each.nodes.filter((node) => !node.html.includes('tt-bar'));
  return violations
    .filter((each) => each.nodes.length > 0)
    .filter((each) => each.impact === 'serious' || each.impact === 'critical')
    .map(
      (each) =>
        `${each.id}: ${each.nodes
          .slice(0, 3)
          .map((node) => node.html.slice(0, 160))
          .join(' | ')}`,
    );
}

for (const station of [
  '',
  'guests',
  'menu',
  'labels',
  'amounts',
  'shopping',
  'recipes',
  'work',
  'swaps',
  'timetable',
  'cook',
  'bench',
  'table',
  'after',
  'join',
]) {
  test(`${station || 'the first page'} in light and dark: nothing serious for WCAG 2.2 AA`, async ({ browser }) => {
    const page = await (await browser.newContext({ colorScheme: 'light' })).newPage();
    // The bench is the Cook page of a day that has been begun; of another occasion, so that the page before the day is looked at too.
    const alone = {
      bench: '/o/allotment-lunch/cook',
      join: '/join',
      recipes: '/recipes/roast-chicken',
      work: '/recipes/chicken-biryani?see=work',
      swaps: '/swaps',
    }[station];
    await page.goto(
      `${server.url}${alone ?? (station ? `/o/${station === 'labels' ? 'allotment-lunch' : 'sunday-lunch'}/${station}` : '/')}`,
    );
    if (station !== 'bench') await page.waitForLoadState('networkidle');
    if (station === 'timetable')
      await page.getByRole('heading', { name: 'Passed the audit' }).waitFor({ timeout: 60_000 });
    if (station === 'labels') await page.locator('.check-row', { hasText: 'Label of' }).first().click();
    if (station === 'cook') await page.locator('.now-card h2').waitFor({ timeout: 60_000 });
    if (station === 'work') await page.locator('.work-card').first().click();
    if (station === 'bench') {
      await page
        .getByRole('button', { name: /Rehearse it first|Not as planned/ })
        .first()
        .waitFor({ timeout: 90_000 });
      if (await page.getByRole('button', { name: 'Rehearse it first' }).isVisible())
        await page.getByRole('button', { name: 'Rehearse it first' }).click();
      await page.getByRole('button', { name: 'Not as planned' }).waitFor();
    }
    await page.evaluate(axe);
    expect(await seriousOn(page, ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])).toEqual([]);
    // The page follows the system while it is open. What it is made of stays the same: only its colours are looked at again.
    const backdrop = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
    const light = await backdrop();
    await page.emulateMedia({ colorScheme: 'dark' });
    await expect.poll(backdrop).not.toBe(light);
    await expect.poll(() => seriousOn(page, ['color-contrast'])).toEqual([]);
    await page.context().close();
  });
}

test('the menu is walked with arrow keys, and the reasons follow', async ({ page }) => {
  await page.goto(`${server.url}/o/sunday-lunch/menu`);
  await page.locator('[data-cell="chicken/ines"]').click();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowDown');
  const why = page.getByRole('complementary', { name: 'Why' });
  await expect(why.getByRole('heading', { level: 2 })).toHaveText(/^Nell and the oven potatoes/);
});

test('where less movement is asked for a list opens and closes all the same', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto(`${server.url}/o/sunday-lunch/timetable`);
  await page.locator('.tt-bar').first().waitFor({ timeout: 90_000 });
  await page.getByRole('radiogroup', { name: 'View' }).getByText('what if', { exact: true }).click();
  await page.getByRole('combobox', { name: 'What if' }).click();
  const option = page.locator('.ant-select-item-option').filter({ hasText: 'a second oven' });
  await expect(option).toBeVisible();
  // One that waits to grow is there for the machine, and for nobody else.
  expect((await option.boundingBox())!.width).toBeGreaterThan(100);
  await page.keyboard.press('Escape');
  await expect(option).toBeHidden({ timeout: 10_000 });
});

import { expect, type Page } from '@playwright/test';
import { rulesOfAudit } from '../packages/core/src/audit/finding.ts';
import { startServer, type Running } from './server.ts';
import { test } from './test.ts';

let server: Running;
test.beforeAll(async () => {
  server = await startServer();
});
test.afterAll(async () => {
  await server.stop();
});

const open = (page: Page, path: string) => page.goto(`${server.url}${path}`);
const cell = (page: Page, dish: string, guest: string) => page.locator(`[data-cell="${dish}/${guest}"]`);

test('the demo occasions stand on the first page, and lead to their stations', async ({ page }) => {
  await open(page, '/');
  await expect(page.getByText('13 at table')).toBeVisible();
  await expect(page.getByText('4 at table')).toBeVisible();
  await expect(page.getByText('8 at table')).toBeVisible();
  await page.getByRole('link', { name: 'Lantern Supper' }).click();
  await expect(page.getByRole('heading', { name: 'Who comes, and what must not reach them' })).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Stations' }).getByRole('link')).toHaveText([
    /^Guests/,
    /^Menu/,
    /^Labels/,
    /^Amounts/,
    /^Shopping/,
    /^Timetable/,
    /^Cook/,
    /^Table/,
    /^After/,
  ]);
});

test('a conflict becomes clear by a swap; ingredients, amounts and steps follow; one key takes it back', async ({
  page,
}) => {
  await open(page, '/o/lantern-supper/menu');
  await expect(cell(page, 'gratin', 'oriel')).toHaveAccessibleName(/adaptable/);
  await cell(page, 'gratin', 'oriel').click();
  const why = page.getByRole('complementary', { name: 'Why' });
  await expect(why).toContainText('no trace of gluten');
  await expect(why).toContainText('60 g fresh breadcrumbs');
  await expect(why).toContainText('holds wheat');
  await why.getByRole('button', { name: 'Use for all' }).click();
  await expect(cell(page, 'gratin', 'oriel')).toHaveAccessibleName(/: clear/);
  await expect(cell(page, 'gratin', 'ines')).toHaveAccessibleName(/: clear/);

  await page.getByRole('link', { name: /^Amounts/ }).click();
  await page
    .getByRole('navigation', { name: 'Dishes' })
    .getByRole('button', { name: /Celeriac/ })
    .click();
  const sheet = page.getByRole('region', { name: /Amounts of Celeriac/ });
  await expect(sheet).toContainText('fine cornmeal');
  await expect(sheet.getByRole('cell', { name: 'fresh breadcrumbs', exact: true })).toHaveCount(0);

  await page.keyboard.press('z');
  await expect(sheet.getByRole('cell', { name: 'fresh breadcrumbs', exact: true })).toHaveCount(1);
});

test('one dish is made in two versions from one recipe, and each has its own amounts', async ({ page }) => {
  await open(page, '/o/lantern-supper/amounts');
  const dishes = page.getByRole('navigation', { name: 'Dishes' });
  await dishes.getByRole('button', { name: /with coconut custard/ }).click();
  await expect(page.getByRole('region', { name: /Amounts of Poached pears/ })).toContainText('coconut cream');
  await dishes.getByRole('button', { name: /Poached pears.*as written/ }).click();
  await expect(page.getByRole('region', { name: /Amounts of Poached pears/ })).toContainText('double cream');
});

test('units and degrees change on one switch, which is remembered', async ({ page }) => {
  await open(page, '/o/sunday-lunch/amounts');
  await expect(page.getByText('Oven: 195 °C')).toBeVisible();
  await page.getByText('cup · °F').click();
  await expect(page.getByText('Oven: 385 °F')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Oven: 385 °F')).toBeVisible();
  await page.getByText('g · °C').click();
});

test('a changed need is followed by verdicts, plates, amounts and timetable, without a reload', async ({ page }) => {
  await open(page, '/o/sunday-lunch/timetable');
  await expect(page.getByRole('heading', { name: 'Passed the audit' })).toBeVisible();
  await page.evaluate(() => {
    (window as unknown as { stayed: boolean }).stayed = true;
  });
  await page.getByRole('link', { name: /^Guests/ }).click();
  await page.getByRole('button', { name: 'Tomas', exact: true }).first().click();
  await page.getByRole('link', { name: /^Guests/ }).click();
  await page.locator('.guest-table').getByRole('button', { name: 'Tomas' }).click();
  await page.getByRole('button', { name: 'Vegan', exact: true }).click();
  await expect(page.locator('.guest-table tr', { hasText: 'Tomas' })).toContainText('vegan');
  await expect(page.locator('.guest-table tr', { hasText: 'Tomas' })).toContainText('ask them');
  await page.getByRole('link', { name: /^Menu/ }).click();
  await expect(cell(page, 'chicken', 'tomas')).toHaveAccessibleName(/conflict/);
  await expect(page.getByRole('button', { name: "Tomas's plate" }).getByRole('img')).toHaveAccessibleName(/not enough/);
  await page.getByRole('link', { name: /^Amounts/ }).click();
  await expect(page.getByRole('region', { name: /Amounts of Roast chicken/ })).toContainText('for Ines and Nell');
  await page.getByRole('link', { name: /^Timetable/ }).click();
  await expect(page.getByRole('heading', { name: 'Passed the audit' })).toBeVisible();
  expect(await page.evaluate(() => (window as unknown as { stayed?: boolean }).stayed)).toBe(true);
  await page.keyboard.press('z');
  await page.getByRole('link', { name: /^Menu/ }).click();
  await expect(cell(page, 'chicken', 'tomas')).toHaveAccessibleName(/: clear/);
});

test('a need nobody understands becomes an open question, and every dish a check', async ({ page }) => {
  await open(page, '/o/sunday-lunch/guests');
  await page.locator('.guest-table').getByRole('button', { name: 'Tomas' }).click();
  await page.getByRole('combobox', { name: 'Add a need' }).fill('<b>moon dust</b>');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.locator('.guest-table tr', { hasText: 'Tomas' })).toContainText(
    'not yet understood: “<b>moon dust</b>”',
  );
  await page.getByRole('link', { name: /^Menu/ }).click();
  await expect(cell(page, 'potatoes', 'tomas')).toHaveAccessibleName(/: check/);
  await page.keyboard.press('z');
  await expect(cell(page, 'potatoes', 'tomas')).toHaveAccessibleName(/: clear/);
});

test('needs are typed as they are said: several at once, a question with its answers beside it, undone in one key', async ({
  page,
}) => {
  await open(page, '/o/sunday-lunch/guests');
  await page.locator('.guest-table').getByRole('button', { name: 'Ines' }).click();
  const add = page.getByRole('combobox', { name: 'Add a need' });
  await add.fill('shellfish, hates mushrooms');
  await add.press('Enter');
  const row = page.locator('.guest-table tr').filter({ hasText: 'Ines' });
  for (const need of ['no trace of crustaceans', 'no trace of molluscs', 'prefers no mushrooms'])
    await expect(row).toContainText(need);
  await expect(page.getByRole('status').filter({ hasText: 'Taken for' })).toContainText('mushrooms, prefers not');
  await add.fill('peppers');
  await add.press('Enter');
  await expect(row).toContainText('not yet understood: “peppers”');
  await page.getByRole('button', { name: 'sweet peppers' }).click();
  await expect(row).toContainText('no sweet peppers as an ingredient');
  await expect(row).not.toContainText('not yet understood');
  await add.fill('kidney disease');
  await add.press('Enter');
  await expect(page.getByText('Lupin knows of kidney diet and does not judge it')).toBeVisible();
  await expect(page.getByText('how much protein and fluid', { exact: true })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Remove not yet understood: “kidney disease”/ }).click();
  await add.fill('no allergies');
  await add.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Nothing is avoided' })).toBeVisible();
  await page.getByRole('heading', { name: 'Who comes' }).click();
  for (let i = 0; i < 5; i++) await page.keyboard.press('z');
  await expect(row).toContainText('eats everything');
});

test('a bad name is said at its field, and what was typed stays', async ({ page }) => {
  await open(page, '/o/sunday-lunch/guests');
  await page.locator('.guest-table').getByRole('button', { name: 'Hugo' }).click();
  const field = page.getByLabel('Name', { exact: true });
  await field.fill('x'.repeat(130));
  await field.blur();
  await expect(page.getByRole('alert')).toContainText('At most 120 characters');
  await expect(field).toHaveValue('x'.repeat(130));
  await expect(page.locator('.guest-table')).toContainText('Hugo');
});

test('a label that was read settles a check for everybody it concerns', async ({ page }) => {
  await open(page, '/o/lantern-supper/menu');
  await expect(cell(page, 'parcels', 'suki')).toHaveAccessibleName(/: check/);
  await cell(page, 'parcels', 'suki').click();
  const why = page.getByRole('complementary', { name: 'Why' });
  await why.getByRole('button', { name: 'I have read the label of vegetable stock cube' }).first().click();
  await why.getByPlaceholder('name on the packet').fill('Green WashProgress cubes');
  await why.getByRole('button', { name: 'Record what I read' }).click();
  await expect(why.getByRole('alert')).toContainText('Still to answer');
  await why.getByRole('button', { name: 'I read all of it; none of these is on it' }).click();
  await why.getByRole('button', { name: 'Record what I read' }).click();
  await expect(cell(page, 'parcels', 'maud')).toHaveAccessibleName(/: clear/);
});

test('a pasted label is read, its words marked, and its answers proposed for confirming', async ({ page }) => {
  await open(page, '/o/lantern-supper/menu');
  await cell(page, 'spread', 'oriel').click();
  const why = page.getByRole('complementary', { name: 'Why' });
  await why.getByRole('button', { name: 'I have read the label of gluten-free flour blend' }).first().click();
  await why.getByPlaceholder('name on the packet').fill('Mill Lane blend');
  await why
    .getByLabel('Text of the label')
    .fill('Ingredients: rice flour, tapioca starch, potato starch.\nMay contain milk. <img src=x onerror=alert(1)>');
  await why.getByRole('button', { name: 'Read it' }).click();
  await expect(why.locator('mark', { hasText: 'milk' })).toBeVisible();
  await expect(why.locator('img')).toHaveCount(0);
  await expect(why.getByRole('radiogroup', { name: 'milk', exact: true }).getByText('may contain')).toBeVisible();
});

test('the Lantern Supper is planned in the browser, audited, and the washes say why', async ({ page }) => {
  // As long as anybody looks who has chosen nothing.
  await page.addInitScript(() => localStorage.setItem('lupin.prefs', '{}'));
  await open(page, '/o/lantern-supper/timetable');
  await expect(page.getByRole('heading', { name: 'Passed the audit' })).toBeVisible({ timeout: 90_000 });
  const audit = page.getByRole('region', { name: 'Audit' });
  await expect(audit).toContainText('Nothing crosses over');
  await expect(audit.getByRole('listitem')).toHaveCount(Object.keys(rulesOfAudit).length);
  await page.locator('.tt-bar.washing').first().click();
  await expect(
    page.getByText(
      /(Hot water and detergent, rinse|Soap and running water, 20 seconds|Hands with soap), clean towel\./,
    ),
  ).toBeVisible();
  await page.getByText('as a table').click();
  await expect(page.getByRole('row', { name: /(Ines|Tomas) Trim and season the duck/ })).toBeVisible();
});

test('a task is fixed to its time, moved by key, and let go; a second oven is a lane of its own', async ({ page }) => {
  await open(page, '/o/sunday-lunch/timetable');
  const bar = page.getByRole('button', { name: /Rub the topping/ }).first();
  await bar.click({ timeout: 60_000 });
  await page.getByRole('button', { name: /^Keep at/ }).click();
  await expect(page.getByText(/Fixed: it begins at/)).toBeVisible();
  const before = (await page.getByText(/Fixed: it begins at/).textContent())!;
  const earlier = page.getByRole('button', { name: '5 minutes earlier' });
  await earlier.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Fixed: it begins at/)).not.toHaveText(before, { timeout: 60_000 });
  await page.getByRole('button', { name: 'Let it move' }).click();
  await expect(page.getByText(/Fixed: it begins at/)).toHaveCount(0);
  await page.getByText('kitchen and cooks').click();
  await page.getByRole('button', { name: 'Add an oven' }).click();
  await expect(page.getByRole('textbox', { name: "Oven's name" })).toHaveCount(2);
  await page.getByRole('combobox', { name: 'What counts first' }).click();
  await page.getByTitle('the shortest day').click();
  await page.getByRole('radiogroup', { name: 'View' }).getByText('the day', { exact: true }).click({ timeout: 60_000 });
  await expect(page.getByText('Little oven')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText(/audited|improving/)).toBeVisible({ timeout: 60_000 });
});

test('where no swap does it, a dish of the library takes the place; a job that was misread is put right', async ({
  page,
}) => {
  await open(page, '/o/lantern-supper/menu');
  await cell(page, 'duck', 'lena').click();
  const why = page.getByRole('complementary', { name: 'Why' });
  await expect(why).toContainText('Nothing known takes the place of “8 duck legs, about 2.4 kg”');
  await why.getByRole('button', { name: 'Make it for Lena, Ravi and Suki' }).first().click();
  await expect(page.getByRole('button', { name: /^Lena, Chickpea and spinach stew: clear/ })).toBeVisible();
  await page.keyboard.press('z');
  await expect(page.getByRole('button', { name: /^Lena, Chickpea and spinach stew/ })).toHaveCount(0);

  await cell(page, 'gratin', 'oriel').click();
  await expect(why).toContainText('its job here: a crisp coat or top');
  await why.getByRole('button', { name: '60 g fresh breadcrumbs: it does another job' }).first().click();
  await page.getByTitle('structure').click();
  await expect(why).toContainText('its job here: structure');
});

test('a rehearsed day is ticked off at the bench, a reload keeps the ticks, and the run sheet prints', async ({
  page,
}) => {
  await open(page, '/o/sunday-lunch/cook');
  await page.getByRole('button', { name: 'Rehearse it first' }).click({ timeout: 60_000 });
  await page.locator('.done-bar .yes').waitFor();
  const now = page.locator('.now-card h2');
  const first = await now.textContent();
  await page.locator('.done-bar .yes').click();
  await expect(now).not.toHaveText(first!);
  await expect(page.getByText(/^1 of \d+ done$/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^1 of \d+ done$/)).toBeVisible({ timeout: 60_000 });
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('.print-sheet')).toBeVisible();
  await expect(page.locator('.now-card')).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('button', { name: 'Back one' }).click();
  await expect(now).toHaveText(first!);
  await page.getByRole('button', { name: 'End the rehearsal' }).click();
  await page.getByRole('button', { name: 'End it' }).click();
  await expect(page.getByRole('heading', { name: 'That day is over' })).toBeVisible();
});

test('a new occasion starts empty, says what to do, and can be filled to a plan', async ({ page }) => {
  await open(page, '/');
  await page.getByLabel('Name', { exact: true }).fill('Garden table');
  await page.getByRole('button', { name: 'Start planning' }).click();
  await expect(page.getByText('Nobody yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Add a guest' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Pia');
  await page.getByLabel('Name', { exact: true }).press('Enter');
  await page.getByRole('button', { name: 'Egg allergy' }).click();
  await page.getByRole('link', { name: /^Menu/ }).click();
  await page.getByRole('button', { name: 'Add Roast roots with thyme' }).click();
  await page.getByRole('button', { name: 'Add Skillet cornbread' }).click();
  await expect(page.getByRole('button', { name: 'Pia, Skillet cornbread: adaptable' })).toBeVisible();
  await page.getByRole('link', { name: /^Timetable/ }).click();
  await expect(page.getByRole('heading', { name: 'Passed the audit' })).toBeVisible({ timeout: 60_000 });
});

test('a helper more, a pan less: the kitchen is corrected on the timetable, and the plan follows', async ({ page }) => {
  await open(page, '/o/sunday-lunch/timetable');
  await expect(page.getByRole('heading', { name: 'Passed the audit' })).toBeVisible({ timeout: 60_000 });
  await page.getByText('kitchen and cooks').click();
  await page.getByRole('button', { name: 'Add a helper' }).click();
  await page.getByRole('button', { name: 'Remove Roasting tin' }).click();
  await page.getByText('Timetable', { exact: false }).first().click();
  await expect(page.getByText('no plan', { exact: true })).toBeVisible({ timeout: 30_000 });
  await page.getByRole('link', { name: /^Cook/ }).click();
  await expect(page.getByText('It needs a roasting tin; the kitchen has none.')).toBeVisible({ timeout: 30_000 });
  await page.keyboard.press('z');
  await page.getByRole('link', { name: /^Timetable/ }).click();
  await expect(page.getByRole('heading', { name: 'Passed the audit' })).toBeVisible({ timeout: 60_000 });
  await expect(page.locator('.tt-name', { hasText: 'Helper 1' }).first()).toBeVisible();
});

import { expect, type Page } from '@playwright/test';
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
const row = (page: Page, text: string | RegExp) => page.locator('.check-row', { hasText: text });

test('the label that decides most stands first; pasted, confirmed and recorded, it settles its plates at once', async ({
  page,
}) => {
  await open(page, '/o/lantern-supper/labels');
  await expect(page.locator('.check-row').first()).toContainText('Label of vegetable stock cube');
  await page.locator('.check-row').first().click();
  const form = page.getByRole('complementary', { name: 'Check' });
  await expect(form).toContainText('Green Tin stock cubes');
  await expect(form).toContainText('whey, casein');
  await form.getByRole('combobox', { name: 'Product' }).fill('River WashProgress cubes');
  await form
    .getByLabel('Text of the label')
    .fill('Ingredients: salt, palm oil, onion, turmeric, CELERY seed. May contain milk. <b>bold</b>');
  await form.getByRole('button', { name: 'Read it' }).click();
  await expect(form.locator('mark', { hasText: 'CELERY' })).toBeVisible();
  await expect(
    form.getByRole('radio', { name: 'may contain' }).and(form.locator('[aria-label="milk"] *')),
  ).toBeChecked();
  await form.getByRole('button', { name: 'Record what I read' }).click();
  await expect(row(page, 'Label of vegetable stock cube')).toHaveCount(0);
  await expect(page.getByRole('table')).toContainText('River WashProgress cubes');
  await page.getByRole('link', { name: /^Menu/ }).click();
  await expect(cell(page, 'parcels', 'kofi')).toHaveAccessibleName(/: clear/);
  await expect(cell(page, 'parcels', 'bea')).toHaveAccessibleName(/: check/);
  await page.keyboard.press('z');
  await expect(cell(page, 'parcels', 'kofi')).toHaveAccessibleName(/: check/);
});

test('what was read is remembered for the next occasion, where no trace asks to read it again', async ({ page }) => {
  await open(page, '/o/allotment-lunch/labels');
  await row(page, 'prepared mustard').first().click();
  const form = page.getByRole('complementary', { name: 'Check' });
  await expect(form).toContainText('Mill Lane wholegrain mustard');
  await form.getByRole('button', { name: 'Same packet, not read again' }).first().click();
  await expect(page.getByRole('table')).toContainText('for an earlier occasion');
});

test('in the shop aisle: the station works at phone width, with large answers and nothing off the side', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, '/o/lantern-supper/labels');
  await row(page, 'pomegranate molasses').click();
  const answer = page.getByRole('complementary', { name: 'Check' }).locator('.ant-segmented-item').first();
  await expect(answer).toBeInViewport();
  expect((await answer.boundingBox())!.height).toBeGreaterThanOrEqual(44);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a dish that a friend brings is a question until answered, and a check at best for no trace', async ({ page }) => {
  await open(page, '/o/sunday-lunch/menu');
  await page.getByRole('button', { name: 'A dish that others bring' }).click();
  await page.getByLabel('Name of the dish').fill('Bean salad');
  await page.getByRole('button', { name: 'Put it on the menu' }).click();
  await expect(page.getByRole('alert')).toContainText('Who makes it?');
  await page.getByLabel('By whom').fill('Tamsin');
  await page.getByLabel('What is in it').fill('white beans, olive oil, parsley');
  await page.getByRole('button', { name: 'Put it on the menu' }).click();
  await expect(page.getByRole('row', { name: /Bean salad brought by Tamsin/ })).toBeVisible();
  const strict = page.locator('[data-cell^="bean-salad/"]');
  const verdicts = async () =>
    Promise.all((await strict.all()).map(async (each) => (await each.getAttribute('aria-label'))!.split(': ')[1]));
  expect(await verdicts()).toContain('check');
  await page.getByRole('link', { name: /^Labels/ }).click();
  await row(page, 'Ask Tamsin').click();
  const form = page.getByRole('complementary', { name: 'Check' });
  for (const [question, answer] of [
    ['What is in it?', 'yes'],
    ['Which packets', 'yes'],
    ['Did your boards', 'no'],
    ['Was anything fried', 'no'],
  ] as const) {
    await form.locator(`[aria-label^="${question}"]`).getByText(answer, { exact: true }).click();
  }
  await expect(form).toContainText('check” at best');
  await page.getByRole('link', { name: /^Timetable/ }).click();
  await expect(page.getByRole('heading', { name: 'Passed the audit' })).toBeVisible();
  await page.keyboard.press('z');
});

test('anything edible can be asked about, in words, and answered for everybody at the table', async ({ page }) => {
  await open(page, '/o/lantern-supper/menu');
  const ask = page.getByRole('region', { name: 'Ask about a food' });
  await ask.getByLabel('Any food').fill('2 tbsp ghee');
  await expect(ask).toContainText('Holds milk.');
  await expect(ask).toContainText(/conflict for .*Bea/);
  await ask.getByLabel('Any food').fill('a pinch of <img src=x onerror=alert(1)> zorblax');
  await expect(ask).toContainText('Not understood');
  await expect(ask).toContainText(/check for /);
  await ask.getByLabel('Any food').fill('1 kg potatoes');
  await expect(ask).toContainText('clear for everybody');
});

test('somebody from the address book is invited with what was noted; what does not fit is asked, not guessed', async ({
  page,
}) => {
  await open(page, '/o/sunday-lunch/guests');
  await page.getByRole('button', { name: 'Address book' }).click();
  await page.getByRole('button', { name: 'Invite Hale' }).click();
  const guest = page.locator('.guest-table tr', { hasText: 'Hale' });
  await expect(guest).toContainText('vegan');
  await expect(guest).toContainText('does not fit: ask them');
  const editor = page.getByRole('complementary');
  await expect(editor).toContainText('vegan leaves no room for honey');
  await editor.getByRole('button', { name: /Exceptions and note: vegan/ }).click();
  await editor.getByRole('combobox', { name: 'This is fine' }).fill('honey');
  await editor.getByLabel('In their own words').fill('honey from my own hives is fine');
  await editor.getByRole('button', { name: /Note it as Hale/ }).click();
  await expect(guest).toContainText('vegan, except honey');
  await expect(editor).not.toContainText('leaves no room for honey');
  await editor.getByRole('button', { name: 'Confirmed today' }).click();
  await expect(guest).toContainText('confirmed');
  await expect(editor).toContainText('The address book says otherwise');
  await editor.getByRole('button', { name: 'Write this into the address book' }).click();
  await expect(editor).toContainText('The address book says the same.');
});

test('who has not enough is said on the menu, and how much is enough can be changed there', async ({ page }) => {
  await open(page, '/o/allotment-lunch/menu');
  const cover = page.getByRole('region', { name: 'Is it enough for everybody' });
  await expect(cover).toContainText('Main: Oriel 0 of 1');
  await cover.getByRole('spinbutton', { name: 'Enough Main' }).fill('0');
  await cover.getByRole('spinbutton', { name: 'Enough Main' }).blur();
  await expect(cover).not.toContainText('Main: Oriel');
  await expect(page.locator('.menu-table')).toContainText('vegan: not proven');
});

test('a food of one’s own is added where nobody knew a word, and marked as one’s own word', async ({ page }) => {
  const { occasion, revision } = (await (
    await page.request.get(`${server.url}/api/occasions/sunday-lunch`)
  ).json()) as { occasion: { recipes: { lines: { food?: string; text: string }[] }[] }; revision: number };
  const line = occasion.recipes[0]!.lines.at(-1)!;
  delete line.food;
  line.text = '1 spoon of moon paste';
  expect(
    (
      await page.request.put(`${server.url}/api/occasions/sunday-lunch`, { data: { baseRevision: revision, occasion } })
    ).status(),
  ).toBe(200);
  await open(page, '/o/sunday-lunch/labels');
  await row(page, 'moon paste').click();
  const form = page.getByRole('complementary', { name: 'Check' });
  await form.getByRole('button', { name: 'A food of my own' }).click();
  await form.getByLabel('Name of the food').fill('Moon paste');
  await form.getByRole('button', { name: 'Keep it as my word' }).click();
  await expect(row(page, 'What is “1 spoon of moon paste”')).toHaveCount(0);
  expect(await (await page.request.get(`${server.url}/api/foods`)).json()).toMatchObject([
    { entry: { name: 'Moon paste' } },
  ]);
});

test('guests and checks are walked with the arrow keys, and opened with Enter', async ({ page }) => {
  await open(page, '/o/lantern-supper/labels');
  await page.locator('.check-row').first().focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.locator('.check-row').nth(1)).toHaveAttribute('aria-current', 'true');
  await open(page, '/o/lantern-supper/guests');
  await page.locator('.guest-table').getByRole('button', { name: 'Ines' }).focus();
  await page.keyboard.press('End');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Ana');
});

test('what only the words of a recipe name is asked about, and one press settles it', async ({ page, request }) => {
  const address = `${server.url}/api/occasions/sunday-lunch`;
  const { revision, occasion } = (await (await request.get(address)).json()) as {
    revision: number;
    occasion: { recipes: { steps: { text: string }[] }[]; dishes: { recipe: string }[] };
  };
  const recipe = occasion.recipes.find((each) => (each as { id?: string }).id === occasion.dishes[0]!.recipe)!;
  recipe.steps.at(-1)!.text += ' Serve with ranch dressing.';
  expect((await request.put(address, { data: { baseRevision: revision, occasion } })).ok()).toBe(true);
  await page.goto(`${server.url}/o/sunday-lunch/labels`);
  const row = page.locator('.check-row', { hasText: 'Is it in' });
  await row.click();
  const aside = page.getByRole('complementary', { name: 'Check' });
  await expect(aside).toContainText('It is served with “ranch dressing”, which is not on the list.');
  await aside.getByRole('button', { name: 'It is not in this dish' }).click();
  await expect(row).toHaveCount(0);
});

test('where a recipe leaves a choice, one press takes what suits those who share the dish, and the label is asked of that', async ({
  page,
  request,
}) => {
  const address = `${server.url}/api/occasions/lantern-supper`;
  const { revision, occasion } = (await (await request.get(address)).json()) as {
    revision: number;
    occasion: { recipes: { id: string; lines: { id: string; food?: string; text: string }[] }[] };
  };
  const recipes = occasion.recipes.map((recipe) => ({
    ...recipe,
    lines: recipe.lines.map(({ food, ...line }) =>
      food === 'olive-oil' && recipe.id === 'cabbage-parcels'
        ? { ...line, text: '50 g butter (or vegan butter)' }
        : { ...line, ...(food ? { food } : {}) },
    ),
  }));
  const put = await request.put(address, { data: { baseRevision: revision, occasion: { ...occasion, recipes } } });
  expect(put.ok()).toBe(true);
  await open(page, '/o/lantern-supper/menu');
  await cell(page, 'parcels', 'oriel').click();
  const choice = page.getByRole('group', { name: 'The recipe leaves a choice' }).first();
  await expect(choice.getByRole('button', { name: 'Take butter' })).toBeDisabled();
  await expect(choice).toContainText(/not for Bea/);
  await choice.getByRole('button', { name: 'Take vegan butter' }).click();
  const why = page.getByRole('complementary', { name: 'Why' });
  await expect(why).toContainText('plant spread, chosen from 50 g butter (or vegan butter)');
  await expect(why.getByRole('button', { name: /I have read the label of plant spread/ })).toBeVisible();
  await page.keyboard.press('z');
  await expect(choice).toBeVisible();
});

test('a guest who is pregnant and one who keeps kosher are judged, and what the list cannot see is asked of them', async ({
  page,
}) => {
  await open(page, '/o/allotment-lunch/guests');
  for (const [name, words, need] of [
    ['Ida', '20 weeks pregnant', 'pregnancy'],
    ['Ruth', 'keeps kosher', 'kosher'],
  ] as const) {
    await page.getByRole('button', { name: 'Add a guest' }).click();
    await page.getByLabel('Name', { exact: true }).fill(name);
    const field = page.getByRole('combobox', { name: 'Add a need' });
    await field.fill(words);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.getByText(`Taken for: ${need}`)).toBeVisible();
    await expect(page.getByText('Lupin does not see everything')).toBeVisible();
  }
  await page.getByText('Lupin does not see everything').click();
  await expect(page.getByText('kit, dishes and oven: whose, and what they met')).toBeVisible();
  await expect(page.locator('.guest-table')).toContainText('kosher');
});

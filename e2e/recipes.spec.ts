import { readFileSync } from 'node:fs';
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
const pie = `Leek pie

Serves 4-6

Ingredients
- 600 g chicken thighs
- 2 leeks, sliced
- 100 ml double cream
- 320 g puff pastry

Method
1. Fry the chicken and the leeks in a large pan for 10 minutes. Stir in the cream and mustard.
2. Tip into a pie dish and cover with the pastry. Bake at 400 °C for 30 minutes until golden.`;

test('a recipe is pasted, looked at, mended and kept; the original stays with it', async ({ page }) => {
  await open(page, '/recipes');
  await expect(page.getByText('82 in the library')).toBeVisible();
  await page.evaluate((text) => {
    const data = new DataTransfer();
    data.setData('text/plain', text);
    document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }));
  }, pie);
  const panel = page.getByRole('region', { name: 'Bring recipes in' });
  await expect(panel.getByRole('heading', { name: 'Leek pie' })).toBeVisible();
  await expect(panel.locator('.read-lines mark.r-amount').first()).toHaveText('600 g');
  const odd = panel.getByRole('region', { name: 'What is odd in it' });
  await expect(odd).toContainText('mustard');
  await expect(odd).toContainText('400 °C');
  await odd.getByRole('button', { name: /Take it for °F: 204 °C/ }).click();
  await panel.getByRole('button', { name: 'Keep it and open it' }).click();
  await expect(page).toHaveURL(/\/recipes\/leek-pie$/);
  await expect(page.getByLabel('Name of the recipe')).toHaveValue('Leek pie');
  await expect(page.locator('.original')).toContainText('Bake at 400 °C');
  await expect(page.getByRole('region', { name: 'What is odd in it' })).not.toContainText('400 °C');
});

test('lines are read as they are typed, moved by key, undone by key, and are still there after a reload', async ({
  page,
}) => {
  await open(page, '/recipes/roast-roots');
  const lines = page.getByRole('region', { name: 'Ingredients' });
  const texts = () =>
    lines.locator('input.line-text').evaluateAll((inputs) => inputs.map((input) => (input as HTMLInputElement).value));
  await expect(lines.locator('input.line-text').first()).toBeVisible();
  const before = await texts();
  await lines.locator('input.line-text').first().click();
  await page.keyboard.press('Enter');
  await page.keyboard.type('2 tbsp tahini');
  await expect(lines.locator('.line-reading')).toContainText('holds sesame');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect.poll(texts).toEqual([before[0], '2 tbsp tahini', ...before.slice(1)]);
  await lines.getByLabel('Ingredient: 2 tbsp tahini').click();
  await page.keyboard.press('Alt+ArrowUp');
  await expect.poll(texts).toEqual(['2 tbsp tahini', ...before]);
  await expect(page.getByRole('region', { name: 'What is odd in it' })).toContainText(
    'No step says what becomes of “2 tbsp tahini”',
  );
  await expect
    .poll(async () => {
      const kept = (await (await page.request.get(`${server.url}/api/recipes`)).json()) as {
        entry: { id: string; lines: { text: string }[] };
      }[];
      return kept.find(({ entry }) => entry.id === 'roast-roots')?.entry.lines[0]?.text;
    })
    .toBe('2 tbsp tahini');
  await page.reload();
  await expect.poll(texts).toEqual(['2 tbsp tahini', ...before]);
  await page.getByLabel('Ingredient: 2 tbsp tahini').fill('');
  await page.keyboard.press('Backspace');
  await expect.poll(texts).toEqual(before);
  await page.locator('h2').first().click();
  await page.keyboard.press('z');
  await expect.poll(texts).toEqual(['2 tbsp tahini', ...before]);
});

test('a step is changed in place, and a time that makes no sense is not taken', async ({ page }) => {
  await open(page, '/recipes/oven-potatoes');
  await page.locator('.step-head').nth(2).click();
  await page.getByLabel('likely minutes').fill('52');
  await page.getByLabel('likely minutes').press('Tab');
  await page.getByLabel('Oven temperature in °C').fill('210');
  await page.getByLabel('Oven temperature in °C').press('Tab');
  await expect(page.locator('.step-head').nth(2)).toContainText('oven 210 °C');
  await page.locator('h2').first().click();
  await page.keyboard.press('z');
  await expect(page.locator('.step-head').nth(2)).toContainText('oven 200 °C');
});

test('another size: by people, by what there is; an egg is halved by weight', async ({ page }) => {
  await open(page, '/recipes/ginger-cake');
  const size = page.getByRole('region', { name: 'In another size' });
  await size.getByLabel('For how many').fill('6');
  await expect(size).toContainText('× 0.5');
  await expect(size).toContainText('25 g beaten egg');
  await size.getByText('what I have').click();
  await size.getByLabel('How much there is').fill('500 g');
  await expect(size).toContainText('× 2');
});

test('what is not a recipe is said, and the text stays', async ({ page }) => {
  await open(page, '/recipes');
  await page.getByLabel('Text of a recipe').fill('{"@type":"Recipe",');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('alert')).toContainText('not quite');
  await expect(page.getByLabel('Text of a recipe')).toHaveValue('{"@type":"Recipe",');
  await page
    .getByLabel('Text of a recipe')
    .fill(
      '<script>document.title = "owned"</script><p>Soup</p><p>Ingredients</p><li>2 carrots <img src=x onerror="document.title=\'owned\'"></li><p>Method</p><p>Boil for 20 minutes.</p>',
    );
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('heading', { name: 'Soup' })).toBeVisible();
  await expect(page).not.toHaveTitle('owned');
});

test('a recipe goes on the menu with all it is made with', async ({ page }) => {
  await open(page, '/o/sunday-lunch/menu');
  await page.getByRole('button', { name: 'Add Plum tart' }).click();
  await expect(page.locator('.menu-table')).toContainText('Plum tart');
  await page.getByRole('link', { name: /^Shopping/ }).click();
  await expect(page.getByRole('button', { name: 'plum', exact: true })).toBeVisible();
  await expect(page.getByRole('button', { name: 'egg yolk', exact: true })).toBeVisible();
  await page.keyboard.press('z');
  await expect(page.getByRole('button', { name: 'plum', exact: true })).toHaveCount(0);
});

test('advice is taken with one press and taken back with one key', async ({ page }) => {
  await open(page, '/o/lantern-supper/menu');
  await page.getByLabel('begin from the recipes as written').check();
  const advice = page.getByRole('region', { name: 'Advice for the menu' });
  const first = advice.getByRole('group').first();
  await expect(first.locator('li').first()).toBeVisible();
  const rows = await page.locator('.menu-table tr.version').count();
  await first.getByRole('button', { name: 'Do it like this' }).click();
  await expect(page.locator('.menu-table tr.version')).not.toHaveCount(rows);
  await page.keyboard.press('z');
  await expect(page.locator('.menu-table tr.version')).toHaveCount(rows);
});

test('a swap of the cook’s own is offered beside the others', async ({ page }) => {
  await open(page, '/swaps');
  await expect(async () => {
    // The list is drawn anew as it is typed: what was pressed may be gone by then.
    await page.getByLabel('Instead of').fill('fresh breadcrumbs');
    await page.locator('.ant-select-item-option[title="fresh breadcrumbs"]').click({ timeout: 2000 });
    await expect(
      page.getByRole('complementary').locator('.ant-select-selection-item[title="fresh breadcrumbs"]'),
    ).toBeAttached({ timeout: 2000 });
  }).toPass({ timeout: 20_000 });
  await page.keyboard.press('Escape');
  await expect(async () => {
    await page.getByLabel('Take').fill('millet');
    await page.locator('.ant-select-item-option[title="millet"]').click({ timeout: 2000 });
    await expect(page.getByRole('complementary').locator('.ant-select-content[title="millet"]')).toBeAttached({
      timeout: 2000,
    });
  }).toPass({ timeout: 20_000 });
  await page.getByLabel('What the cook does differently').fill('Toast it dry first.');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.locator('.split.library .main')).toContainText('Toast it dry first.');
  await page.getByRole('button', { name: 'Change', exact: true }).click();
  await page.getByLabel('What the cook does differently').fill('Toast it dry, five minutes.');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.locator('.split.library .main')).toContainText('five minutes');
  await expect(page.getByRole('heading', { name: 'A swap of your own' })).toBeVisible();
  await open(page, '/o/lantern-supper/menu');
  await page.locator('[data-cell="gratin/oriel"]').click();
  const why = page.getByRole('complementary', { name: 'Why' });
  await why.getByRole('combobox').first().click();
  await expect(page.getByText('millet', { exact: false }).first()).toBeVisible();
});

test('in the shop: ticked on a phone, what is in the house leaves the list, and a spreadsheet brings both back', async ({
  browser,
}) => {
  const page = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await open(page, '/o/lantern-supper/shopping');
  await page.getByRole('checkbox', { name: /^celeriac/ }).check();
  await expect(page.locator('.shop-item.ticked .name')).toHaveText(['celeriac']);
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
  await page.getByRole('button', { name: 'cornflour', exact: true }).click();
  await page.getByRole('button', { name: 'All of it is here' }).click();
  await expect(page.getByRole('heading', { name: 'In the house already' })).toBeVisible();
  await page.waitForLoadState('networkidle');
  await page.reload();
  await expect(page.locator('.shop-item.ticked .name')).toHaveText(['celeriac']);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'CSV', exact: true }).click(),
  ]);
  const csv = readFileSync((await file.path())!, 'utf8');
  expect(csv).toMatch(/vegetables?,celeriac,celeriac,.*,yes,/);
  await page.getByLabel('CSV in').setInputFiles({
    name: 'list.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('item,ticked,have\ncornflour,,\nbutter,yes,1 kg\nnapkins,,\n'),
  });
  await expect(page.getByRole('button', { name: 'napkins' })).toBeVisible();
  await page.context().close();
});

test('what a reading is not sure of is asked, and one press answers it', async ({ page }) => {
  await open(page, '/recipes');
  await page
    .getByLabel('Text of a recipe')
    .fill(
      'Chicken traybake\n\n600 g chicken thighs\n500 g potatoes\n2 tbsp oil\n\nToss all in the oil in a roasting tin. Bake in a hot oven until golden.',
    );
  await page.getByRole('button', { name: 'Read it' }).click();
  const questions = page.getByRole('region', { name: 'Questions' });
  await expect(questions.getByRole('heading')).toContainText('4 questions');
  await expect(questions.getByRole('listitem').first()).toContainText('How hot is 600 g chicken thighs inside');
  await questions.getByRole('button', { name: '74 °C, measured' }).click();
  await questions
    .getByRole('group', { name: /How hot is the oven/ })
    .getByRole('button', { name: '200 °C' })
    .click();
  await expect(questions.getByRole('heading')).toContainText('2 questions');
  await expect(page.getByRole('article')).toContainText('oven 200 °C');
  await questions
    .getByRole('group', { name: /How many/ })
    .getByRole('button', { name: '6', exact: true })
    .click();
  await expect(page.getByLabel('How many Chicken traybake feeds')).toHaveValue('6');
  await page.getByRole('button', { name: 'Take that back' }).click();
  await expect(questions.getByRole('heading')).toContainText('4 questions');
  await page.getByLabel('How many Chicken traybake feeds').fill('5');
  await page.getByRole('button', { name: 'Keep it and open it' }).click();
  await expect(page.getByLabel('Portions')).toHaveValue('5');
  await expect(page.getByText('74 °C inside')).toBeVisible();
});

test('a dough and its pizza in one paste, and a pie with the library’s pastry, are tied by their names', async ({
  page,
}) => {
  await open(page, '/recipes');
  const text = page.getByLabel('Text of a recipe');
  await text.fill(
    'Pizza dough\n\n500 g strong flour\n7 g yeast\n300 ml water\n\nMix everything and knead for 8 minutes. Leave to rise for 1 hour.\n\nPepper pizza\nServes 4\n\n1 batch pizza dough\n200 ml passata\n250 g mozzarella\n\nStretch the dough into rounds, spread with the passata and top with the mozzarella. Bake at 250 °C for 12 minutes.',
  );
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('article', { name: 'Pepper pizza' })).toContainText('is made by “Pizza dough”');
  await page.getByRole('button', { name: 'Keep all 2' }).click();
  await page.getByRole('link', { name: 'Pepper pizza' }).click();
  await expect(page.getByRole('heading', { name: 'Nothing odd in it' })).toBeVisible();
  // Whatever comes first, the library or the reading.
  await page.route('**/api/recipes', async (route) => {
    if (route.request().method() === 'GET') await new Promise((done) => setTimeout(done, 3000));
    await route.continue();
  });
  await open(page, '/recipes');
  await text.fill(
    'Apple pie\nServes 8\n\n1 batch shortcrust pastry\n1 kg apples\n100 g sugar\n\nRoll out the pastry and line a pie dish. Fill with the apples and sugar. Bake at 190 °C for 45 minutes.',
  );
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('article', { name: 'Apple pie' })).toContainText('is made by “Shortcrust pastry”');
});

test('what would go to the table raw has no timetable until its recipe says how hot it gets', async ({ page }) => {
  await open(page, '/recipes');
  await page
    .getByLabel('Text of a recipe')
    .fill(
      'Soft eggs on greens\n\nServes 4\n\nIngredients\n8 eggs\n200 g spinach\n\nMethod\nBoil the eggs for 5 minutes and peel them. Set them on the spinach. Serve cold.',
    );
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.getByRole('button', { name: 'Keep it and open it' }).click();
  await expect(page.getByRole('region', { name: 'What is odd in it' })).toContainText('cooked through');
  await open(page, '/o/sunday-lunch/menu');
  await page.getByLabel('Search the library').fill('soft eggs');
  await page.getByRole('button', { name: 'Add Soft eggs on greens' }).click();
  await page.getByRole('link', { name: /^Timetable/ }).click();
  await expect(page.getByRole('heading', { name: 'No plan can hold all of this' })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('main')).toContainText('raw egg');
  await page.getByRole('button', { name: /ends at 71 °C inside/ }).click();
  await expect(page.getByRole('heading', { name: 'Passed the audit' })).toBeVisible({ timeout: 60_000 });
});

test('what is meant to be soft is said with one press, and the table is told', async ({ page }) => {
  await open(page, '/recipes');
  await page
    .getByLabel('Text of a recipe')
    .fill(
      'Runny eggs\n\nServes 4\n\nIngredients\n8 eggs\n4 slices toast\n\nMethod\nBoil the eggs for 5 minutes, until soft-boiled, and peel them. Set them on the toast. Serve cold.',
    );
  await page.getByRole('button', { name: 'Read it' }).click();
  await page
    .getByRole('group', { name: /8 eggs: meant to be served raw or soft/ })
    .getByRole('button', { name: /^Yes/ })
    .click();
  await page.getByRole('button', { name: 'Keep it and open it' }).click();
  await expect(page.getByRole('region', { name: 'What is odd in it' })).toContainText('as it is meant');
  await page.getByRole('button', { name: /Boil/ }).first().click();
  await expect(page.getByText('raw or soft egg', { exact: true })).toBeVisible();
  await open(page, '/o/sunday-lunch/menu');
  await page.getByLabel('Search the library').fill('runny eggs');
  await page.getByRole('button', { name: 'Add Runny eggs' }).click();
  await page.getByRole('link', { name: /^Table/ }).click();
  await expect(page.getByRole('main')).toContainText('Served with raw or soft egg');
});

test('an occasion keeps its copy, and takes over the library’s when asked', async ({ page }) => {
  await open(page, '/recipes/apple-crumble');
  const first = page.getByRole('region', { name: 'Ingredients' }).locator('input.line-text').first();
  const kept = page.waitForResponse(
    (response) => response.request().method() === 'PUT' && response.url().includes('/recipes/apple-crumble'),
  );
  await first.fill('1.5 kg apples');
  await first.press('Tab');
  expect((await kept).ok()).toBe(true);
  await open(page, '/o/sunday-lunch/amounts');
  await page.getByRole('button', { name: /Apple crumble/ }).click();
  await expect(page.getByRole('region', { name: /Amounts of Apple crumble/ })).not.toContainText('1.5 kg apples');
  await page.getByRole('link', { name: /^Menu/ }).click();
  await page.getByRole('button', { name: /Take over Apple crumble/ }).click();
  await page.getByRole('link', { name: /^Amounts/ }).click();
  // The menu's own buttons name the dish too.
  await page
    .getByRole('navigation', { name: 'Dishes' })
    .getByRole('button', { name: /Apple crumble/ })
    .click();
  await expect(page.getByRole('region', { name: /Amounts of Apple crumble/ })).toContainText('1.5 kg apples');
});

test('lines are dragged by the hand; files dropped anywhere are read together', async ({ page }) => {
  await open(page, '/recipes/braised-red-cabbage');
  const inputs = page.getByRole('region', { name: 'Ingredients' }).locator('input.line-text');
  await expect(inputs.first()).toBeVisible();
  const texts = () => inputs.evaluateAll((all) => all.map((input) => (input as HTMLInputElement).value));
  const before = await texts();
  const [from, to] = [
    await page.locator('.handle').nth(0).boundingBox(),
    await page.locator('.handle').nth(2).boundingBox(),
  ];
  await page.mouse.move(from!.x + 6, from!.y + 10);
  await page.mouse.down();
  await page.mouse.move(from!.x + 8, from!.y + 30, { steps: 5 });
  await page.mouse.move(to!.x + 8, to!.y + 20, { steps: 10 });
  await page.mouse.up();
  await expect.poll(texts).toEqual([before[1], before[2], before[0], ...before.slice(3)]);

  await open(page, '/recipes');
  await expect(page.getByRole('heading', { name: 'Bring a recipe in' })).toBeVisible();
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.items.add(
      new File(['Plain toast\n\nIngredients\n1 slice bread\n\nMethod\nToast the bread for 3 minutes.'], 'a.txt', {
        type: 'text/plain',
      }),
    );
    data.items.add(
      new File(
        [
          '{"@type":"Recipe","name":"Pot of tea","recipeIngredient":["2 tea bags"],"recipeInstructions":"Steep for 4 minutes."}',
        ],
        'b.json',
      ),
    );
    window.dispatchEvent(new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true }));
  });
  await page.getByRole('button', { name: 'Keep all 2' }).click();
  await expect(page.locator('tr.fresh .recipe-link')).toHaveText(['Plain toast', 'Pot of tea'], { useInnerText: true });
});

test('a recipe changed elsewhere meanwhile is not overwritten unasked, and nothing typed is lost', async ({ page }) => {
  await open(page, '/recipes/berry-fool');
  const name = page.getByLabel('Name of the recipe');
  await expect(name).toHaveValue('Berry fool');
  const kept = (await (await page.request.get(`${server.url}/api/recipes/berry-fool`)).json()) as {
    revision: number;
    entry: object;
  };
  await page.request.put(`${server.url}/api/recipes/berry-fool`, {
    data: { baseRevision: kept.revision, entry: { ...kept.entry, about: 'Changed elsewhere.' } },
  });
  await name.fill('Berry fool with mint');
  await name.press('Tab');
  await expect(page.getByRole('alert')).toContainText('Not saved.');
  await expect(name).toHaveValue('Berry fool with mint');
  await page.getByRole('button', { name: 'Keep mine' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect
    .poll(
      async () =>
        ((await (await page.request.get(`${server.url}/api/recipes/berry-fool`)).json()) as { entry: { name: string } })
          .entry.name,
    )
    .toBe('Berry fool with mint');
});

test('the library is looked through for somebody: what holds what they avoid is gone, what hangs on a label says so', async ({
  page,
}) => {
  await page.goto(`${server.url}/recipes`);
  const whom = page.getByRole('combobox', { name: 'For whom' });
  await whom.fill('vegan');
  await whom.press('Enter');
  await expect(page.getByRole('link', { name: 'Roast turkey' })).toHaveCount(0);
  await expect(page.getByRole('link', { name: 'Spinach dal' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Lentil lasagne/ })).toContainText('to check first');
  await whom.press('Escape');
  await page.getByRole('searchbox', { name: 'Search' }).fill('dragon');
  await page.getByRole('button', { name: 'Show all' }).click();
  await expect(page.getByRole('link', { name: 'Roast turkey' })).toBeVisible();
});

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

const soup = `Tomato soup with croutons
Serves 4

2 onions
800 g tinned tomatoes
2 tbsp olive oil
200 g bread
100 g rocket

Method
Fry the onions in the oil in a large pot for 10 minutes. Add the tomatoes and simmer for 20 minutes. Cut the bread into cubes. Toast the bread on a baking tray in the oven at 200 °C for 10 minutes. Toss the rocket in a bowl. Serve the soup with the croutons.`;

const keepAndSee = async (page: Page, text: string) => {
  await page.goto(`${server.url}/recipes`);
  await page.getByLabel('Text of a recipe').fill(text);
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.getByRole('button', { name: 'Keep it and open it' }).click();
  await page.getByText('The work as a picture').click();
  await expect(cards(page).first()).toBeVisible();
};
const cards = (page: Page) => page.locator('.work-card');
const card = (page: Page, title: RegExp) => cards(page).filter({ hasText: title });
const waits = (page: Page) => page.getByRole('group', { name: 'What it waits for' });
const saved = (page: Page) =>
  page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());

/** Draws the one card on to the other. */
async function draw(page: Page, from: RegExp, to: RegExp) {
  await card(page, from).evaluate((element) => element.scrollIntoView({ block: 'center' }));
  const [a, b] = [(await card(page, from).boundingBox())!, (await card(page, to).boundingBox())!];
  await page.mouse.move(a.x + a.width / 2, a.y + a.height / 2);
  await page.mouse.down();
  await page.mouse.move(b.x + b.width / 2, b.y + b.height / 2, { steps: 8 });
  await page.mouse.up();
}

test('one step is drawn on to another and waits for it; taken back by key, also after the page was left', async ({
  page,
}) => {
  await keepAndSee(page, soup);
  const kept = saved(page);
  await draw(page, /Toss the rocket/, /Simmer/);
  await kept;
  await expect(waits(page)).toContainText('Simmer');
  await page.reload();
  await card(page, /Toss the rocket/).click();
  await expect(waits(page)).toContainText('Simmer');
  await card(page, /Toss the rocket/).press('z');
  await expect(waits(page)).toContainText('it can be begun at any time');
  await card(page, /Toss the rocket/).press('Shift+Z');
  await expect(waits(page)).toContainText('Simmer');
  // Drawn there again, the two go side by side: it waits for what that one waited for.
  await draw(page, /Toss the rocket/, /Simmer/);
  await expect(waits(page)).not.toContainText('Simmer');
  await expect(waits(page)).toContainText('Fry');
});

test('a circle is not drawn: the sentence says why, and one press turns it round', async ({ page }) => {
  await keepAndSee(page, soup);
  await draw(page, /Fry/, /Simmer/);
  const asked = page.getByRole('alert');
  // It waits already: drawn from the later to the earlier it is let go, from the earlier to the later it would be a circle.
  await expect(asked).toContainText('in a circle');
  await asked.getByRole('button', { name: /Turn it round/ }).click();
  await expect(waits(page)).toContainText('Simmer');
  await page.getByRole('button', { name: /Undo/ }).click();
  await expect(waits(page)).toContainText('it can be begun at any time');
});

test('the whole of it by keyboard', async ({ page }) => {
  await keepAndSee(page, soup);
  await cards(page).first().focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('.work-card.is-chosen')).toContainText('Simmer');
  await card(page, /Toss the rocket/).focus();
  await page.keyboard.press('w');
  await expect(page.getByRole('status').filter({ hasText: 'wait for?' })).toBeVisible();
  await card(page, /Fry/).focus();
  await page.keyboard.press('Enter');
  await expect(waits(page)).toContainText('Fry');
  await page.keyboard.press('w');
  await page.keyboard.press('Escape');
  await card(page, /Fry/).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Title of the step')).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(card(page, /Fry/)).toBeFocused();
});

test('what does not go into the oven is asked about; the list of steps has the same fields', async ({ page }) => {
  await keepAndSee(page, soup);
  await card(page, /Toss the rocket/).click();
  await page.getByLabel('Where it goes on').getByText('oven').click();
  const asked = page.getByRole('alert');
  await expect(asked).toContainText('A bowl does not go into the oven.');
  await expect(card(page, /Toss the rocket/)).not.toContainText('oven');
  await asked.getByRole('button', { name: 'a baking tray' }).click();
  await expect(card(page, /Toss the rocket/)).toContainText('oven 180 °C');
  await page.getByText('cup · °F').click();
  await page.getByLabel('Oven temperature in °F').fill('400');
  await page.getByLabel('Oven temperature in °F').press('Tab');
  await expect(card(page, /Toss the rocket/)).toContainText('oven 400 °F');
  await page.getByText('In words').click();
  await page.locator('.step-head').filter({ hasText: 'Toss the rocket' }).click();
  await expect(page.getByLabel('Oven temperature in °F')).toHaveValue('400');
  await expect(waits(page)).toContainText('at any time');
  await expect(page.getByLabel('Kit', { exact: true })).toBeAttached();
});

test('what the dish stands without is left out of one dish with one press', async ({ page }) => {
  await keepAndSee(page, soup.replace('Tomato soup', 'Onion and tomato soup'));
  await card(page, /Toss the rocket/).click();
  const kept = saved(page);
  await page.getByLabel('the dish stands without it').check();
  await kept;
  await expect(card(page, /Toss the rocket/)).toContainText('if you like');
  await page.goto(`${server.url}/o/sunday-lunch/menu`);
  await page.getByLabel('Search the library').fill('onion and tomato');
  await page.getByRole('button', { name: 'Add Onion and tomato soup with croutons' }).click();
  await page.getByRole('link', { name: /^Amounts/ }).click();
  await page
    .getByRole('navigation', { name: 'Dishes' })
    .getByRole('button', { name: /Onion and tomato/ })
    .click();
  const amounts = page.getByRole('region', { name: /Amounts of Onion and tomato/ });
  const rocket = amounts.getByRole('row').filter({ hasText: 'rocket' });
  await expect(rocket).toHaveCount(1);
  await page.getByRole('region', { name: 'Ways to do it' }).getByText('leave it out: no rocket then').click();
  await expect(rocket).toHaveCount(0);
  await page.keyboard.press('z');
  await expect(rocket).toHaveCount(1);
});

test('the order is put right in the reading, before it is kept', async ({ page }) => {
  await page.goto(`${server.url}/recipes`);
  await page.getByLabel('Text of a recipe').fill(soup);
  await page.getByRole('button', { name: 'Read it' }).click();
  await draw(page, /Toss the rocket/, /Simmer/);
  await expect(page.locator('.read-steps li').filter({ hasText: 'Toss the rocket' })).toContainText('after 2');
  await page.getByRole('button', { name: 'Take that back' }).click();
  await expect(page.locator('.read-steps li').filter({ hasText: 'Toss the rocket' })).toContainText('at any time');
});

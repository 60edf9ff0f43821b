import { expect, type Page } from '@playwright/test';
import { startServer, type Running } from './server.ts';
import { planned, settled, view } from './timetablePage.ts';
import { test } from './test.ts';

// As most people have it, who did not ask for less movement.
test.use({ contextOptions: { reducedMotion: 'no-preference' } });

let server: Running;
test.beforeAll(async () => {
  server = await startServer();
});
test.afterAll(async () => {
  await server.stop();
});

const share = async (page: Page): Promise<number> =>
  Number(
    /about (?:over |under )?(\d+) in 100/.exec(
      (await page.getByRole('heading', { name: /days everything is at the table in time/ }).textContent()) ?? '',
    )![1],
  );

test('how sure it is, where it breaks, and ten minutes to spare that make it surer', async ({ page }) => {
  await settled(server, page);
  await view(page, 'how sure');
  // Made to hold as it is there is nothing that minutes would buy.
  expect(await share(page)).toBeGreaterThanOrEqual(90);
  await page.getByRole('radiogroup', { name: 'How sure should it be?' }).getByText('never mind').click();
  await expect(page.getByRole('button', { name: 'Plan again' })).toBeVisible({ timeout: 90_000 });
  await expect(page.getByRole('img', { name: /How each dish comes to the table/ })).toHaveAccessibleName(
    /Green beans with toasted almonds: in time on (?:over |under )?\d+ in 100 days/,
  );
  const before = await share(page);
  const spare = page.getByRole('region', { name: 'What minutes to spare would buy' });
  const offer = spare.getByRole('button', { name: /^Add: / }).first();
  await expect(offer).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('region', { name: 'Where it breaks first' })).toContainText(/runs over by \d+ min/);
  const promised = Number(
    /becomes about (?:over )?(\d+) in 100/.exec((await spare.locator('.spare-row').first().textContent()) ?? '')![1],
  );
  expect(promised).toBeGreaterThan(before);
  await offer.click();
  await expect(page.getByRole('button', { name: 'Plan again' })).toBeVisible({ timeout: 90_000 });
  // What was shown is what one gets, and not another plan with the same wish.
  await expect.poll(() => share(page).catch(() => -1), { timeout: 60_000 }).toBe(promised);
  // It is a wish like any other, and one key takes it back.
  await view(page, 'kitchen and cooks');
  await expect(page.getByText(/has 10 min to spare after it/).first()).toBeVisible();
  await page.keyboard.press('z');
  await expect(page.getByText(/has 10 min to spare after it/)).toHaveCount(0);
});

test('what it costs to be so sure is told for each, and taken with one press', async ({ page }) => {
  test.slow();
  await planned(server, page);
  await view(page, 'how sure');
  const sure = page.getByRole('region', { name: 'How sure it should be' });
  await sure.getByText('90 in 100', { exact: true }).click();
  await expect(sure.getByRole('radio', { name: '90 in 100' })).toBeChecked();
  await expect(page.getByRole('button', { name: 'Plan again' })).toBeVisible({ timeout: 90_000 });
  await sure.getByRole('button', { name: 'What would each cost?' }).click();
  await expect(sure.getByRole('row')).toHaveCount(5, { timeout: 120_000 });
  await expect(sure.getByRole('row', { name: /^99 in 100/ })).toContainText(/\d\d:\d\d/);
  await sure.getByRole('button', { name: 'Take the plan for 99 in 100' }).click();
  await expect(sure.getByRole('radio', { name: '99 in 100' })).toBeChecked();
  // What was shown is the plan: nothing is looked for anew.
  await expect(page.getByRole('button', { name: 'Plan again' })).toBeVisible({ timeout: 10_000 });
  await expect.poll(() => share(page).catch(() => -1), { timeout: 60_000 }).toBeGreaterThanOrEqual(95);
  await page.keyboard.press('z');
  await expect(sure.getByRole('radio', { name: '90 in 100' })).toBeChecked();
});

test('what if it is served later, with a helper: another plan beside this one, taken over when wanted', async ({
  page,
}) => {
  // Two plans are looked for, one after the other.
  test.slow();
  await planned(server, page);
  await view(page, 'what if');
  const pick = page.getByRole('combobox', { name: 'What if' });
  await pick.fill('30 min later');
  await pick.press('Enter');
  await pick.fill('a helper');
  await pick.press('Enter');
  const doIt = page.getByRole('button', { name: 'Do it like this' });
  await expect(doIt).toBeVisible({ timeout: 90_000 });
  await expect(page.getByRole('row', { name: /^Last course goes out/ })).toHaveText(/13:45.*14:15/);
  await expect(page.getByRole('row', { name: /^Helper’s hands/ })).toContainText('–');
  await expect(page.getByRole('region', { name: 'What changes' })).toContainText(/\d+ steps change/);
  await page.getByLabel('Not: a helper from').click();
  await expect(page.getByRole('row', { name: /^Helper’s hands/ })).toHaveCount(0);
  await expect(doIt).toBeVisible({ timeout: 90_000 });
  await expect(page.locator('.mast .when')).toContainText('13:00');
  await doIt.click();
  await expect(page.locator('.mast .when')).toContainText('13:30');
  await page.keyboard.press('z');
  await expect(page.locator('.mast .when')).toContainText('13:00');
});

test('what if there were no oven: it is said that no plan can hold, and nothing is changed', async ({ page }) => {
  await planned(server, page);
  await view(page, 'what if');
  const pick = page.getByRole('combobox', { name: 'What if' });
  await pick.fill('without Oven');
  await pick.press('Enter');
  await expect(page.getByText('Then no plan can hold.')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('button', { name: 'Do it like this' })).toHaveCount(0);
});

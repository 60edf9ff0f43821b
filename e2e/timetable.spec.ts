import { readFileSync } from 'node:fs';
import { expect, type APIRequestContext } from '@playwright/test';
import { startServer, type Running } from './server.ts';
import { planned, view } from './timetablePage.ts';
import { test } from './test.ts';

interface Lunch {
  readonly kitchen: { readonly kit: readonly { readonly kind: string }[]; readonly cooks: readonly object[] };
}

let server: Running;
let shipped: Lunch;
test.beforeAll(async () => {
  server = await startServer();
  shipped = ((await (await fetch(`${server.url}/api/occasions/sunday-lunch`)).json()) as { occasion: Lunch }).occasion;
});
// What one test does to the Sunday lunch is no matter of the next.
test.beforeEach(({ request }) => changeSunday(request, () => shipped));
test.afterAll(async () => {
  await server.stop();
});

/** The Sunday lunch with some of it changed, as another program would change it. */
async function changeSunday(request: APIRequestContext, change: (lunch: Lunch) => object): Promise<void> {
  const address = `${server.url}/api/occasions/sunday-lunch`;
  const { revision, occasion } = (await (await request.get(address)).json()) as { revision: number; occasion: Lunch };
  const data = { baseRevision: revision, occasion: { ...occasion, ...change(occasion) } };
  expect((await request.put(address, { data })).ok()).toBe(true);
}

test('the plan goes into a calendar, everybody’s or one cook’s, as a file and at an address', async ({ page }) => {
  await planned(server, page, 'lantern-supper');
  await page.getByRole('button', { name: 'Calendar' }).click();
  const panel = page.getByRole('region', { name: 'The plan in a calendar' });
  await panel.getByText('Tomas', { exact: true }).click();
  await panel.getByRole('combobox', { name: 'The alarm rings' }).click();
  await page.getByTitle('5 min before', { exact: true }).click();
  const download = page.waitForEvent('download');
  await panel.getByRole('link', { name: 'Download lantern-supper-tomas.ics' }).click();
  const file = readFileSync(await (await download).path(), 'utf8');
  expect(file).toMatch(/^BEGIN:VCALENDAR/);
  expect(file).toContain('TRIGGER:-PT5M');
  const address = await panel.locator('code').textContent();
  const subscribed = await page.request.get(address!);
  expect(subscribed.headers()['content-type']).toContain('text/calendar');
  expect((await subscribed.text()).match(/BEGIN:VEVENT/g)!.length).toBe(file.match(/BEGIN:VEVENT/g)!.length);
});

test('a step is dragged to another time and moved by key; the plan follows, and one key takes each back', async ({
  page,
}) => {
  await planned(server, page, 'lantern-supper');
  await view(page, 'the day');
  const bar = page.getByRole('button', { name: /^Trim and season the duck/ }).first();
  await bar.hover();
  const from = (await bar.boundingBox())!;
  await page.mouse.move(from.x + 6, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(from.x - 30, from.y + 9, { steps: 4 });
  // While it is dragged its new time stands beside it, and the room that its own dish leaves is marked.
  await expect(page.locator('.drag-words')).toHaveText(/^\d\d:\d[05]/);
  await expect(page.locator('.tt-room')).toBeVisible();
  const to = (await page.locator('.drag-words').textContent())!.slice(0, 5);
  await page.mouse.up();
  await expect(page.getByText(`Fixed: it begins at ${to}.`)).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('button', { name: 'Plan again' })).toBeVisible({ timeout: 90_000 });
  const fixed = page.getByRole('button', { name: /^Trim and season the duck.*, fixed/ }).first();
  await fixed.focus();
  await page.keyboard.press('Shift+ArrowRight');
  const minutes = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
  await expect
    .poll(
      async () =>
        minutes(
          /begins at (\d\d:\d\d)/.exec((await page.getByText(/Fixed: it begins at/).textContent()) ?? '')?.[1] ?? '',
        ),
      { timeout: 60_000 },
    )
    .toBe(minutes(to) + 5);
  await page.keyboard.press('z');
  await expect(page.getByText(`Fixed: it begins at ${to}.`)).toBeVisible({ timeout: 60_000 });
  await page.keyboard.press('z');
  await expect(page.getByText(/Fixed: it begins at/)).toHaveCount(0, { timeout: 60_000 });
});

test('lanes by dish and by kit, wider and narrower by key; a task says what holds it and what if it slips', async ({
  page,
}) => {
  await planned(server, page);
  await page.getByRole('button', { name: /^Carve, Roast chicken/ }).click();
  await expect(page.getByText(/^(Not earlier|Not later|It can run over|If it slips)/)).toBeVisible();
  await expect(page.getByText(/It can run over by|If it slips by 10 min: .* late/)).toBeVisible();
  await page.getByText('by dish', { exact: true }).click();
  await expect(page.locator('.tt-name')).toHaveText([/Green beans/, /Oven potatoes/, /Roast chicken/, /Apple crumble/]);
  await page.getByText('by kit', { exact: true }).click();
  await expect(page.locator('.tt-name', { hasText: 'Knife' }).first()).toBeVisible();
  const width = () => page.locator('.tt-canvas').evaluate((element) => element.clientWidth);
  const before = await width();
  await page.locator('.tt-bar').first().focus();
  await page.keyboard.press('+');
  await expect.poll(width).toBeGreaterThan(before * 1.3);
  await page.keyboard.press('-');
  await expect.poll(width).toBe(before);
});

test('the cook is out for an hour, and the topping is done by a time of the clock', async ({ page }) => {
  await planned(server, page);
  await view(page, 'kitchen and cooks');
  await page.getByRole('button', { name: 'Somebody is out' }).click();
  const out = page.getByRole('region', { name: 'Out of the kitchen' });
  const from = out.getByLabel(/is out from$/);
  await from.fill('10:00');
  await from.press('Enter');
  await out.getByLabel(/is out until$/).fill('11:00');
  await out.getByLabel(/is out until$/).press('Enter');
  await expect(out.getByLabel(/is out until$/)).toHaveValue('11:00');
  await view(page, 'the day');
  await page
    .getByRole('button', { name: /^Rub the topping/ })
    .first()
    .click({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Not before, done by …' }).click();
  const limits = page.getByRole('region', { name: 'Time limits' });
  await limits.getByRole('button', { name: 'Done by …' }).click();
  await limits.getByLabel('Done by').fill('9:40');
  await limits.getByLabel('Done by').press('Enter');
  await limits.getByRole('button', { name: 'Plan it so' }).click();
  await expect(page.getByText(/Fixed: it is done by 09:40/)).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('button', { name: 'Plan again' })).toBeVisible({ timeout: 90_000 });
  await view(page, 'as a table');
  const minutes = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5));
  const rows = await page
    .locator('.plain-table tbody tr')
    .evaluateAll((all) =>
      all.map((row) => [...row.querySelectorAll('td')].slice(0, 4).map((cell) => cell.textContent ?? '')),
    );
  for (const [start, end, who, what] of rows) {
    if (!who) continue;
    expect([what, minutes(end!) <= 600 || minutes(start!) >= 660]).toEqual([what, true]);
    if (what!.startsWith('Rub the topping')) expect(minutes(end!)).toBeLessThanOrEqual(580);
  }
});

test('equal work of two dishes is done in one go: one step in the timetable, and one key takes it back', async ({
  page,
}) => {
  await planned(server, page, 'lantern-supper');
  await view(page, 'kitchen and cooks');
  await page.getByRole('button', { name: 'In one go: Onions, sliced' }).click();
  await expect(page.getByRole('switch', { name: 'Cook Onions, sliced once' })).toBeChecked();
  await expect(page.getByRole('heading', { name: 'Could be done in one go' })).toHaveCount(0);
  // What is cooked once stands in the amounts of a dish that takes from it.
  await page.getByRole('link', { name: /^Amounts/ }).click();
  await page.getByRole('button', { name: /^Braised red cabbage/ }).click();
  const amounts = page.getByRole('region', { name: 'Amounts of Braised red cabbage' });
  await expect(amounts).toBeVisible();
  await expect(amounts.getByText(/Onions, sliced/).first()).toBeVisible();
  await page.keyboard.press('z');
  await expect(amounts.getByText(/Onions, sliced/)).toHaveCount(0);
});

test('a dishwasher is told of with its programme, can be thought away beside the plan, and taken out with one key to bring it back', async ({
  page,
}) => {
  await planned(server, page, 'lantern-supper');
  await view(page, 'what if');
  const pick = page.getByRole('combobox', { name: 'What if' });
  await pick.fill('washed by hand');
  await pick.press('Enter');
  await expect(page.getByText('all washed by hand').first()).toBeVisible();
  await view(page, 'kitchen and cooks');
  const dishwasher = page.getByRole('switch', { name: 'Dishwasher' });
  const minutes = page.getByLabel('Dishwasher: minutes of the full programme');
  await expect(minutes).toHaveValue('60');
  await minutes.fill('90');
  await minutes.press('Tab');
  await page.getByRole('button', { name: /Grater × 1/ }).click();
  const grater = page.getByRole('combobox', { name: 'Grater: washed' });
  await expect(grater).toBeVisible();
  await dishwasher.click();
  await expect(minutes).toHaveCount(0);
  await expect(grater).toHaveCount(0);
  await page.keyboard.press('z');
  await expect(minutes).toHaveValue('90');
  await page.reload();
  await view(page, 'kitchen and cooks');
  await expect(minutes).toHaveValue('90');
});

test('all pieces that the kitchen lacks are named at once; pressed, they are there and there is a plan', async ({
  page,
  request,
}) => {
  await changeSunday(request, ({ kitchen }) => ({
    kitchen: { ...kitchen, kit: kitchen.kit.filter(({ kind }) => kind !== 'roasting-tin' && kind !== 'saucepan') },
  }));
  await page.goto(`${server.url}/o/sunday-lunch/timetable`);
  await expect(page.getByRole('heading', { name: 'No plan can hold all of this' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add a roasting tin' })).toBeVisible();
  await page.getByRole('button', { name: 'Add all of them' }).click();
  await expect(page.getByText('Passed the audit')).toBeVisible({ timeout: 60_000 });
});

test('where nobody is there in time, the hours that free it are tried, said and one press away', async ({
  page,
  request,
}) => {
  await changeSunday(request, ({ kitchen }) => ({
    wishes: {},
    kitchen: {
      ...kitchen,
      cooks: kitchen.cooks.map((cook) => ({ ...cook, windows: [{ fromMin: -60, toMin: 60 }] })),
    },
  }));
  await page.goto(`${server.url}/o/sunday-lunch/timetable`);
  await expect(page.getByRole('heading', { name: 'No plan can hold all of this' })).toBeVisible();
  await page
    .getByRole('button', { name: /is there from \d\d:\d\d to 12:00/ })
    .first()
    .click();
  await expect(page.getByText('Passed the audit')).toBeVisible({ timeout: 60_000 });
});

test('a dish that is wished ahead has a second heat in the timetable, and none when that is taken back', async ({
  page,
}) => {
  await page.goto(`${server.url}/o/sunday-lunch/amounts`);
  await page.getByRole('button', { name: /^Roast chicken/ }).click();
  // A roast beside which a gravy is made is not offered it.
  await expect(page.getByText('Make it ahead')).toHaveCount(0);
  await page.getByRole('button', { name: /^Oven potatoes/ }).click();
  await page.getByText('Make it ahead, and heat it through again').click();
  await planned(server, page);
  await expect(page.getByRole('button', { name: /^Heat Oven potatoes through again/ }).first()).toBeVisible();
  await page.getByRole('link', { name: /^Amounts/ }).click();
  await page.getByRole('button', { name: /^Oven potatoes/ }).click();
  await page.getByText('Make it ahead, and heat it through again').click();
  await page.getByRole('link', { name: /^Timetable/ }).click();
  await expect(page.getByRole('button', { name: /^Roast the potatoes/ }).first()).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('button', { name: /^Heat Oven potatoes through again/ })).toHaveCount(0, {
    timeout: 60_000,
  });
});

test('a line is made with what another dish leaves: told at the amounts, and taken before that is poured away', async ({
  page,
}) => {
  await page.goto(`${server.url}/o/sunday-lunch/amounts`);
  await page.getByRole('button', { name: /^Roast chicken/ }).click();
  const pick = page.getByRole('combobox', { name: 'Where 400 ml water comes from' });
  await pick.click();
  await page.getByTitle('liquid of Oven potatoes (Parboil and shake)').click();
  await expect(page.getByText('liquid, taken from another dish')).toBeVisible();
  await expect(page.getByText('from Oven potatoes', { exact: true })).toBeVisible();
  await planned(server, page);
  await view(page, 'as a table');
  await expect(page.getByText('Take the liquid from Oven potatoes').first()).toBeVisible();
  await page.goto(`${server.url}/o/sunday-lunch/amounts`);
  await page.getByRole('button', { name: /^Roast chicken/ }).click();
  // By key: a list that is still finding its place moves away under a press.
  await pick.press('ArrowDown');
  await expect(pick).toHaveAttribute('aria-expanded', 'true');
  await pick.press('ArrowUp');
  await pick.press('Enter');
  await expect(page.getByText('liquid, taken from another dish')).toHaveCount(0);
});

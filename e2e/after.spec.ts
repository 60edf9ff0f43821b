import { expect } from '@playwright/test';
import type { Kept, Plan, RunningDay, StepTiming } from '@lupin/core';
import { asPlanned } from '../packages/core/test-support/day.ts';
import { startServer } from './server.ts';
import { test } from './test.ts';

const json = { 'content-type': 'application/json' };

test('after a real day: a box with its label, what was liked, a time that is learned and taken back, the same again', async ({
  page,
}) => {
  test.setTimeout(180_000);
  const server = await startServer();
  const ask = async <Answer>(method: string, path: string, body?: object): Promise<Answer> => {
    const answer = await fetch(`${server.url}/api/${path}`, {
      method,
      headers: body ? json : {},
      body: body ? JSON.stringify(body) : null,
    });
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
    const text = await answer.text();
    return (text ? JSON.parse(text) : undefined) as Answer;
  };
  // An occasion that was served 100 minutes ago.
  const served = new Date(Date.now() - 100 * 60_000);
  const two = (value: number) => String(value).padStart(2, '0');
  const { occasion } = await ask<{ occasion: { id: string } }>('POST', 'occasions/sunday-lunch/again', {
    name: 'Lunch today',
    date: `${served.getFullYear()}-${two(served.getMonth() + 1)}-${two(served.getDate())}`,
    serveAt: `${two(served.getHours())}:${two(served.getMinutes())}`,
  });
  const plan = await ask<Plan>('POST', 'plan', { occasion, seconds: 0.2 });
  await ask('PUT', `occasions/${occasion.id}/plan`, { plan });
  const day = await ask<RunningDay>('POST', `occasions/${occasion.id}/day`, { mode: 'day' });
  // What goes by itself takes twelve minutes longer than planned, from an hour before on.
  const events = asPlanned(plan, 60).map(([at, what], index) => ({
    id: `event-${index + 1000}`,
    device: 'tablet',
    agoMin: Math.max(0, day.clock.nowMin - at - (at > -60 ? 12 : 0)),
    what,
  }));
  await ask('POST', `occasions/${occasion.id}/day/events`, { day: day.day, events });
  await ask('POST', `occasions/${occasion.id}/day/end`);

  await page.goto(`${server.url}/o/${occasion.id}/after`);
  const chicken = page.getByRole('row', { name: /Roast chicken/ });
  await chicken.getByRole('button', { name: 'Put away' }).click();
  const form = page.getByRole('form', { name: 'Put away' });
  await form.getByRole('button', { name: 'It is put away' }).click();
  await expect(form.getByRole('alert')).toContainText('Which box?');
  await form.getByRole('combobox', { name: 'Box' }).fill('glass box');
  await form.getByRole('button', { name: 'It is put away' }).click();
  const box = page.getByRole('article', { name: /Roast chicken.*glass box/ });
  await expect(box).toContainText(/Eat by .*Throw it away|Eat by/);
  // Corrected to later than it may have stood, it is thrown away.
  await box.getByRole('button', { name: 'Correct' }).click();
  const later = new Date(served.getTime() + 180 * 60_000);
  await form.getByRole('textbox', { name: 'Put away at' }).fill(`${two(later.getHours())}:${two(later.getMinutes())}`);
  await form.getByRole('button', { name: 'Correct it' }).click();
  await expect(box).toContainText('Throw it away');
  await page.reload();
  await expect(box).toContainText('Throw it away');

  await page.getByText('what happened', { exact: true }).click();
  await expect(page.getByRole('img', { name: /Minutes late or early/ })).toBeVisible();
  await page.getByRole('textbox', { name: 'Roast chicken with lemon: note' }).fill('ten minutes more next time');
  await page.keyboard.press('Enter');
  await expect(page.getByText('ten minutes more next time')).toBeVisible();
  await page.getByRole('combobox', { name: 'Apple crumble: asked for more' }).click();
  await page.getByTitle('Hugo').click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('row', { name: /Apple crumble/ })).toContainText('Hugo');

  await page.getByText('times', { exact: true }).click();
  const timings = await ask<Kept<StepTiming>[]>('GET', 'timings');
  expect(timings.length).toBeGreaterThan(1);
  const learned = async () =>
    (await ask<Kept<{ id: string; steps: { id: string; learned?: object }[] }>[]>('GET', 'recipes')).flatMap((each) =>
      each.entry.steps.filter((step) => step.learned),
    );
  expect(await learned()).toEqual([]);
  await page.getByRole('button', { name: 'Use it' }).first().click();
  await page.getByRole('button', { name: 'Back to the recipe’s' }).waitFor();
  expect(await learned()).toHaveLength(1);
  await page.getByRole('button', { name: 'Back to the recipe’s' }).click();
  await expect(page.getByRole('button', { name: 'Back to the recipe’s' })).toHaveCount(0);
  expect(await learned()).toEqual([]);

  await page.getByText('make it again', { exact: true }).click();
  await page.getByLabel('Name', { exact: true }).fill('Lunch in spring');
  await page.getByRole('button', { name: 'Make it', exact: true }).click();
  await expect(page).toHaveURL(/\/o\/lunch-in-spring\/guests$/);
  await expect(page.getByRole('heading', { level: 1, name: 'Lunch in spring' })).toBeVisible();
  await server.stop();
});

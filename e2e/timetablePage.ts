import { expect, type Page } from '@playwright/test';
import type { Running } from './server.ts';

/** The timetable once its plan has settled. */
export async function settled(server: Running, page: Page, occasion = 'sunday-lunch'): Promise<void> {
  await page.goto(`${server.url}/o/${occasion}/timetable`);
  await expect(page.getByRole('button', { name: 'Plan again' })).toBeVisible({ timeout: 90_000 });
}
/** The timetable with whatever plan was found first. */
export async function planned(server: Running, page: Page, occasion = 'sunday-lunch'): Promise<void> {
  await page.goto(`${server.url}/o/${occasion}/timetable`);
  await expect(page.locator('.tt-bar').first()).toBeVisible({ timeout: 90_000 });
  await page
    .getByRole('button', { name: 'Stop here' })
    .click({ timeout: 2000 })
    .catch(() => undefined);
  await expect(page.getByRole('button', { name: 'Plan again' })).toBeVisible({ timeout: 90_000 });
}
export const view = (page: Page, name: string) =>
  page.getByRole('radiogroup', { name: 'View' }).getByText(name, { exact: true }).click();

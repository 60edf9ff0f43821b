import type { Page } from '@playwright/test';

/** Begins a rehearsal on a Cook page that has just been opened: with a first plan, where a better one is still being looked for. */
export async function beginRehearsal(page: Page): Promise<void> {
  const begin = page.getByRole('button', { name: 'Rehearse it first' });
  const soon = page.getByRole('button', { name: 'Cook from this one now' });
  await begin.or(soon).first().waitFor({ timeout: 60_000 });
  // It may have settled by itself meanwhile.
  if (await soon.isVisible()) await soon.click({ timeout: 5000 }).catch(() => undefined);
  await begin.click({ timeout: 60_000 });
}

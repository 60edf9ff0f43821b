import { test as base, type Browser } from '@playwright/test';

/** What most tests are about hangs on no plan being especially good: they have it looked for briefly, unless somebody has said how long. */
const lookBriefly = () => {
  if (!localStorage.getItem('lupin.prefs')) localStorage.setItem('lupin.prefs', JSON.stringify({ look: 'short' }));
};

/** Playwright's test, with a browser in each of whose windows plans are looked for briefly. */
export const test = base.extend<object, { browser: Browser }>({
  browser: [
    async ({ browser }, use) => {
      const newContext = browser.newContext.bind(browser);
      browser.newContext = async (options) => {
        const context = await newContext(options);
        await context.addInitScript(lookBriefly);
        return context;
      };
      await use(browser);
    },
    { scope: 'worker' },
  ],
});

import { expect } from '@playwright/test';
import type { RunningDay, SharingState } from '@lupin/core';
import { beginRehearsal } from './rehearse.ts';
import { startServer } from './server.ts';
import { test } from './test.ts';

test('a phone joins by the network address with a code, ticks, and is taken out', async ({ browser }) => {
  const server = await startServer();
  const host = await browser.newPage();
  await host.goto(`${server.url}/o/sunday-lunch/cook`);
  await beginRehearsal(host);
  await host.getByRole('button', { name: 'Devices' }).click();
  await host.getByRole('switch', { name: 'Devices of the home network may join' }).click();
  await host.getByRole('button', { name: 'Code for a helper' }).click();
  await host.locator('.share-letters').waitFor();
  const sharing = (await (await fetch(`${server.url}/api/sharing`)).json()) as SharingState;

  // By the address that other devices use: no secure context, as on a real network. A machine without one is asked by its own.
  const address = sharing.addresses[0] ?? `http://127.0.0.1:${server.sharePort}`;
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage();
  await phone.goto(address);
  await expect(phone).toHaveURL(`${address}/join`);
  await phone.getByRole('textbox', { name: 'Code' }).fill('AAAAAA');
  await phone.getByRole('button', { name: 'Join' }).click();
  await expect(phone.getByRole('alert')).toContainText('That is not the code.');
  // What was typed stays to be mended.
  await expect(phone.getByRole('textbox', { name: 'Code' })).toHaveValue('AAAAAA');
  await phone.getByRole('textbox', { name: 'Code' }).fill(sharing.code!.code.toLowerCase());
  await phone.getByRole('textbox', { name: 'Name of this device' }).fill('Tomas’s phone');
  await phone.getByRole('button', { name: 'Join' }).click();
  await phone.locator('.done-bar .yes').waitFor();
  await expect(phone.getByRole('button', { name: /^End the/ })).toHaveCount(0);

  await phone.locator('.done-bar .yes').click();
  await expect(host.getByText(/^1 of \d+ done$/)).toBeVisible();
  const day = (await (await fetch(`${server.url}/api/occasions/sunday-lunch/day`)).json()) as RunningDay;
  expect(day.events).toMatchObject([{ device: 'Tomas’s phone' }]);
  // Nothing else of the house is there for it.
  await phone.goto(`${address}/o/lantern-supper/guests`);
  await expect(phone).toHaveURL(`${address}/bench`);

  await expect(host.getByText('Tomas’s phone')).toBeVisible();
  await host.getByRole('button', { name: 'Take out' }).click();
  await host.getByRole('button', { name: 'Take it out' }).click();
  await expect(host.getByText('Tomas’s phone')).toHaveCount(0);
  await phone.reload();
  await expect(phone.getByText('This device is not in the kitchen')).toBeVisible();
  // Left open they would ask a server that is gone for as long as other tests run.
  await Promise.all([phone, host].map((page) => page.context().close()));
  await server.stop();
});

import type { Page } from '@playwright/test';
import { expect, test } from './support/test';

/** What a screen reader is told, of every tree of the page. */
async function heard(page: Page): Promise<string> {
  const session = await page.context().newCDPSession(page);
  const { nodes } = await session.send('Accessibility.getFullAXTree');
  return nodes.map(({ name }) => String(name?.value ?? '')).join('\n');
}

test('before the app is there its page says what it is, then what stood last time, and never stays in the way', async ({
  page,
}) => {
  // The app's script, kept from coming.
  await page.route('**/entry-*.js', () => undefined);
  await page.goto('/', { waitUntil: 'commit' });
  await expect(page.locator('#opening')).toContainText('A quick check takes two static readings');
  await page.unrouteAll({ behavior: 'ignoreErrors' });

  await page.goto('/');
  await expect(page.getByText('Reading room').first()).toBeVisible();
  await expect(page.locator('#opening')).toHaveCount(0);

  await page.route('**/entry-*.js', () => undefined);
  await page.goto('/', { waitUntil: 'commit' });
  await expect.poll(() => heard(page)).toMatch(/As it stood last time[^]*Lantern Quay library, Reading room/);
});

test('an app that cannot be fetched is said, with the way to try again', async ({ page }) => {
  await page.route('**/entry-*.js', (route) => route.abort());
  await page.goto('/');
  await expect(page.locator('#opening')).toContainText('Huff could not be fetched from its server');
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  await page.getByText('Try again').click();
  await expect(page.getByText('Quick check')).toBeVisible();
});

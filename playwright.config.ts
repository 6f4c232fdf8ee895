import { defineConfig } from '@playwright/test';
import { LAUNCH } from './scripts/system/browser.mjs';

export default defineConfig({
  testDir: 'tests/e2e',
  workers: 2,
  fullyParallel: true,
  retries: 0,
  forbidOnly: Boolean(process.env['CI']),
  timeout: 90_000,
  expect: { timeout: 15_000 },
  reporter: [['dot'], ['json']],
  outputDir: 'test-results',
  // Screens are judged as they come to rest, not while a dialog fades in.
  use: { contextOptions: { reducedMotion: 'reduce' }, actionTimeout: 10_000 },
  projects: [
    {
      name: 'desk',
      testIgnore: /\.phone\.spec\.ts$/,
      use: { viewport: { width: 1280, height: 800 }, launchOptions: LAUNCH },
    },
    {
      name: 'phone',
      testIgnore: /\.desk\.spec\.ts$/,
      use: {
        viewport: { width: 390, height: 844 },
        hasTouch: true,
        isMobile: true,
        deviceScaleFactor: 2,
        launchOptions: LAUNCH,
      },
    },
  ],
});

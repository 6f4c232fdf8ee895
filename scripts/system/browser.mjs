import { existsSync } from 'node:fs';
import { ensureDebianPackage } from './installed.mjs';

/** Debian's Chromium without a window: the same engine, and half the work of the whole browser. */
const PACKAGE = 'chromium-headless-shell';
const PATH = `/usr/bin/${PACKAGE}`;

export const ensureBrowser = () => ensureDebianPackage(PACKAGE, () => existsSync(PATH));

/** How every script and test starts it. */
export const LAUNCH = {
  executablePath: PATH,
  args: [
    '--no-sandbox',
    '--disable-dev-shm-usage',
    '--disable-quic',
    '--disable-gpu',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};

// Debian's Chromium, which comes in two builds: the one without a window does the same pages in about half the processor time.
import { existsSync } from 'node:fs';

export const WINDOWLESS = { path: '/usr/bin/chromium-headless-shell', package: 'chromium-headless-shell' };
export const WHOLE = { path: '/usr/bin/chromium', package: 'chromium' };

/** The build that is there, the quicker one first. */
export const chromium = () => (existsSync(WINDOWLESS.path) ? WINDOWLESS.path : WHOLE.path);

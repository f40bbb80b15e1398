// node scripts/icons.mjs: draws the app's icons as PNG from public/icons/icon.svg. Their own outcome is committed; run it when the mark changes.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium as engine } from '@playwright/test';
import { chromium } from './chromium.mjs';
import { root } from './ensure.mjs';

const folder = join(root, 'public/icons');
const svg = readFileSync(join(folder, 'icon.svg'), 'utf8');
/** a phone cuts a maskable icon round: its mark stands well inside */
const ICONS = [
  { name: 'icon-192.png', size: 192, inside: 1 },
  { name: 'icon-512.png', size: 512, inside: 1 },
  { name: 'icon-maskable-512.png', size: 512, inside: 0.74 },
  { name: 'apple-touch-icon.png', size: 180, inside: 0.9 },
];
const browser = await engine.launch({ executablePath: chromium(), args: ['--no-sandbox', '--disable-gpu'] });
for (const { name, size, inside } of ICONS) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  const ground = inside === 1 ? 'transparent' : '#f3ebdb';
  const drawn = `<img src="data:image/svg+xml,${encodeURIComponent(svg)}" width="${size * inside}" style="display:block">`;
  await page.setContent(
    `<body style="margin:0;background:${ground};display:grid;place-items:center;height:100vh">${drawn}</body>`,
  );
  await page.screenshot({ path: join(folder, name), omitBackground: true });
  await page.close();
}
await browser.close();

import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS } from '../playwright.config';
import { measureReturning } from './returning';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: CHROMIUM_ARGS });
await measureReturning(browser, 'http://127.0.0.1:4391');
await browser.close();

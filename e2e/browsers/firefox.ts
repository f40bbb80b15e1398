import puppeteer, { type ElementHandle } from 'puppeteer-core';
import { SIZE, WAIT_MS, type Driver } from './driver';

/** Debian's Firefox, by the protocol it speaks itself. */
export async function startFirefox(): Promise<Driver> {
  const browser = await puppeteer.launch({
    browser: 'firefox',
    executablePath: '/usr/bin/firefox-esr',
    headless: true,
    defaultViewport: SIZE,
  });
  const page = await browser.newPage();
  const find = async (xpath: string): Promise<ElementHandle<Element>> =>
    (await page.waitForSelector(`::-p-xpath(${xpath})`, { visible: true, timeout: WAIT_MS })) as ElementHandle<Element>;
  return {
    name: `Firefox ${await browser.version()}`,
    open: async (url) => void (await page.goto(url)),
    click: (xpath) => page.locator(`::-p-xpath(${xpath})`).setTimeout(WAIT_MS).click(),
    fill: async (xpath, text) => {
      const field = await find(xpath);
      await field.click({ count: 3 });
      await field.type(text);
    },
    text: async (xpath) => (await find(xpath)).evaluate((element) => element.textContent ?? ''),
    count: async (xpath) => (await page.$$(`::-p-xpath(${xpath})`)).length,
    run: (body) => page.evaluate(`(async () => { ${body} })()`) as Promise<never>,
    picture: async (path) => void (await page.screenshot({ path: path as `${string}.png` })),
    close: () => browser.close(),
  };
}

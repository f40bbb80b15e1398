import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, readdirSync, writeFileSync } from 'node:fs';
import { setTimeout as wait } from 'node:timers/promises';
import { Builder, By, Capabilities, until, type WebElement } from 'selenium-webdriver';
import { SIZE, WAIT_MS, type Driver } from './driver';

const PORT = 4377;
const DISPLAY = ':77';

/** The browser that comes with WebKitGTK, wherever this machine's architecture keeps it. */
function miniBrowser(): string {
  const places = readdirSync('/usr/lib').map((folder) => `/usr/lib/${folder}/webkit2gtk-4.1/MiniBrowser`);
  const found = places.find((path) => existsSync(path));
  if (!found) throw new Error('MiniBrowser of WebKitGTK is not here: install Debian package "webkit2gtk-driver".');
  return found;
}

/** WebKitGTK, the engine of every iPhone as near as a desk has it, in a window nobody sees. */
export async function startWebKit(): Promise<Driver> {
  const helpers: ChildProcess[] = [
    spawn('Xvfb', [DISPLAY, '-screen', '0', '1400x1100x24'], { stdio: 'ignore' }),
    spawn('WebKitWebDriver', [`--port=${PORT}`], { stdio: 'ignore', env: { ...process.env, DISPLAY } }),
  ];
  await wait(1500);
  const capabilities = new Capabilities({
    browserName: 'MiniBrowser',
    'webkitgtk:browserOptions': { binary: miniBrowser(), args: ['--automation'] },
  });
  const browser = await new Builder().usingServer(`http://127.0.0.1:${PORT}`).withCapabilities(capabilities).build();
  await browser.manage().setTimeouts({ script: WAIT_MS });
  await browser
    .manage()
    .window()
    .setRect({ ...SIZE, x: 0, y: 0 });
  const version = (await browser.getCapabilities()).getBrowserVersion();
  const find = (xpath: string): Promise<WebElement> =>
    browser.wait(until.elementLocated(By.xpath(xpath)), WAIT_MS, xpath);
  /** An element that is in view and moves no more: a menu that is still opening gets away from under the pointer. */
  const still = async (xpath: string): Promise<WebElement> => {
    const element = await find(xpath);
    const place = (): Promise<string> =>
      browser.executeScript<string>(
        'arguments[0].scrollIntoView({ block: "center" }); return Object.values(arguments[0].getBoundingClientRect().toJSON()).join()',
        element,
      );
    for (let before = ''; ; await wait(120)) {
      const now = await place();
      if (now === before) return element;
      before = now;
    }
  };
  return {
    name: `WebKitGTK ${version}`,
    open: (url) => browser.get(url),
    click: async (xpath) => {
      // a menu that is still opening cannot be clicked
      for (let tries = 0; ; tries++) {
        try {
          return await (await still(xpath)).click();
        } catch (error) {
          if (tries > 20) throw error;
          await wait(200);
        }
      }
    },
    fill: async (xpath, text) => {
      const field = await still(xpath);
      await field.click();
      await browser.executeScript('arguments[0].select()', field);
      await field.sendKeys(text);
    },
    text: async (xpath) => browser.executeScript<string>('return arguments[0].textContent', await find(xpath)),
    count: async (xpath) => (await browser.findElements(By.xpath(xpath))).length,
    run: async (body) => {
      const said = await browser.executeAsyncScript<{ value?: unknown; error?: string }>(
        `const done = arguments[arguments.length - 1];
         (async () => { ${body} })().then((value) => done({ value }), (error) => done({ error: String(error) }));`,
      );
      if (said.error) throw new Error(said.error);
      return said.value as never;
    },
    picture: async (path) => writeFileSync(path, await browser.takeScreenshot(), 'base64'),
    close: async () => {
      await browser.quit().catch(() => undefined);
      for (const helper of helpers) helper.kill();
    },
  };
}

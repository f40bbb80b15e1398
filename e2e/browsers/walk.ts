import { mkdirSync } from 'node:fs';
import { isDeepStrictEqual } from 'node:util';
import type { Driver } from './driver';

const button = (name: string): string => `//button[normalize-space(.)="${name}" or @aria-label="${name}"]`;
const station = (name: string): string => `//nav[@aria-label="Stations"]//a[contains(., "${name}")]`;
const testId = (id: string): string => `//*[@data-testid="${id}"]`;
const item = (name: string): string => `//*[contains(@class, "v-list-item")][.//text()[normalize-space(.)="${name}"]]`;

function check(good: boolean, what: string): void {
  if (!good) throw new Error(what);
}

/** What a save hands to the browser, kept by the page itself: not every driver can look into a folder of downloads. */
const KEEP_SAVED = `
  const make = URL.createObjectURL.bind(URL);
  URL.createObjectURL = (blob) => { window.savedFile = blob; return make(blob); };
  window.addEventListener('click', (event) => {
    if (event.target instanceof HTMLAnchorElement && event.target.download) event.preventDefault();
  }, true);
  HTMLAnchorElement.prototype.click = function () { this.download ? undefined : this.dispatchEvent(new MouseEvent('click')); };
`;

/** The main journey of an angler: water, pick, bench, a cut, ticket, backup and back. A picture is taken at each station. */
export async function walk(driver: Driver, url: string, pictures: string): Promise<string[]> {
  mkdirSync(pictures, { recursive: true });
  const taken: string[] = [];
  const step = async (name: string): Promise<void> => {
    const complaints = await driver.count('//*[contains(., "Something went wrong")][not(*)]');
    const path = `${pictures}/${driver.name.split(' ')[0]!.toLowerCase()}-${taken.length + 1}-${name}.png`;
    await driver.picture(path);
    taken.push(path);
    check(complaints === 0, `${driver.name}: something went wrong at ${name}; see ${path}`);
  };
  /** An entry of the menu under Files. The menu moves while it opens, and drivers differ in what they make of that. */
  const file = async (entry: string): Promise<void> => {
    await driver.click(button('Files'));
    await driver.text(item(entry));
    await driver.run(`
      const found = document.evaluate(${JSON.stringify(item(entry))}, document, null, XPathResult.FIRST_ORDERED_NODE_TYPE);
      found.singleNodeValue.click();
    `);
  };
  const backup = async (): Promise<Record<string, unknown>> => {
    await driver.run('window.savedFile = null;');
    await file('Export everything');
    const text = await driver.run<string>(`
      for (let tries = 0; tries < 100 && !window.savedFile; tries++) await new Promise((resolve) => setTimeout(resolve, 100));
      return window.savedFile.text();
    `);
    return JSON.parse(text) as Record<string, unknown>;
  };

  await driver.open(`${url}/#/water?world=brindle-mere`);
  await driver.text('//*[contains(., "Why, and what else")][not(*)]');
  await driver.text('//*[local-name()="svg"][contains(@class, "water-column")]');
  await driver.text('//*[@role="group"][@aria-label="Cover 1"]');
  await driver.fill('//input[starts-with(@aria-label, "Water temperature")]', '61');
  await driver.click(button('More depth'));
  check((await driver.text('//header')).includes('61 °F'), `${driver.name}: what is typed is not taken`);
  await step('water');

  await driver.click(station('Pick'));
  await driver.click(`${testId('pick-1')}//button`);
  await driver.text(button('Write the ticket for this rig'));
  await step('pick');

  await driver.click(station('Bench'));
  await driver.click(`(${button('Lay it on the bench')})[1]`);
  await driver.text(testId('open-steps'));
  const before = await driver.text(`${testId('readout-length')}`);
  await driver.fill(`${testId('edit-nose')}//input`, '1/2');
  await driver.run('document.activeElement.blur(); await new Promise((resolve) => setTimeout(resolve, 800));');
  check((await driver.text(`${testId('readout-length')}`)) !== before, `${driver.name}: a cut changes no length`);
  await step('bench');

  await driver.click(button('Ticket'));
  await driver.text(testId('ticket'));
  await step('ticket');

  await driver.run(KEEP_SAVED);
  const saved = await backup();
  check((saved['tickets'] as unknown[]).length === 1, `${driver.name}: the backup lacks the ticket`);
  check((saved['builds'] as unknown[]).length === 1, `${driver.name}: the backup lacks the build`);
  await step('saved');

  await file('Clear everything…');
  await driver.click(button('Clear'));
  await driver.text('//*[contains(., "are cleared")][not(*)]');
  await file('Import a file…');
  await driver.text('//h2[.="Import a file"]');
  await driver.run(`
    const files = new DataTransfer();
    files.items.add(new File([${JSON.stringify(JSON.stringify(saved))}], 'backup.json', { type: 'application/json' }));
    const input = document.querySelector('.v-overlay input[type=file]');
    input.files = files.files;
    input.dispatchEvent(new Event('change', { bubbles: true }));
  `);
  await driver.click(button('Take it in'));
  await driver.run('await new Promise((resolve) => setTimeout(resolve, 1500));');
  await step('restored');

  await driver.open(`${url}/#/tickets`);
  await driver
    .run('location.reload(); await new Promise((resolve) => setTimeout(resolve, 50));')
    .catch(() => undefined);
  await driver.text('//h1');
  await driver.run(`await new Promise((resolve) => setTimeout(resolve, 1500)); ${KEEP_SAVED}`);
  const again = await backup();
  for (const part of Object.keys(saved)) {
    if (part === 'madeAt') continue;
    check(isDeepStrictEqual(again[part], saved[part]), `${driver.name}: ${part} came back other than it was saved`);
  }
  await step('again');
  return taken;
}

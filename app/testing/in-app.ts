/**
 * The whole app on a page without a picture: forms, dialogs, tables and bad input are tested here in a tenth of the time a browser
 * takes. What needs a layout, a finger, a server or a second tab is tested in `e2e/`. Everything here waits for what it looks for.
 */
import { afterEach, beforeEach, expect } from '@jest/globals';
import { configure, fireEvent, waitFor } from '@testing-library/dom';
import userEvent from '@testing-library/user-event';
import { mount } from '@vue/test-utils';
import { computeAccessibleName } from 'dom-accessibility-api';
import type { Box } from '@core';
import { DEMO_BOX } from '../../demo/brindle-mere';
import App from '../App.vue';
import { clearAll } from '../db/everything';
import { keeper } from '../db/our-keeper';
import { loadDemoPlace, loadDemoWorld } from '../stores/demo-world';
import { beginAnew } from '../stores/begin-anew';
import { pinia, readStore } from '../first/ground';
import { router } from '../router';
import { useBench } from '../stores/bench';
import { useNotices } from '../stores/notices';
import { useScreen } from '../stores/screen';
import { useSettings } from '../stores/settings';
import { useWater } from '../stores/water';
import { createLook } from '../vuetify';
import { InPageWorker, rankAll, rankFew } from './in-page-worker';

/** Longest anything is waited for, ms: a busy machine is slow, not wrong. */
const WAIT_MS = 15_000;
/** Longest a test may take, ms. */
export const LONG_MS = 180_000;

// nothing is laid out here, so that nothing can be told to be hidden; asking would take nine tenths of the time
configure({
  asyncUtilTimeout: WAIT_MS,
  defaultHidden: true,
  // what was looked for is enough; the whole page is not worth reading
  getElementError: (message) => new Error(message?.split('\n\nIgnored nodes')[0]?.slice(0, 1200)),
});
Object.assign(globalThis, { Worker: InPageWorker });
export const user = userEvent.setup({ delay: null, pointerEventsCheck: 0 });

let app: ReturnType<typeof mount> | null = null;
const files: Blob[] = [];
URL.createObjectURL = (source) => {
  files.push(source as Blob);
  return `blob:${files.length}`;
};
URL.revokeObjectURL = () => undefined;
// nothing is fetched here: what a link to a file would do is seen in `files`
HTMLAnchorElement.prototype.click = function click(this: HTMLAnchorElement) {
  if (!this.href.startsWith('blob:')) this.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true }));
};

/** What was said to the console; a stand-in for a value may have no text of its own. */
function textOfSaid(said: unknown): string {
  try {
    return String(said);
  } catch {
    return typeof said;
  }
}

/** The demo box with some of its parts: a day is planned from it in a moment. */
export const FEW_PARTS: Box = {
  ...DEMO_BOX,
  heads: DEMO_BOX.heads.filter((_, at) => at % 2 === 0),
  trailers: DEMO_BOX.trailers.filter((_, at) => at % 3 === 0),
  skirts: DEMO_BOX.skirts.slice(0, 3),
};
const TAKEN_IN = {
  demo: () => loadDemoPlace(),
  'demo with few parts': () => loadDemoPlace(FEW_PARTS),
  'demo with its log': () => loadDemoWorld(),
};

/**
 * Starts every test of a file with the app as a first visit finds it, or with the demo world in it; the console has to stay silent.
 * @param world  its log is long, and only tests of the log need it; few parts do where days are planned
 * @param ranks  whether the page gets every rig it asks for and what would flip them, or a few
 */
export function inApp(
  world: 'empty' | 'demo' | 'demo with few parts' | 'demo with its log',
  place = '/water',
  ranks: 'all' | 'few' = 'few',
): void {
  let complaints: string[] = [];
  beforeEach(async () => {
    complaints = [];
    for (const kind of ['error', 'warn'] as const) {
      Object.assign(console, { [kind]: (...said: unknown[]) => void complaints.push(said.map(textOfSaid).join(' ')) });
    }
    if (ranks === 'all') rankAll();
    await router.push(place);
    await readStore();
    if (world !== 'empty') expect((await TAKEN_IN[world]()).ok).toBe(true);
    await open();
  }, LONG_MS);
  afterEach(async () => {
    close();
    rankFew();
    const cleared = await clearAll();
    if (cleared.ok) await beginAnew(cleared.value);
    await useSettings().change({ units: 'us', theme: 'light', source: 'box' });
    useNotices().settle();
    useNotices().notice = null;
    files.length = 0;
    localStorage.clear();
    expect(complaints).toEqual([]);
  }, LONG_MS);
}

async function open(): Promise<void> {
  app = mount(App, {
    attachTo: document.body,
    global: { plugins: [pinia, createLook(), router], stubs: { transition: false } },
  });
  await router.isReady();
}

function close(): void {
  app?.unmount();
  app = null;
  document.body.replaceChildren();
}

/** The same page opened anew: what was stored is all there is. */
export async function reopen(): Promise<void> {
  close();
  await keeper.flush();
  await Promise.all([useSettings().load(), useWater().load(), useBench().reload(), useScreen().load()]);
  await open();
}

/** Where to look: an element, or a test id that is looked up each time, since what is shown may be put up anew. */
type Inside = string | HTMLElement | Promise<HTMLElement>;
async function looker(inside: Inside): Promise<() => HTMLElement> {
  if (typeof inside !== 'string') {
    const where = await inside;
    return () => where;
  }
  return () => {
    const found = page.querySelector<HTMLElement>(`[data-testid="${inside}"]`);
    if (!found) throw new Error(`no ${inside} on the page`);
    return found;
  };
}
const page = document.body;
/** A dialog that was closed may stay on the page, put out of sight. */
function isShown(element: HTMLElement): boolean {
  for (let one: HTMLElement | null = element; one; one = one.parentElement) {
    if (one.style.display === 'none') return false;
  }
  return true;
}
const isOpen = (one: HTMLElement): boolean =>
  [...one.querySelectorAll<HTMLElement>(':scope > .v-overlay__content')].every(({ style }) => style.display !== 'none');

/** Elements that may have a role, by how they are written; asking the library for each element of the page takes seconds. */
const WRITTEN: Readonly<Record<string, string>> = {
  button: 'button, summary, [role=button]',
  link: 'a[href]',
  heading: 'h1, h2, h3, h4',
  textbox: 'input:not([type]), input[type=text], input[type=search], textarea',
  combobox: 'select, [role=combobox], input[list]',
  radio: 'input[type=radio]',
  listitem: 'li',
  navigation: 'nav',
  region: 'section, [role=region]',
  slider: '[role=slider], input[type=range]',
  img: '[role=img], img',
};
/** Without a picture there are no styles to ask for either. */
const unstyled = { getPropertyValue: () => '' } as unknown as CSSStyleDeclaration;
const nameOf = (element: Element): string =>
  computeAccessibleName(element, { computedStyleSupportsPseudoElements: false, getComputedStyle: () => unstyled });

/** Every element of this role and name that is in sight now. */
export function every(role: string, name?: string | RegExp, inside: HTMLElement = page): HTMLElement[] {
  const isNamed = (element: Element): boolean =>
    name === undefined || (typeof name === 'string' ? nameOf(element) === name : name.test(nameOf(element)));
  return [...inside.querySelectorAll<HTMLElement>(WRITTEN[role] ?? `[role=${role}]`)].filter(
    (element) => isShown(element) && isNamed(element),
  );
}
/** The element of this role and name, once it is there; the first where there are several. */
export async function the(role: string, name?: string | RegExp, inside: Inside = page): Promise<HTMLElement> {
  const where = await looker(inside);
  return waitFor(() => {
    const [first] = every(role, name, where());
    if (!first) {
      const others = every(role, undefined, where()).slice(0, 12).map(nameOf);
      throw new Error(`no ${role} named ${String(name)} in sight, but: ${others.join(' | ')}`);
    }
    return first;
  });
}
/** The element a test calls by an id of its own. */
export const at = async (id: string, inside: Inside = page): Promise<HTMLElement> => {
  const where = await looker(inside);
  return waitFor(() => {
    const found = where().querySelector<HTMLElement>(`[data-testid="${id}"]`);
    if (!found) throw new Error(`no ${id} on the page`);
    return found;
  });
};
export const button = (name: string | RegExp, inside?: Inside): Promise<HTMLElement> => the('button', name, inside);
export const field = (name: string | RegExp, inside?: Inside): Promise<HTMLInputElement> =>
  the('textbox', name, inside) as Promise<HTMLInputElement>;
export const group = (name: string | RegExp, inside?: Inside): Promise<HTMLElement> => the('group', name, inside);
/** The dialog that was opened last. */
export const dialog = (): Promise<HTMLElement> =>
  waitFor(() => {
    const open = every('dialog').filter(isOpen);
    expect(open).not.toEqual([]);
    return open.at(-1)!;
  });

/** Presses a button, once it can be pressed. */
export async function press(name: string | RegExp, inside?: Inside): Promise<void> {
  const where = await looker(inside ?? page);
  const ready = await waitFor(() => {
    const found = every('button', name, where()).find((one) => !(one as HTMLButtonElement).disabled);
    if (!found) throw new Error(`no button ${String(name)} that can be pressed`);
    return found;
  });
  await user.click(ready);
}
/** Presses a key of the keyboard, wherever the focus is. */
export const key = (name: string): Promise<void> =>
  user.keyboard(name.length === 1 ? name.replace(/[[{]/, '$&$&') : `{${name}}`);
export async function type(name: string | RegExp, text: string, inside?: Inside): Promise<void> {
  await fireEvent.input(await field(name, inside), { target: { value: text } });
}
/** Chooses in a list by what it says. */
export async function choose(name: string | RegExp, option: string, inside?: Inside): Promise<void> {
  const list = await the('combobox', name, inside);
  const wanted = await waitFor(() => {
    const found = [...list.querySelectorAll('option')].find((one) => textOf(one) === option);
    if (!found) throw new Error(`no ${option} to choose`);
    return found;
  });
  await user.selectOptions(list, wanted);
}
export async function goTo(
  station: 'Water' | 'Pick' | 'Bench' | 'Tank' | 'Deck' | 'Log' | 'Box' | 'Tickets',
): Promise<void> {
  const tabs = await the('navigation', 'Stations');
  await user.click(await the('link', new RegExp(station), tabs));
  await waitFor(() => expect(router.currentRoute.value.name).toBe(station.toLowerCase()));
}

const textOf = (element: Element): string => (element.textContent ?? '').replace(/\s+/g, ' ').trim();
/** Waits until it is so; what is tried may fail meanwhile. */
export const until = (tried: () => void | Promise<void>): Promise<void> => waitFor(tried);
/** Waits until this is said there. */
export async function says(inside: Inside, what: string | RegExp): Promise<void> {
  const where = await looker(inside);
  await waitFor(() => {
    if (typeof what === 'string') expect(textOf(where())).toContain(what);
    else expect(textOf(where())).toMatch(what);
  });
}
export async function saysNot(inside: Inside, what: string | RegExp): Promise<void> {
  const where = await looker(inside);
  await waitFor(() => {
    if (typeof what === 'string') expect(textOf(where())).not.toContain(what);
    else expect(textOf(where())).not.toMatch(what);
  });
}
export const pageSays = (what: string | RegExp): Promise<void> => says(page, what);
export const heading = (name: string | RegExp): Promise<HTMLElement> => the('heading', name);
/** Waits until nothing of this kind is there any more. */
export const gone = (id: string): Promise<void> =>
  waitFor(() => expect(page.querySelector(`[data-testid="${id}"]`)).toBeNull());
export const noDialog = (): Promise<void> =>
  waitFor(() => expect(every('dialog').filter(isOpen).map(textOf)).toEqual([]));
export const value = async (name: string | RegExp, wanted: string, inside?: Inside): Promise<void> => {
  await waitFor(async () => expect((await field(name, inside)).value).toBe(wanted));
};

/** Gives a file to the import dialog. */
export async function giveFile(name: string, text: string): Promise<void> {
  const input = (await dialog()).querySelector<HTMLInputElement>('input[type=file]')!;
  await user.upload(input, new File([text], name, { type: 'text/plain' }));
}
/** The text of what a deed hands to the browser as a download. */
export async function downloaded(deed: () => Promise<void>): Promise<string> {
  const before = files.length;
  await deed();
  await waitFor(() => expect(files.length).toBeGreaterThan(before));
  return files.at(-1)!.text();
}

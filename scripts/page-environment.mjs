// The page that components are mounted on in unit tests: jsdom, and what every browser has that it lacks.
import { TestEnvironment } from 'jest-environment-jsdom';

class Observer {
  observe() {}
  unobserve() {}
  disconnect() {}
}

export default class PageEnvironment extends TestEnvironment {
  constructor(config, context) {
    super(config, context);
    const page = this.global;
    Object.assign(page, {
      structuredClone,
      Blob,
      File,
      ReadableStream,
      TextEncoder,
      TextDecoder,
      MessageChannel,
      CSS: { supports: () => false, escape: (text) => text },
      ResizeObserver: Observer,
      IntersectionObserver: Observer,
      matchMedia: (query) => ({ matches: false, media: query, addEventListener() {}, removeEventListener() {} }),
      visualViewport: Object.assign(new page.EventTarget(), { width: 1280, height: 800, offsetLeft: 0, offsetTop: 0 }),
      scrollTo() {},
    });
    page.innerWidth = 1280;
    page.innerHeight = 800;
    page.Element.prototype.scrollIntoView = () => {};
    // no button of the app has a label beside its own words; looking for one goes through the whole page, for each button
    Object.defineProperty(page.HTMLButtonElement.prototype, 'labels', { configurable: true, get: () => null });
    // what is drawn on a canvas is seen by nobody here
    const drawing = new Proxy({}, { get: (of, name) => of[name] ?? (() => ({ width: 0, addColorStop() {} })) });
    page.HTMLCanvasElement.prototype.getContext = () => drawing;
    // nothing is laid out; a chart asks how large its place is
    for (const side of ['clientWidth', 'clientHeight'])
      Object.defineProperty(page.HTMLElement.prototype, side, {
        configurable: true,
        get() {
          return /-chart\b/.test(this.className) ? 600 : 0;
        },
      });
    page.Element.prototype.animate = () => ({ finished: Promise.resolve(), cancel() {}, addEventListener() {} });
  }

  exportConditions() {
    return ['node', 'node-addons'];
  }
}

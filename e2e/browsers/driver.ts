/** What a walk needs of a browser: real clicks and keys, and a look at the page. Elements are named by XPath, which all drivers know. */
export interface Driver {
  readonly name: string;
  open(url: string): Promise<void>;
  /** waits for an element, brings it into view and clicks it */
  click(xpath: string): Promise<void>;
  /** replaces what stands in a field, by keys */
  fill(xpath: string, text: string): Promise<void>;
  /** waits until an element is there, and returns its text */
  text(xpath: string): Promise<string>;
  count(xpath: string): Promise<number>;
  /** runs a function body in the page; what it returns, awaited */
  run<T>(body: string): Promise<T>;
  picture(path: string): Promise<void>;
  close(): Promise<void>;
}

/** Longest anything may take to appear, ms. */
export const WAIT_MS = 20_000;
export const SIZE = { width: 1280, height: 800 } as const;

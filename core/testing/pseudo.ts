/**
 * A made-up language that shows two things at once: a word that stands outside the locale, since it is left without a mark on its vowels, and a
 * screen that breaks when words are longer, since every text here is two fifths longer.
 */
// letters that the typefaces of the app have: others would be wider than they are
const PLAIN = 'aeiouyncAEIOUYNC';
const MARKED = 'àéíóúýñçÀÉÍÓÚÝÑÇ';
const LONGER = 0.4;
/** What is put in by whoever says it: an amount that goes into the reader's units, and units themselves. */
const KEPT = /\{[^}]*\}|(?<=[\d½¼¾⅛⅜⅝⅞] ?)(?:ft\/s|m\/s|in|oz|ft|lbf?|mm|cm|kg|g|m|s|N|°[FC])(?![A-Za-z])/g;

const marked = (text: string): string => [...text].map((letter) => MARKED[PLAIN.indexOf(letter)] ?? letter).join('');

/** @param given  what stands in the text as it was handed in: names, numbers, texts that are marked already */
export function pseudoText(text: string, given: readonly string[] = []): string {
  const names = given.filter((one) => /[A-Za-z]/.test(one)).sort((a, b) => b.length - a.length);
  const [name] = names.filter((one) => text.includes(one));
  if (name !== undefined) {
    const at = text.indexOf(name);
    return pseudoText(text.slice(0, at), names) + name + pseudoText(text.slice(at + name.length), names);
  }
  const plain = text.replace(KEPT, '').replace(/[^A-Za-z]/g, '').length;
  let last = 0;
  let told = '';
  for (const kept of text.matchAll(KEPT)) {
    told += marked(text.slice(last, kept.index)) + kept[0];
    last = kept.index + kept[0].length;
  }
  const more = plain > 1 ? 'ø'.repeat(Math.ceil(LONGER * plain)).replace(/(.{7})(?=.)/g, '$1\u00ad') : '';
  // at the end of the words, before what closes them
  return (told + marked(text.slice(last))).replace(/([\s.,:;…!?”)]*)$/, `${more}$1`);
}

/** The same words in the made-up language: texts, and whatever functions and tables say. */
export function pseudo<T>(value: T): T {
  if (typeof value === 'string') return pseudoText(value) as T;
  if (typeof value === 'function') {
    const say = value as unknown as (...given: unknown[]) => unknown;
    const told = (...given: unknown[]): unknown => {
      const said = say(...given);
      return typeof said === 'string'
        ? pseudoText(
            said,
            given.filter((one) => typeof one === 'string'),
          )
        : pseudo(said);
    };
    return told as T;
  }
  if (Array.isArray(value)) return value.map(pseudo) as T;
  if (typeof value !== 'object' || value === null || Object.getPrototypeOf(value) !== Object.prototype) return value;
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, pseudo(one)])) as T;
}

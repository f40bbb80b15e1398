/**
 * What would break a line, hide itself or turn the direction of writing: control characters, line and paragraph separators, marks of
 * direction, and halves of letters.
 */
const UNSEEN =
  /[\u0000-\u001f\u007f-\u009f\u00ad\u061c\u180e\u200b-\u200f\u2028-\u202e\u2060-\u2069\ufeff\ufff9-\ufffb]|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g;

const NAMED: Readonly<Record<string, string>> = { '\n': '\\n', '\r': '\\r', '\t': '\\t' };

/** A value of somebody else's as it may stand in a line of ours: on one line, everything in it to be seen. */
export const oneLine = (text: string): string =>
  text.replace(UNSEEN, (mark) => NAMED[mark] ?? `\\u${mark.charCodeAt(0).toString(16).padStart(4, '0')}`);

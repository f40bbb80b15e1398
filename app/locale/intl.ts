import { TAG } from './en/tag';

/** How a language tells one from several: `other` is said where it has no word of its own. */
export type Forms = Readonly<Partial<Record<Intl.LDMLPluralRule, string>>> & { readonly other: string };

let rules: Intl.PluralRules | null = null;

/** The form that goes with a count, by the rules of the language; they are asked for when something is first counted. */
export function plural(count: number, forms: Forms): string {
  rules ??= new Intl.PluralRules(TAG);
  return forms[rules.select(count)] ?? forms.other;
}

/** A moment as the language writes it, in the time of this machine. */
export const moment = (at: string, how: 'long' | 'medium'): string =>
  new Intl.DateTimeFormat(TAG, { dateStyle: how, timeStyle: 'short' }).format(new Date(at));

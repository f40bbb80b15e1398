import { describe, expect, test } from '@jest/globals';
import { pseudo, pseudoText } from './pseudo';

const vowels = (text: string): string[] => text.match(/[aeiou]/gi) ?? [];

describe('the made-up language', () => {
  test.each(['Skip to the work', 'a', 'Falls, slack line', 'No trailer in this box.'])(
    'marks every vowel of %p',
    (text) => expect(vowels(pseudoText(text))).toEqual([]),
  );
  test('every text is two fifths longer, before what closes it', () => {
    expect(pseudoText('Tickets').replace(/\u00ad/g, '')).toBe('Tíçkétsøøø');
    expect(pseudoText('No ticket yet.')).toMatch(/ø\.$/);
    expect(pseudoText('Looking…')).toMatch(/ø…$/);
    for (const text of ['Handbook', 'What this water asks for']) {
      const letters = text.replace(/ /g, '').length;
      expect(pseudoText(text).replace(/\u00ad/g, '').length - text.length).toBe(Math.ceil(0.4 * letters));
    }
  });
  test('amounts, units and what is put in stay as they are', () => {
    expect(pseudoText('over {ft 5} of water')).toContain('{ft 5}');
    expect(pseudoText('falls 1.9 ft/s')).toContain('1.9 ft/s');
    expect(pseudoText('Brindle Mere taken out.', ['Brindle Mere'])).toMatch(/^Brindle Mere /);
  });
  test('tables and functions are gone through; keys, numbers and what is no text are left', () => {
    const words = pseudo({ id: 3, name: 'rock', list: ['mud'], say: (what: string) => `no ${what} here`, none: null });
    expect(words.id).toBe(3);
    expect(Object.keys(words)).toEqual(['id', 'name', 'list', 'say', 'none']);
    expect(vowels(words.name + words.list.join())).toEqual([]);
    expect(words.say('Brindle')).toContain('Brindle');
    expect(vowels(words.say('Brindle').replace('Brindle', ''))).toEqual([]);
    expect(words.none).toBeNull();
  });
  test('what is marked already is not marked again', () => {
    const once = pseudo((name: string) => `${name} is gone`)(pseudoText('the water'));
    expect(once.startsWith(pseudoText('the water'))).toBe(true);
  });
});

import { describe, expect, test } from '@jest/globals';
import * as z from 'zod/mini';
import { parseWith } from './parse';

const schema = z.strictObject({
  count: z.int().check(z.minimum(1), z.maximum(9)),
  kind: z.enum(['a', 'b']),
  on: z.boolean(),
  list: z.array(z.strictObject({ x: z.number() })),
  maybe: z.exactOptional(z.nullable(z.string())),
  pair: z.exactOptional(z.tuple([z.number(), z.number()])),
});
const good = { count: 3, kind: 'a', on: true, list: [{ x: 1 }] };
const problems = (input: unknown) => {
  const parsed = parseWith(schema, input);
  return parsed.ok ? [] : parsed.issues.map(({ code, path, data }) => [code, path, data.got ?? data.expected ?? '']);
};

describe('problems of outside data', () => {
  test('good data comes back typed', () => expect(parseWith(schema, good)).toEqual({ ok: true, value: good }));
  test.each([
    [{ ...good, count: 0 }, [['too-small', 'count', '0']]],
    [{ ...good, count: 10 }, [['too-large', 'count', '10']]],
    [{ ...good, count: 1.5 }, [['wrong-type', 'count', '1.5']]],
    [{ ...good, count: '3' }, [['not-a-number', 'count', '3']]],
    [{ ...good, kind: 'c' }, [['not-one-of', 'kind', 'c']]],
    [{ ...good, kind: undefined }, [['missing', 'kind', 'a b']]],
    [{ ...good, on: 'yes' }, [['wrong-type', 'on', 'yes']]],
    [{ ...good, list: [{ x: 1 }, { x: 'two' }] }, [['not-a-number', 'list[1].x', 'two']]],
    [{ ...good, list: [{ x: 1, y: 2 }] }, [['unknown-field', 'list[0].y', '']]],
    [
      { ...good, extra: 1, more: 2 },
      [
        ['unknown-field', 'extra', ''],
        ['unknown-field', 'more', ''],
      ],
    ],
    [{ ...good, maybe: 7 }, [['wrong-type', 'maybe', '7']]],
    [{ ...good, maybe: undefined }, [['missing', 'maybe', 'string']]],
    [null, [['wrong-type', '', 'null']]],
    [[], [['wrong-type', '', '[]']]],
    ['text', [['wrong-type', '', 'text']]],
  ])('%#', (input, expected) => expect(problems(input)).toEqual(expected));
  test('a long value is shortened, not printed whole', () => {
    const parsed = parseWith(schema, { ...good, kind: 'x'.repeat(500) });
    expect(parsed.ok ? '' : String(parsed.issues[0]!.data.got).length).toBeLessThan(60);
  });
  test('null where something optional may be absent', () => expect(problems({ ...good, maybe: null })).toEqual([]));
});

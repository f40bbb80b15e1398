import * as z from 'zod/mini';
import { JSON_KINDS } from '../core';

/** JSON Schema of each file of ours, made from the schemas that check them. */
export const schemaFiles = (): Record<string, string> =>
  Object.fromEntries(
    Object.entries(JSON_KINDS).map(([kind, { schema }]) => [
      `${kind}.schema.json`,
      `${JSON.stringify(z.toJSONSchema(schema as z.ZodMiniType), null, 2)}\n`,
    ]),
  );

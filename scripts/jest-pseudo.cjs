// What Jest runs in the made-up language: words are marked on their way in.
const { createHash } = require('node:crypto');
const { readFileSync } = require('node:fs');
const { join } = require('node:path');
const plain = require('./jest-transform.cjs');
const { isWords, pseudoModule } = require('./pseudo-locale.cjs');

const FROM = join(__dirname, '../core/testing/pseudo.ts');
// what was marked by other rules is marked again
const RULES = readFileSync(join(__dirname, 'pseudo-locale.cjs'), 'utf8');
const marked = (source, path) => (isWords(path) ? pseudoModule(source, FROM) : source);
module.exports = {
  ...plain,
  getCacheKey: (...given) => `${plain.getCacheKey(...given)}pseudo${createHash('sha1').update(RULES).digest('hex')}`,
  process: (source, path, options) => plain.process(marked(source, path), path, options),
  processAsync: (source, path, options) => plain.processAsync(marked(source, path), path, options),
};

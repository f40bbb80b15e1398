// Single-file components for Jest: script and template are compiled in one, Vuetify's parts are imported as the build does it, styles are left out.
const { createHash } = require('node:crypto');
const { generateImports } = require('@vuetify/loader-shared');
const { compileScript, parse, registerTS } = require('@vue/compiler-sfc');

registerTS(() => require('typescript'));

/** A component as one module of TypeScript. */
function componentModule(source, path) {
  // one without a script gets an empty one: the compiler of scripts takes the template along
  const whole = source.includes('<script') ? source : `${source}<script setup lang="ts">void 0;</script>`;
  const { descriptor, errors } = parse(whole, { filename: path });
  if (errors.length > 0) throw errors[0];
  const id = createHash('sha1').update(path).digest('hex').slice(0, 8);
  const { content } = compileScript(descriptor, {
    id,
    inlineTemplate: true,
    templateOptions: { compilerOptions: { expressionPlugins: ['typescript'] } },
  });
  // the compiler's own assertion of what it resolves stands in the way of the one that resolves Vuetify's parts
  const plain = content.replace(/(_resolve(?:Component|Directive)\("[\w-.]+"\))!/g, '$1');
  const { code, source: resolved } = generateImports(plain, { autoImport: true });
  return `${code}${resolved}`;
}

module.exports = { componentModule };

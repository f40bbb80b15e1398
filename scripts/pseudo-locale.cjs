// Turns a module of words into the made-up language of core/testing/pseudo.ts: what it exports is marked, what it holds stays.
const isWords = (path) => /\/locale\/en\/(?!tag\.)[\w-]+\.ts$/.test(path) && !path.endsWith('.test.ts');

/** @param from  where the module that marks words is imported from */
function pseudoModule(source, from) {
  const names = [];
  const held = source.replace(/^export (const|function) (\w+)/gm, (_, kind, name) => {
    names.push(name);
    return `${kind} ${name}`;
  });
  return [
    `import { pseudo as __pseudo } from '${from}';`,
    held,
    ...names.map((name) => `const __${name} = __pseudo(${name});`),
    `export { ${names.map((name) => `__${name} as ${name}`).join(', ')} };`,
  ].join('\n');
}

module.exports = { isWords, pseudoModule };

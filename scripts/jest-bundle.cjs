// Each test is bundled with all it imports before Jest runs it. One file in Jest's sandbox starts several times faster than hundreds of
// modules, calls between them cost nothing, and nothing of it is left once the test has ended.
const { createHash } = require('node:crypto');
const { readdirSync, readFileSync, statSync } = require('node:fs');
const { builtinModules } = require('node:module');
const { dirname, join, relative } = require('node:path');
const { pathToFileURL } = require('node:url');
const esbuild = require('esbuild');
const { componentModule } = require('./jest-vue.cjs');

const ROOT = join(__dirname, '..');
const SOURCES = ['app', 'benchmarks', 'cli', 'core', 'demo', 'paper', 'scripts', 'server', 'solver', 'standins'];

/**
 * What the language itself brings. In Jest's sandbox each use of a global asks an interceptor, which makes `Math.sqrt` some twenty times
 * slower; bound once at the top of the bundle they are as fast as anywhere. Not `Promise`, which the store's library replaces for a while.
 */
const BUILT_IN =
  'Array BigInt Boolean Error Float32Array Float64Array Infinity Int32Array JSON Map Math NaN Number Object Proxy RangeError Reflect RegExp Set String Symbol TypeError Uint16Array Uint32Array Uint8Array WeakMap WeakSet isFinite isNaN parseFloat parseInt'.split(
    ' ',
  );
const BANNER = `import { createRequire as __createRequire } from 'node:module';
const require = __createRequire(${JSON.stringify(pathToFileURL(join(ROOT, 'package.json')).href)});
const { ${BUILT_IN.join(', ')} } = globalThis;`;

/** Changes whenever a file that a test may import does. */
function stateOfTree() {
  const hash = createHash('sha1');
  const look = (folder) => {
    for (const entry of readdirSync(folder, { withFileTypes: true })) {
      const path = join(folder, entry.name);
      if (entry.isDirectory()) look(path);
      else {
        const { mtimeMs, size } = statSync(path);
        hash.update(`${path} ${mtimeMs} ${size}\n`);
      }
    }
  };
  for (const folder of SOURCES) look(join(ROOT, folder));
  return hash.update(readFileSync(join(ROOT, 'package-lock.json'))).digest('hex');
}

/** What only the build knows: styles, and addresses of workers and of the solver's binary. */
const withoutAssets = {
  name: 'without-assets',
  setup(build) {
    build.onResolve({ filter: /\.css$|\?(worker&)?url$|^vuetify\/styles\// }, ({ path }) => ({
      path,
      namespace: 'nothing',
    }));
    build.onLoad({ filter: /.*/, namespace: 'nothing' }, () => ({ contents: `export default '';`, loader: 'js' }));
    build.onResolve({ filter: /^echarts\// }, () => ({ path: join(ROOT, 'app/testing/no-charts.ts') }));
  },
};
/** In one file every module still knows where it came from. */
const ownAddress = {
  name: 'own-address',
  setup(build) {
    build.onLoad({ filter: /\.ts$/ }, ({ path }) => {
      const contents = readFileSync(path, 'utf8');
      if (!contents.includes('import.meta')) return undefined;
      const literal = (text) => JSON.stringify(text);
      return {
        contents: contents
          .replaceAll('import.meta.url', literal(pathToFileURL(path).href))
          .replaceAll('import.meta.dirname', literal(dirname(path))),
        loader: 'ts',
      };
    });
  },
};
/** Components that are compiled already: most tests of pages hold the same. */
const compiled = new Map();
function compiledModule(path) {
  const text = readFileSync(path, 'utf8');
  const known = compiled.get(path);
  if (known?.text === text) return known.contents;
  const contents = componentModule(text, path);
  compiled.set(path, { text, contents });
  return contents;
}
const components = {
  name: 'components',
  setup(build) {
    build.onLoad({ filter: /\.vue$/ }, ({ path }) => ({
      contents: compiledModule(path),
      loader: 'ts',
      resolveDir: dirname(path),
    }));
  },
};

/** What Jest gives, and what looks for files beside itself. */
const EXTERNAL = [
  '@jest/globals',
  'highs',
  'puppeteer-core',
  'selenium-webdriver',
  'typescript',
  'vite',
  'eslint',
  'fake-indexeddb',
];

const TAGGED = `var __export = ($1, $2) => {
  Object.defineProperty($1, Symbol.toStringTag, { value: 'Module' });`;

async function bundle(path) {
  const isOfPages = relative(ROOT, path).startsWith('app');
  const { outputFiles } = await esbuild.build({
    entryPoints: [path],
    bundle: true,
    write: false,
    outfile: 'test.js',
    format: 'esm',
    target: 'node20',
    platform: isOfPages ? 'browser' : 'node',
    mainFields: ['module', 'main'],
    conditions: ['module', 'import'],
    external: [...EXTERNAL, ...builtinModules, 'node:*'],
    alias: {
      '@core': join(ROOT, 'core/index.ts'),
      'fast-check': join(ROOT, 'scripts/fast-check-in-time.mjs'),
      // as the build does it: what the PDF writer uses to print web pages and pictures, and nothing here does
      ...Object.fromEntries(
        ['html2canvas', 'dompurify', 'canvg', 'fast-png'].map((name) => [name, join(ROOT, 'paper/nothing.ts')]),
      ),
    },
    define: {
      'process.env.NODE_ENV': '"test"',
      __VUE_OPTIONS_API__: 'true',
      __VUE_PROD_DEVTOOLS__: 'false',
      __VUE_PROD_HYDRATION_MISMATCH_DETAILS__: 'false',
    },
    banner: { js: BANNER },
    sourcemap: 'external',
    sourcesContent: false,
    logLevel: 'silent',
    plugins: [withoutAssets, ownAddress, components],
  });
  const [map, code] = ['.map', '.js'].map((end) => outputFiles.find((file) => file.path.endsWith(end)).text);
  // who asks for a module later tells it from other objects by its tag, which bundled ones lack
  return { code: code.replace(/var __export = \((\w+), (\w+)\) => \{/, TAGGED), map };
}

let state;
module.exports = {
  canInstrument: false,
  getCacheKey: (source, path, { configString }) =>
    createHash('sha1')
      .update((state ??= stateOfTree()))
      .update(`${path} ${source} ${configString}`)
      .digest('hex'),
  processAsync: (_source, path) => bundle(path),
};

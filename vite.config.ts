import { fileURLToPath } from 'node:url';
import vue from '@vitejs/plugin-vue';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import vuetify from 'vite-plugin-vuetify';
import { isWords, pseudoModule } from './scripts/pseudo-locale.cjs';

/** What stands in one file, and is read in a task of its own: the first view takes them in this order (app/first/first.ts). */
const FILES: readonly { readonly name: string; readonly test: RegExp }[] = [
  {
    name: 'first',
    test: /app\/(first\/(breath|last-|opening|warm-)|workers\/(start-worker|not-loaded)|theme\/theme|locale\/\w+\/first)|core\/testing\/pseudo|preload-helper/,
  },
  { name: 'base', test: /node_modules\/(@vue|vue|vue-router|pinia)\// },
  { name: 'data', test: /node_modules\/(dexie|zod|nanoid)\// },
  {
    name: 'core',
    test: /core\/((units|water|tackle|keeping)\/|formats\/pandero-json\/(kept-water|settings)|advice\/(rules\/(asked|want-topics|fall|weight|reeled-weights|motion|size|retrieve|family|family-suits|rule|weights|want-fit)\.|conditions\/(schools|water-facts|of-water|on-water|condition)\.)|wording\/values|locale\/\w+\/(words|phrases|tackle|names)\.|rig\/parts\/(box|schema)\.|(parse|result)\.)/,
  },
  {
    name: 'stores',
    test: /app\/(new-id|locale\/(intl|\w+\/(tag|frame|notices))|stores\/(advice|box|learned|water|settings|keeping|notices)|workers\/(belief|ranker)|composables\/use(Units|Held)|live\/use(LiveRows|Followed)|db\/(all-parts|box-of-rows|cause|database|fetch-kinds|journal|keep|keeper|kinds|our-keeper|overlay|page-state|shelf|sieve|stored-kinds))\./,
  },
  // of Vuetify the frame of the page alone; what stands in dialogs is read with the first of them
  {
    name: 'look',
    test: /node_modules\/(@vuetify\/v0|vuetify\/lib\/(?!components|labs|styles|directives|composables\/(nested|virtual|filter|focusTrap|color|fileDrop|fileFilter|reveal|validation|list-items|group|router|form|lazy|stack|scopeId|teleport|hydration|intersectionObserver|forwardRefs|autocomplete|autofocus|calendar|focus|selectLink|loader|variant|rounded|elevation|border|size|delay|activation|transition|position|location|density))|vuetify\/lib\/components\/V(App|Main)\/)/,
  },
  {
    name: 'dialogs',
    test: /node_modules\/vuetify\/lib\/(composables|directives|components\/(transitions|V(Btn|BtnGroup|BtnToggle|Input|Icon|DefaultsProvider|Messages|ProgressLinear|ProgressCircular|Label)\/))/,
  },
];

/** Nothing happens by merely reading the core, or what it reads places with: whoever uses none of it does not fetch it. */
const PURE = {
  moduleSideEffects: (id: string): boolean => !/\/core\/(?!testing)|node_modules\/(@xmldom|suncalc)\//.test(id),
};

/** Has the page fetch the files of the first view side by side, while the first script paints; they are read in its order. */
const fetchAhead: Plugin = {
  name: 'fetch-ahead',
  transformIndexHtml: {
    order: 'post',
    handler: (_html, { bundle }) =>
      Object.values(bundle ?? {})
        .filter((file) => file.type === 'chunk' && AHEAD.includes(file.name))
        .map(({ fileName }) => ({
          tag: 'link',
          attrs: { rel: 'modulepreload', crossorigin: true, fetchpriority: 'low', href: `./${fileName}` },
          injectTo: 'head',
        })),
  },
};
const AHEAD: readonly string[] = ['base', 'data', 'core', 'look', 'stores', 'main'];

/** `vite build --mode pseudo`: the app in a made-up language whose words are longer, to see what breaks. */
const inPseudo: Plugin = {
  name: 'pseudo-locale',
  enforce: 'pre',
  transform: (code, id) =>
    isWords(id.split('?')[0]!)
      ? pseudoModule(code, fileURLToPath(new URL('./core/testing/pseudo.ts', import.meta.url)))
      : null,
};

/** `vite build --mode xy`: words come from `locale/xy` instead of `locale/en`; keys that are missing there end the build. */
const inLocale = (locale: string): Plugin => ({
  name: 'locale',
  enforce: 'pre',
  resolveId(source, importer) {
    if (!/\/locale\/en\//.test(source)) return null;
    return this.resolve(source.replace('/locale/en/', `/locale/${locale}/`), importer, { skipSelf: true });
  },
});
const ENGLISH: readonly string[] = ['production', 'development', 'test'];

/** What Vuetify reads at its start and nothing here uses. */
const withoutDates: Plugin = {
  name: 'without-dates',
  enforce: 'pre',
  resolveId: (source, importer) =>
    /vuetify\/lib\/composables\/date\/date\.js$/.test(importer ?? '') && source.endsWith('adapters/vuetify.js')
      ? fileURLToPath(new URL('./app/theme/no-dates.ts', import.meta.url))
      : null,
};

export default defineConfig(({ mode }) => ({
  plugins: [
    withoutDates,
    ...(mode === 'pseudo' ? [inPseudo] : ENGLISH.includes(mode) ? [] : [inLocale(mode)]),
    fetchAhead,
    vue(),
    vuetify({ autoImport: true }),
    VitePWA({
      // a new version waits until it is asked in; app/install.ts registers it
      registerType: 'prompt',
      injectRegister: false,
      includeAssets: ['icons/*'],
      manifest: {
        id: './',
        name: 'Pandero',
        short_name: 'Pandero',
        description: 'Picks, explains and computes skirted-jig rigs for bass anglers.',
        start_url: './#/water',
        scope: './',
        display: 'standalone',
        background_color: '#f3ebdb',
        theme_color: '#f3ebdb',
        icons: [
          { src: 'icons/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: 'icons/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: 'icons/icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
          { src: 'icons/icon.svg', sizes: 'any', type: 'image/svg+xml' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,woff2,svg,png,wasm}'],
        navigateFallback: 'index.html',
        navigateFallbackDenylist: [/^\/api\//],
        // the page of the first visit too goes on when the server stops
        clientsClaim: true,
        cleanupOutdatedCaches: true,
        maximumFileSizeToCacheInBytes: 6_000_000,
      },
    }),
  ],
  base: './',
  resolve: {
    alias: {
      '@core': fileURLToPath(new URL('./core/index.ts', import.meta.url)),
      // the modern build: half the syntax of the one for all browsers
      dexie: fileURLToPath(new URL('./node_modules/dexie/dist/modern/dexie.mjs', import.meta.url)),
      // what the PDF writer uses to print web pages and pictures, and nothing here does
      ...Object.fromEntries(
        ['html2canvas', 'dompurify', 'canvg', 'fast-png'].map((name) => [
          name,
          fileURLToPath(new URL('./paper/nothing.ts', import.meta.url)),
        ]),
      ),
    },
  },
  // nothing here or in Vuetify is written with Vue's options API
  define: { __VUE_OPTIONS_API__: 'false' },
  // one worker, which loads what its name says: what several jobs need stands in files they share
  worker: {
    format: 'es',
    rolldownOptions: { treeshake: PURE, output: { chunkFileNames: 'assets/worker-[name]-[hash].js' } },
  },
  build: {
    target: 'es2022',
    sourcemap: false,
    chunkSizeWarningLimit: 900,
    // what every view needs travels together, in the order in which it is read: fewer files are sooner there
    rolldownOptions: {
      treeshake: PURE,
      onwarn(warning, tell) {
        if (warning.code !== 'IMPORT_IS_UNDEFINED') return tell(warning);
        throw new Error(`A word is missing in this language: ${warning.message.split('\n')[0]}`);
      },
      output: {
        codeSplitting: {
          groups: FILES.map((file, at) => ({ ...file, priority: FILES.length - at })),
          includeDependenciesRecursively: false,
        },
      },
    },
  },
  server: { host: '127.0.0.1' },
}));

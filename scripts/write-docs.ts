import { mkdirSync, writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { whenFile } from './when-file';

// conditions first: the handbook is read from the core, which reads them
const WHEN = 'core/advice/messages/when-en.ts';
writeFileSync(WHEN, await format(whenFile(), { ...(await resolveConfig(WHEN)), parser: 'typescript' }));
const { handbookPage } = await import('./handbook-page');
const { schemaFiles } = await import('./schema-files');
const { sourcesPage } = await import('./sources-page');

writeFileSync('docs/handbook.md', handbookPage());
writeFileSync('docs/sources.md', sourcesPage());
mkdirSync('docs/schema', { recursive: true });
for (const [name, text] of Object.entries(schemaFiles())) writeFileSync(`docs/schema/${name}`, text);

import { mkdirSync, writeFileSync } from 'node:fs';
import { handbookPage } from './handbook-page';
import { schemaFiles } from './schema-files';
import { sourcesPage } from './sources-page';
import { chainPicture, strandPicture, validationPage } from './validation-page';

writeFileSync('docs/handbook.md', handbookPage());
writeFileSync('docs/sources.md', sourcesPage());
mkdirSync('docs/schema', { recursive: true });
for (const [name, text] of Object.entries(schemaFiles())) writeFileSync(`docs/schema/${name}`, text);
writeFileSync('docs/validation.md', validationPage());
writeFileSync('docs/validation-line.svg', chainPicture());
writeFileSync('docs/validation-strand.svg', strandPicture());

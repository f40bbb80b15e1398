import { writeFileSync } from 'node:fs';
import { sourcesPage } from './sources-page';

writeFileSync('docs/sources.md', sourcesPage());

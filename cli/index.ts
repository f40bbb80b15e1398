import { main } from './pandero';

process.exitCode = main(process.argv.slice(2));

import { pathToFileURL } from 'node:url';

// Files of tests in one process: started each by itself, they would load the same code sixty times over.
for (const file of process.argv.slice(2)) await import(pathToFileURL(file).href);

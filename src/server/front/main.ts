// Serves `dist`: PORT, HOST and GANDER_HOSTS say where and by which names; with GANDER_HOUSE_FILES in the house, over https.
import { readFileSync } from 'node:fs';
import type { RequestListener } from 'node:http';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { outliveErrors, serveApp } from './serve.ts';

process.env.ASTRO_NODE_AUTOSTART = 'disabled';
outliveErrors();
const dist = join(process.cwd(), 'dist');
const entry = (await import(pathToFileURL(join(dist, 'server/entry.mjs')).href)) as { handler: RequestListener };
const scriptHashes = JSON.parse(readFileSync(join(dist, 'server/script-hashes.json'), 'utf8')) as string[];
const { PORT = '4321', HOST = 'localhost', GANDER_HOSTS: hosts, GANDER_HOUSE_FILES: houseFiles } = process.env;
const serving = { port: Number(PORT), host: HOST, hosts, scriptHashes };
// Certificates take a third of a second to load, and only a house needs them.
if (houseFiles) await (await import('./house.ts')).serveHouse(entry.handler, serving, houseFiles);
else await serveApp(entry.handler, serving);
process.send?.('ready');

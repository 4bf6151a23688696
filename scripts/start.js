/** npm start: the production build on HOST, PORT, DATA_DIR. */
import { buildIfStale, installPackages } from './setup.js';
import { serve } from './serve.js';

installPackages();
await buildIfStale();
console.log(`Rare Keep: ${await serve()}`);

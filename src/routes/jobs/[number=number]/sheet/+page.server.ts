export { load } from '../+page.server.ts';

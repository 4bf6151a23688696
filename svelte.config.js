import adapter from '@sveltejs/adapter-node';
import { compressed } from './scripts/compressed.js';

/** @type {import('@sveltejs/kit').Config} */
export default {
	compilerOptions: { runes: true },
	kit: {
		adapter: compressed(adapter()),
		alias: { $core: 'core', '$core/*': 'core/*' },
		// One program of everything: types are read once for the check and once for the linter.
		typescript: {
			config: (config) => ({
				...config,
				include: [...config.include, ...['core', 'bench', 'cli', 'scripts'].map((folder) => `../${folder}/**/*.ts`)]
			})
		},
		// Our own check of Origin (src/hooks.server.ts) covers every write, not form posts alone.
		csrf: { trustedOrigins: ['*'] },
		csp: {
			mode: 'auto',
			directives: {
				'default-src': ['none'],
				'script-src': ['self'],
				'style-src': ['self', 'unsafe-inline'],
				'img-src': ['self', 'data:'],
				'font-src': ['self'],
				'connect-src': ['self'],
				'manifest-src': ['self'],
				'worker-src': ['self'],
				'base-uri': ['none'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		}
	}
};

import tailwindcss from '@tailwindcss/vite';
import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vite';
import { threadPlugin } from './scripts/thread-code.js';

export default defineConfig({
	plugins: [threadPlugin, tailwindcss(), sveltekit()],
	build: { rolldownOptions: { checks: { pluginTimings: false } } },
	ssr: { external: ['@electric-sql/pglite', 'tinypool'] }
});

import tailwindcss from '@tailwindcss/vite';
import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vite';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	build: { rolldownOptions: { checks: { pluginTimings: false } } },
	ssr: { external: ['@electric-sql/pglite'] }
});

import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** The hash of the style that SvelteKit writes on the element which tells screen readers of a new page. */
function announcerStyle() {
	const require = createRequire(import.meta.url);
	const root = readFileSync(
		join(dirname(require.resolve('@sveltejs/kit/package.json')), 'src/core/sync/write_root.js'),
		'utf8'
	);
	const [, style] = /id="svelte-announcer"[^>]* style="([^"]*)"/.exec(root) ?? [];
	if (!style) throw new Error('SvelteKit announces pages in another way: see svelte.config.js.');
	return /** @type {const} */ (`sha256-${createHash('sha256').update(style).digest('base64')}`);
}

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	compilerOptions: { runes: true },
	kit: {
		adapter: adapter({ out: 'build', precompress: true }),
		// Scripts and styles come from our own origin only; SvelteKit's start-up script carries a nonce.
		csp: {
			mode: 'nonce',
			directives: {
				'default-src': ['none'],
				'script-src': ['self'],
				'style-src': ['self'],
				// SvelteKit's own announcer of pages carries one style of its own, and no other may.
				'style-src-attr': ['unsafe-hashes', announcerStyle()],
				'img-src': ['self', 'data:', 'blob:'],
				'font-src': ['self'],
				'connect-src': ['self'],
				'worker-src': ['self'],
				'manifest-src': ['self'],
				'form-action': ['self'],
				'base-uri': ['none'],
				'frame-ancestors': ['none']
			}
		}
	}
};

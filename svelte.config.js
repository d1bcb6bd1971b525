import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/**
 * SvelteKit tells screen readers of a new page through an element of its own with an inline style, which the content
 * policy forbids. It gets a class instead.
 *
 * @type {import('svelte/compiler').PreprocessorGroup}
 */
const announcerWithoutStyle = {
	name: 'announcer-without-style',
	markup: ({ content, filename }) => {
		if (!filename?.endsWith('generated/root.svelte')) return undefined;
		const code = content.replace(/(id="svelte-announcer"[^>]*?) style="[^"]*"/, '$1 class="sr-only"');
		if (code === content) throw new Error('SvelteKit announces pages in another way: see svelte.config.js.');
		return { code };
	}
};

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: [vitePreprocess(), announcerWithoutStyle],
	compilerOptions: { runes: true },
	kit: {
		// Scripts are of the house too.
		typescript: { config: (config) => ({ ...config, include: [...config.include, '../scripts/**/*.ts'] }) },
		adapter: adapter({ out: 'build', precompress: true }),
		// Scripts and styles come from our own origin only; SvelteKit's start-up script carries a nonce.
		csp: {
			mode: 'nonce',
			directives: {
				'default-src': ['none'],
				'script-src': ['self'],
				'style-src': ['self'],
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

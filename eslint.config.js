import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import { ROOMS } from './rooms.js';
import svelteConfig from './svelte.config.js';

/**
 * The layers of docs/architecture.md: what each folder may never import. Both spellings of a path are
 * caught, `$lib/server/notes` as well as `../server/notes`.
 */
const core = [
	'svelte',
	'svelte/*',
	'$app/*',
	'$env/*',
	'@sveltejs/*',
	'pg',
	'node:*',
	'$lib/server*',
	'$lib/ui*',
	'$lib/workers*'
];
const layers = {
	core,
	simulate: core,
	server: ['svelte', 'svelte/*', '$app/*', '$lib/ui*', '$lib/workers*', '*.svelte'],
	workers: ['svelte', 'svelte/*', '$app/*', '@sveltejs/*', 'pg', 'node:*', '$lib/server*', '$lib/ui*'],
	ui: ['pg', 'node:*', '$lib/server*', '$lib/simulate*']
};

const relativeLayers = {
	core: '(^|/)\\.\\.?/(.*/)?(server|ui|workers|routes|simulate)(/|$)',
	simulate: '(^|/)\\.\\.?/(.*/)?(server|ui|workers|routes)(/|$)',
	server: '(^|/)\\.\\.?/(.*/)?(ui|workers|routes)(/|$)',
	workers: '(^|/)\\.\\.?/(.*/)?(server|ui|routes)(/|$)',
	ui: '(^|/)\\.\\.?/(.*/)?(server|routes|simulate)(/|$)'
};

const byTheDoor = {
	regex: '^\\$lib/core/[^/]+/.+|(^|/)\\.\\./core/[^/]+/.+|^\\$lib/core$',
	message: 'Import from a room, $lib/core/<room>, and not from a file of it.'
};
const patternsOf = (layer) => [
	{ group: layers[layer], message: `The ${layer} layer may not import this (docs/architecture.md).` },
	{ regex: relativeLayers[layer], message: `The ${layer} layer may not reach into that layer.` },
	byTheDoor
];
const NOT_TESTS = ['**/*.test.ts', '**/*.bench.ts'];
const restricted = (files, patterns) => ({
	files,
	ignores: NOT_TESTS,
	rules: { 'no-restricted-imports': ['error', { patterns }] }
});

const layerRules = Object.keys(layers).map((layer) => restricted([`src/lib/${layer}/**`], patternsOf(layer)));

/** A room of the core imports from rooms named before it (rooms.js), by their door. */
const roomRules = ROOMS.map((room, i) =>
	restricted(
		[`src/lib/core/${room}/**`],
		[
			...patternsOf('core'),
			{ regex: '^\\$lib/core', message: 'Inside the core, rooms are named by their way: ../<room>.' },
			{ regex: '^\\.\\./[^/]+/.+', message: 'Import from a room, ../<room>, and not from a file of it.' },
			{
				regex: `^\\.\\./(${[...ROOMS.slice(i), 'index'].join('|')})(/|$)|^\\.\\.?$|^\\./index$`,
				message: `The room ${room} imports from rooms before it alone (rooms.js).`
			}
		]
	)
);

export default ts.config(
	{
		ignores: [
			'.svelte-kit/',
			'build/',
			'.data/',
			'.authority/',
			'node_modules/',
			'test-results/',
			'playwright-report/'
		]
	},
	js.configs.recommended,
	...ts.configs.strict,
	...svelte.configs.recommended,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'no-undef': 'off',
			'@typescript-eslint/no-explicit-any': 'error',
			'@typescript-eslint/no-non-null-assertion': 'error',
			'@typescript-eslint/no-invalid-void-type': 'off',
			'svelte/no-navigation-without-resolve': 'off',
			// State here is replaced, never changed in place ($state.raw), so plain maps and dates are right.
			'svelte/prefer-svelte-reactivity': 'off',
			eqeqeq: 'error',
			'no-control-regex': 'off'
		}
	},
	{
		// Types tell what is awaited, what can be missing and what is compared for nothing.
		files: ['src/**/*.ts'],
		ignores: ['**/*.svelte.ts', '**/*.bench.ts'],
		extends: [ts.configs.strictTypeCheckedOnly],
		languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
		rules: {
			// An arrow that returns what a call of nothing returns reads well.
			'@typescript-eslint/no-confusing-void-expression': 'off',
			'@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }]
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: {
			parserOptions: { extraFileExtensions: ['.svelte'], parser: ts.parser, svelteConfig }
		}
	},
	...layerRules,
	...roomRules,
	{
		files: ['src/lib/core/**/*.ts', 'src/lib/simulate/**/*.ts'],
		ignores: ['**/*.test.ts', '**/*.bench.ts'],
		rules: {
			'no-restricted-properties': [
				'error',
				{ object: 'Date', property: 'now', message: 'Time enters the core as an argument.' },
				{ object: 'Math', property: 'random', message: 'Chance enters the core as an argument.' }
			],
			'no-restricted-syntax': [
				'error',
				{
					selector: "NewExpression[callee.name='Date'][arguments.length=0]",
					message: 'Time enters the core as an argument.'
				}
			],
			'no-restricted-globals': [
				'error',
				'window',
				'document',
				'navigator',
				'process',
				'localStorage',
				'fetch'
			]
		}
	},
	{
		// A longer one hides a second thing. Data and tests are lists, and as long as what they list.
		files: ['src/**/*.ts'],
		ignores: ['**/*.test.ts', '**/*.bench.ts', '**/*.data.ts'],
		rules: {
			'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
			'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }]
		}
	},
	{
		// What judges holds no number of its own: each stands in a table that guides can read.
		files: ['src/lib/core/{reading,likeness,match,rig,advice}/*.ts'],
		ignores: [
			'**/*.test.ts',
			'**/*tables.ts',
			'**/*-rules.ts',
			'**/weights.ts',
			'**/school.ts',
			'**/range.ts'
		],
		rules: {
			'@typescript-eslint/no-magic-numbers': [
				'error',
				{ ignore: [0, 1, -1, 2, 60, 1000, 60_000, 3_600_000], ignoreTypeIndexes: true }
			]
		}
	},
	{
		// Rows of numbers are moved here thousands of times over; their indices are its own.
		files: ['src/lib/core/drift/chain.ts'],
		rules: { '@typescript-eslint/no-non-null-assertion': 'off' }
	},
	{
		files: ['src/routes/**'],
		rules: {
			'no-restricted-imports': [
				'error',
				{
					patterns: [
						{ group: ['pg', 'node:*'], message: 'Routes call src/lib/server; they hold no SQL and no Node.' },
						byTheDoor,
						{ group: ['$lib/simulate*'], message: 'Only the demonstration loads simulators.' }
					]
				}
			]
		}
	}
);

import js from '@eslint/js';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import boundaries from 'eslint-plugin-boundaries';
import importX from 'eslint-plugin-import-x';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import { floors } from './floors.js';
import wholeSvelteConfig from './svelte.config.js';

/** Without what is a function: what lint remembers of files is kept beside what they were asked by. */
const svelteConfig = JSON.parse(JSON.stringify(wholeSvelteConfig));

/** What the core may not touch: it computes, and everything else is handed to it. */
const outsideTheCore = [
	{
		group: ['svelte', 'svelte/*', '$app/*', '$env/*', '@sveltejs/*'],
		message: 'The core knows no framework.'
	},
	{
		group: ['node:*', 'fs', 'path', 'pg', 'pino', 'zod'],
		message: 'The core does no input or output.'
	},
	{
		group: ['$lib/*', '**/server/**', '**/components/**'],
		message: 'The core depends only on itself.'
	}
];

/** What each room may use: the floors beneath its own, and itself. Each room is asked for its own files only; asking every room for each took a minute. */
const whatEachRoomMayUse = floors
	.flatMap((rooms, floor) => rooms.map((room) => ({ room, floor })))
	// A room within another is a room of its own: its rule comes after.
	.sort((a, b) => a.room.length - b.room.length)
	.map(
		({ room, floor }) =>
			/** @type {import('eslint').Linter.Config} */ ({
				files: [`src/lib/${room}/**/*.ts`, `src/lib/${room}/**/*.svelte`],
				ignores: ['**/*.test.ts', '**/*.arbitrary.ts'],
				rules: {
					'boundaries/dependencies': [
						'error',
						{
							default: 'disallow',
							policies: [
								{
									from: { element: { type: room } },
									allow: {
										to: { element: { types: { anyOf: [room, ...floors.slice(0, floor).flat()] } } }
									}
								}
							]
						}
					]
				}
			})
	);

export default ts.config(
	{
		ignores: [
			'node_modules/',
			'build/',
			'.svelte-kit/',
			'.data/',
			'test-results/',
			'playwright-report/',
			// Made of the catalogues beside them.
			'src/lib/words/*.ts',
			'src/lib/words/*/',
			'!src/lib/words/message-named.ts',
			'!src/lib/words/number.ts',
			'!src/lib/words/writing.ts'
		]
	},
	js.configs.recommended,
	...ts.configs.recommended,
	...svelte.configs.recommended,
	prettier,
	...svelte.configs.prettier,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'no-undef': 'off',
			'no-console': 'error',
			eqeqeq: 'error',
			'@typescript-eslint/consistent-type-imports': 'error',
			'@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }]
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: {
			parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig }
		},
		rules: { 'svelte/no-navigation-without-resolve': 'off' }
	},
	{
		files: ['src/**/*.ts'],
		// The core waits for nothing.
		ignores: ['**/*.svelte.ts', 'src/lib/core/**'],
		// Where a module takes a component, its script is read as TypeScript, too.
		languageOptions: {
			parserOptions: {
				parser: ts.parser,
				projectService: true,
				extraFileExtensions: ['.svelte']
			}
		},
		rules: {
			'@typescript-eslint/no-floating-promises': 'error',
			'@typescript-eslint/no-misused-promises': 'error',
			'@typescript-eslint/switch-exhaustiveness-check': [
				'error',
				{ considerDefaultExhaustiveForUnions: true }
			]
		}
	},
	{
		files: ['src/lib/core/**/*.ts'],
		ignores: ['**/*.test.ts'],
		rules: {
			'no-restricted-imports': ['error', { patterns: outsideTheCore }],
			'no-restricted-globals': [
				'error',
				'window',
				'document',
				'process',
				'fetch',
				'performance',
				'setTimeout',
				'setInterval',
				'crypto',
				'localStorage'
			],
			'no-restricted-syntax': [
				'error',
				{
					selector: "CallExpression[callee.object.name='Math'][callee.property.name='random']",
					message: 'Chance is passed in.'
				},
				{
					selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
					message: 'The clock is passed in.'
				},
				{ selector: "NewExpression[callee.name='Date']", message: 'The clock is passed in.' }
			]
		}
	},
	{
		files: ['src/lib/**/*.ts', 'src/lib/**/*.svelte'],
		ignores: ['**/*.test.ts', '**/*.arbitrary.ts'],
		plugins: { boundaries, 'import-x': importX },
		settings: {
			// The deepest first: a room within another is a room of its own.
			'boundaries/elements': floors
				.flat()
				.toReversed()
				.sort((a, b) => b.length - a.length)
				.map((room) => ({
					type: room,
					pattern: `src/lib/${room}`,
					partialMatch: false
				})),
			'boundaries/include': ['src/lib/**/*'],
			'import/resolver': { typescript: { project: './tsconfig.json' } },
			'import-x/resolver-next': [createTypeScriptImportResolver({ project: './tsconfig.json' })],
			'import-x/extensions': ['.ts', '.svelte'],
			'import-x/parsers': {
				'@typescript-eslint/parser': ['.ts'],
				'svelte-eslint-parser': ['.svelte']
			}
		},
		rules: {
			'boundaries/no-unknown-files': 'error',
			// No room: nothing may be used from there. The rooms follow.
			'boundaries/dependencies': ['error', { default: 'disallow', policies: [] }],
			'import-x/no-cycle': ['error', { ignoreExternal: true }]
		}
	},
	...whatEachRoomMayUse,
	{
		files: ['scripts/**', 'tests/**', '**/*.test.ts'],
		rules: { 'no-console': 'off' }
	}
);

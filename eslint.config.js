import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

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

export default ts.config(
	{
		ignores: [
			'node_modules/',
			'build/',
			'.svelte-kit/',
			'.data/',
			'test-results/',
			'playwright-report/'
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
		ignores: ['**/*.svelte.ts'],
		languageOptions: { parserOptions: { projectService: true } },
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
		files: ['scripts/**', 'tests/**', '**/*.test.ts'],
		rules: { 'no-console': 'off' }
	}
);

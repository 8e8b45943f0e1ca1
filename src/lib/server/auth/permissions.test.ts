import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import { entryTypes } from '$lib/entries/registry';
import { permissions, permissionOf, coordinatorsEntries, linkPaths, reads } from './permissions';
import { mayAs, roles } from '../base/roles';

const folder = path.join(process.cwd(), 'src/routes');
const files = readdirSync(folder, { recursive: true, encoding: 'utf8' });
const routeOf = (file: string) => {
	const parts = path.dirname(file).split(path.sep).join('/');
	return parts === '.' ? '/' : `/${parts}`;
};
const changing = ['POST', 'PUT', 'PATCH', 'DELETE'];

/** The names of the acts a file of the routes has. */
function actsIn(file: string): string[] {
	const source = ts.createSourceFile(
		file,
		readFileSync(path.join(folder, file), 'utf8'),
		ts.ScriptTarget.Latest
	);
	return source.statements.flatMap((statement) => {
		if (!ts.isVariableStatement(statement)) return [];
		return statement.declarationList.declarations.flatMap((declared) => {
			const name = declared.name.getText(source);
			if (changing.includes(name)) return [name];
			let value = declared.initializer;
			if (value && ts.isSatisfiesExpression(value)) value = value.expression;
			if (name !== 'actions' || !value || !ts.isObjectLiteralExpression(value)) return [];
			return value.properties.map((one) => one.name?.getText(source) ?? 'spread');
		});
	});
}

describe('who may', () => {
	it('is said of every route there is, and of no other', () => {
		const routes = files
			.filter((file) => /\+(page\.svelte|server\.ts|page\.server\.ts)$/.test(file))
			.map(routeOf);
		expect(Object.keys(reads).sort()).toEqual([...new Set(routes)].sort());
	});

	it('is said of every act there is, and of no other', () => {
		const all = files
			.filter((file) => /\+(page\.)?server\.ts$/.test(file))
			.flatMap((file) => actsIn(file).map((act) => `${routeOf(file)} ${act}`));
		expect(Object.keys(permissions).sort()).toEqual(all.sort());
	});

	it('is more for each role than for the one before', () => {
		expect(roles.map((role) => roles.map((needed) => mayAs(role, needed)))).toEqual([
			[true, false, false],
			[true, true, false],
			[true, true, true]
		]);
	});

	it('is said by the proxy’s file of the same links', () => {
		const file = readFileSync('docs/operations.md', 'utf8');
		const [, named = ''] = /location ~ \^\/\(([\w|-]+)\)\//.exec(file) ?? [];
		const own = linkPaths.map((at) => at.split('/')[1]);
		expect(named.split('|').sort()).toEqual([...own, 'sign-in'].sort());
	});

	it('names types of entries that there are', () => {
		for (const type of coordinatorsEntries) expect(Object.keys(entryTypes)).toContain(type);
		expect([...coordinatorsEntries]).toHaveLength(12);
	});

	it.each([
		['GET', '/plan', null],
		['GET', '/plan?/keep', null],
		['POST', '/plan?/keep', '/plan keep'],
		['POST', '/plan?/toString', '/plan toString'],
		['POST', '/api/entries', '/api/entries POST'],
		['DELETE', '/api/entries', '/api/entries DELETE'],
		['POST', '/plan', '/plan POST']
	])('of %s %s is looked up as %s', (method, address, act) => {
		const url = new URL(address, 'http://127.0.0.1');
		expect(permissionOf(url.pathname, method, url)).toBe(act);
	});
});

/**
 * Writes out the relations of the core as one would by hand: every `…Relations` object is code, and
 * `explain/written.ts` is made of it, so that a formula stands once. `npm run relations` writes it.
 */
import { readFile } from 'node:fs/promises';
import { basename, join } from 'node:path';
import { readdirSync } from 'node:fs';
import prettier from 'prettier';
import ts from 'typescript';

export const writtenFile = 'src/lib/core/explain/written.ts';

const K = ts.SyntaxKind;
const ranks = new Map<ts.SyntaxKind, number>([
	[K.PlusToken, 1],
	[K.MinusToken, 1],
	[K.AsteriskToken, 2],
	[K.SlashToken, 2],
	[K.AsteriskAsteriskToken, 3]
]);
const calls = new Map([
	['round.nearest', 'round'],
	['round.down', 'floor'],
	['wholeIn', 'floor'],
	['Math.sqrt', 'sqrt'],
	['Math.max', 'max'],
	['Math.min', 'min']
]);

/** How tightly an operator binds. */
const rankOf = (operator: ts.SyntaxKind): number => ranks.get(operator) ?? 0;

const bare = (node: ts.Expression): ts.Expression =>
	ts.isParenthesizedExpression(node) ? bare(node.expression) : node;

type Keep = 'whole' | 'factor' | null;

/** What keeps a sign together that stands on one side of an operator. */
function keeper(operator: ts.SyntaxKind, isRight: boolean): Keep {
	if (operator === K.AsteriskAsteriskToken || (operator === K.SlashToken && isRight))
		return 'whole';
	if (operator === K.AsteriskToken || operator === K.SlashToken) return 'factor';
	return operator === K.MinusToken && isRight ? 'factor' : null;
}

/** The expression as the inside of a template string. */
function textOf(expression: ts.Expression, keep: Keep = null): string {
	const node = bare(expression);
	const put = (code: string) => `\${${keep ? `${keep}(${code})` : `sign(${code})`}}`;
	if (ts.isNumericLiteral(node)) return node.text;
	if (ts.isIdentifier(node)) return put(node.text);
	const source = node.getText();
	if (source === 'Math.PI') return 'π';
	if (/^defaults\.\w+\.value$/.test(source)) return `\${sign(${source})}`;
	if (ts.isCallExpression(node)) {
		const name = calls.get(node.expression.getText());
		if (!name) throw new Error(`No way to write ${source}`);
		return `${name}(${node.arguments.map((one) => textOf(one)).join(', ')})`;
	}
	if (ts.isBinaryExpression(node) && ranks.has(node.operatorToken.kind)) {
		const operator = node.operatorToken.kind;
		const rank = rankOf(operator);
		const side = (child: ts.Expression, isRight: boolean): string => {
			const inner = bare(child);
			const below = ts.isBinaryExpression(inner) ? rankOf(inner.operatorToken.kind) : 9;
			const text = textOf(inner, keeper(operator, isRight));
			const isLoose =
				below < rank ||
				(below === rank &&
					(isRight ? operator !== K.PlusToken && operator !== K.AsteriskToken : rank === 3));
			return isLoose ? `(${text})` : text;
		};
		return `${side(node.left, false)} ${node.operatorToken.getText()} ${side(node.right, true)}`;
	}
	throw new Error(`No way to write ${source}`);
}

/** One `…Relations` object as code that writes them. */
function groupOf(name: string, relations: ts.ObjectLiteralExpression): string {
	const members = relations.properties.map((property) => {
		if (
			!ts.isPropertyAssignment(property) ||
			!ts.isArrowFunction(property.initializer) ||
			ts.isBlock(property.initializer.body)
		)
			throw new Error(`${property.getText()} is no single expression`);
		const { parameters, body } = property.initializer;
		const taken = parameters
			.filter(({ type }) => type?.getText() === 'number')
			.map((parameter) => `${parameter.name.getText()}: Sign`);
		return `${property.name.getText()}: (${taken.join(', ')}) => tidy(\`${textOf(body)}\`)`;
	});
	return `${name}: {\n${members.join(',\n')}\n}`;
}

/** What `written.ts` is to hold, by the relations as they are. */
export async function writtenRelations(root = '.') {
	const groups = [];
	const core = join(root, 'src/lib/core');
	const files = readdirSync(core, { recursive: true, encoding: 'utf8' }).filter((file) =>
		file.endsWith('-relations.ts')
	);
	for (const file of files.sort()) {
		const source = ts.createSourceFile(
			basename(file),
			await readFile(join(core, file), 'utf8'),
			ts.ScriptTarget.Latest,
			true
		);
		for (const statement of source.statements) {
			if (!ts.isVariableStatement(statement)) continue;
			for (const { name, initializer } of statement.declarationList.declarations) {
				const [of] = /^\w+(?=Relations$)/.exec(name.getText()) ?? [];
				if (of && initializer && ts.isObjectLiteralExpression(initializer))
					groups.push(`/** Of ${file}. */\n${groupOf(of, initializer)}`);
			}
		}
	}
	const code = [
		"import { defaults } from '../defaults';",
		"import type { Sign } from './sign';",
		"import { factor, sign, tidy, whole } from './sign';",
		'',
		'/** Every relation of the core as one would write it by hand. Made by `npm run relations`: change the relation. */',
		`export const written = {\n${groups.join(',\n')}\n};`
	].join('\n');
	const options = await prettier.resolveConfig(join(root, writtenFile));
	return prettier.format(code, { ...options, parser: 'typescript' });
}

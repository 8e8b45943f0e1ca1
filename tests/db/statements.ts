// Every statement of the server and the row it promises, read out of the code by the compiler.
import path from 'node:path';
import ts from 'typescript';

/** The kinds of value a column may have in the page's language. */
export type ValueKind = 'number' | 'string' | 'boolean' | 'Date' | 'json' | 'none';

export interface Statement {
	/** File and line. */
	readonly at: string;
	readonly sql: string;
	/** The columns of the row type with their kinds; null for what promises no row. */
	readonly row: Readonly<Record<string, ValueKind>> | null;
}

const verbs = new Set(['one', 'maybeOne', 'many', 'execute']);
const root = process.cwd();

function program(): ts.Program {
	const { config } = ts.readConfigFile('tsconfig.json', ts.sys.readFile.bind(ts.sys));
	const { options } = ts.parseJsonConfigFileContent(config, ts.sys, root);
	const files = ts.sys.readDirectory(path.join(root, 'src/lib/server'), ['.ts'], ['**/*.test.ts']);
	return ts.createProgram([...files, path.join(root, 'src/app.d.ts')], options);
}

/** Every text a template can have: constants and members of closed lists put into it. */
function textsOf(node: ts.Expression, checker: ts.TypeChecker): string[] {
	if (ts.isStringLiteralLike(node)) return [node.text];
	if (ts.isTemplateExpression(node))
		return node.templateSpans.reduce(
			(texts, span) => {
				const values = textsOf(span.expression, checker);
				return texts.flatMap((text) =>
					values.map((value) => `${text}${value}${span.literal.text}`)
				);
			},
			[node.head.text]
		);
	if (ts.isElementAccessExpression(node) && ts.isIdentifier(node.expression)) {
		const declared = checker.getSymbolAtLocation(node.expression)?.valueDeclaration;
		const list = declared && ts.isVariableDeclaration(declared) && declared.initializer;
		if (list && ts.isObjectLiteralExpression(list))
			return list.properties.flatMap((one) =>
				ts.isPropertyAssignment(one) ? textsOf(one.initializer, checker) : []
			);
	}
	if (ts.isIdentifier(node)) {
		const declared = checker.getSymbolAtLocation(node)?.valueDeclaration;
		if (declared && ts.isVariableDeclaration(declared) && declared.initializer) {
			const { initializer } = declared;
			if (ts.isStringLiteralLike(initializer) || ts.isTemplateExpression(initializer))
				return textsOf(initializer, checker);
		}
	}
	const type = checker.getTypeAtLocation(node);
	const members = type.isUnion() ? type.types : [type];
	return members.map((member) => {
		if (member.isStringLiteral() || member.isNumberLiteral()) return String(member.value);
		throw new Error(
			`${node.getSourceFile().fileName}: ${node.getText()} is not from a closed list`
		);
	});
}

function kindOf(type: ts.Type, checker: ts.TypeChecker): ValueKind {
	const parts = (type.isUnion() ? type.types : [type]).filter(
		(part) => !(part.flags & (ts.TypeFlags.Null | ts.TypeFlags.Undefined))
	);
	const kinds = new Set(
		parts.map((part): ValueKind => {
			if (part.flags & ts.TypeFlags.NumberLike) return 'number';
			if (part.flags & ts.TypeFlags.StringLike) return 'string';
			if (part.flags & ts.TypeFlags.BooleanLike) return 'boolean';
			// A string with a brand.
			if (part.isIntersection() && part.types.some((one) => one.flags & ts.TypeFlags.StringLike))
				return 'string';
			return checker.typeToString(part) === 'Date' ? 'Date' : 'json';
		})
	);
	const [kind = 'none'] = kinds;
	return kinds.size > 1 ? 'json' : kind;
}

/** The row that a verb answers with: inside the promise, and inside the list. */
function rowOf(call: ts.CallExpression, checker: ts.TypeChecker): ts.Type | null {
	const [given] = call.typeArguments ?? [];
	return given ? checker.getTypeFromTypeNode(given) : null;
}

/** Whether it is a handle of the database, for a group or for none. */
const isHandle = (node: ts.Node, checker: ts.TypeChecker): boolean =>
	['Db', 'House'].includes(checker.getTypeAtLocation(node).symbol?.name ?? '');

/** Reads all statements that go through the verbs. */
export function readStatements(): Statement[] {
	const all = program();
	const checker = all.getTypeChecker();
	const found: Statement[] = [];
	for (const file of all.getSourceFiles()) {
		if (!file.fileName.startsWith(path.join(root, 'src/lib/server/'))) continue;
		const visit = (node: ts.Node): void => {
			ts.forEachChild(node, visit);
			if (!ts.isCallExpression(node) || !ts.isPropertyAccessExpression(node.expression)) return;
			const verb = node.expression.name.text;
			const [text] = node.arguments;
			if (!verbs.has(verb) || !text || !isHandle(node.expression.expression, checker)) return;
			const { line } = file.getLineAndCharacterOfPosition(node.getStart());
			const at = `${path.relative(root, file.fileName)}:${line + 1}`;
			const row = verb === 'execute' ? null : rowOf(node, checker);
			if (verb !== 'execute' && !row) throw new Error(`${at} does not say what row it promises`);
			const columns =
				row &&
				Object.fromEntries(
					checker
						.getPropertiesOfType(row)
						.map((one) => [one.name, kindOf(checker.getTypeOfSymbolAtLocation(one, node), checker)])
				);
			for (const sql of textsOf(text, checker)) found.push({ at, sql, row: columns });
		};
		visit(file);
	}
	return found;
}

/** Every exported function of the server that takes the handle of a group, as `file function`, as it is written. */
export function functionsOfGroups(): string[] {
	const server = path.join(root, 'src/lib/server');
	const takesHandle = (node: ts.Node | undefined): boolean =>
		node !== undefined &&
		ts.isFunctionLike(node) &&
		node.parameters.some(({ type }) => type?.getText() === 'Db');
	return ts.sys.readDirectory(server, ['.ts'], ['**/*.test.ts']).flatMap((name) => {
		const text = ts.sys.readFile(name) ?? '';
		const file = ts.createSourceFile(name, text, ts.ScriptTarget.Latest, true);
		const place = path.relative(server, name).replace(/\.ts$/, '');
		return file.statements.flatMap((statement) => {
			const isOut =
				ts.canHaveModifiers(statement) &&
				ts.getModifiers(statement)?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword);
			if (!isOut) return [];
			const named = ts.isVariableStatement(statement)
				? statement.declarationList.declarations.map((one) => [one.name, one.initializer] as const)
				: ts.isFunctionDeclaration(statement)
					? [[statement.name, statement] as const]
					: [];
			return named.flatMap(([own, node]) =>
				own && takesHandle(node) ? [`${place} ${own.getText()}`] : []
			);
		});
	});
}

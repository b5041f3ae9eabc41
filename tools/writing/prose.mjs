import ts from 'typescript';

/** Attributes of a component whose text a person reads or hears, however short it is. */
const READ = /^(label|title|says?|hint|placeholder|reads|empty|note|aria-label|aria-description)$/i;

/** What has words in it and is read by a program: CSS, SQL, a media query, a header, a type of file. */
const FOR_PROGRAMS =
	/^(?:select|update|insert|delete|create|drop|begin|listen|pragma)\b(?!.*[.?!]$)|^[<(:#.]|[{}]|;\s*$|=["\\]|^[\w-]+\/[\w+.-]+$|^\w+=|^(?:public|no-store),/i;

/** Keys of a keyboard, methods and headers: one word with a capital, and no label. */
const NAMES =
	/^(?:Home|End|Delete|Backspace|Enter|Escape|Tab|Arrow\w+|Page(?:Up|Down)|Control|Shift|Meta|Alt|Error|Number|String|Authorization|Cache|Content|Ping|Reflect)$/;

/** Whether a text is one a person reads: words with a space between, or one word as a label is written. */
export function isProse(text) {
	if (FOR_PROGRAMS.test(text)) return false;
	if (/^[A-Z][a-z]+[.…?!:,]?$/.test(text)) return !NAMES.test(text.replace(/\W$/, ''));
	const words = text.match(/[A-Za-z’]{2,}/g) ?? [];
	return words.length > 1 && /[A-Za-z’”)}0-9°,;:.] [A-Za-z“({]/.test(text) && /[a-z]{2}/.test(text);
}

/** The same of a text with something to fill in: two words, or one that begins it with a capital or follows what is filled in. */
function isFilledProse(text) {
	const written = text.replace(/\{[^{}]*\}/g, '');
	if (FOR_PROGRAMS.test(written) || !text.includes(' ') || /^\/|^event:/.test(text)) return false;
	const words = written.match(/[A-Za-z’]{2,}/g) ?? [];
	return words.length > 1 || (words.length === 1 && /^[A-Z][a-z]+|^\{[^{}]*\} [a-z]{3,}/.test(text));
}

/** A template as it is read in a list: `${count} problems` is "{count} problems". */
function templateText(node) {
	const name = (expression) => /^[\w.]+$/.exec(expression.getText())?.[0].split('.').at(-1) ?? '…';
	return node.head.text + node.templateSpans.map((span) => `{${name(span.expression)}}${span.literal.text}`).join('');
}

/** Where a text of code is no text for people: a key, what is compared, what a module is called. */
function isForCode(node) {
	const { parent } = node;
	return (
		ts.isImportDeclaration(parent) ||
		ts.isExportDeclaration(parent) ||
		ts.isLiteralTypeNode(parent) ||
		ts.isElementAccessExpression(parent) ||
		ts.isCaseClause(parent) ||
		ts.isTaggedTemplateExpression(parent) ||
		(ts.isPropertyAssignment(parent) &&
			(parent.name === node || /^(testID|role|key|id|code|kind|access|who|for)$/.test(parent.name.getText()))) ||
		(ts.isBinaryExpression(parent) && /[!=]==?|\bin\b/.test(parent.operatorToken.getText())) ||
		(ts.isCallExpression(parent) &&
			/(?:Listener|With|includes|split|join|replace|Item|Compare|Format|querySelector|matches|setHeader|set|raw|test|css|import|log\.\w+)$/.test(
				parent.expression.getText(),
			)) ||
		(ts.isNewExpression(parent) && /Intl|RegExp|Worker|Channel|Decoder|Blob|Error$/.test(parent.expression.getText()))
	);
}

/**
 * The texts of a file that a person reads, each with its line.
 * @returns `{ line, text }` for each, with what is filled in as {name}.
 */
export function proseIn(file, code) {
	const source = ts.createSourceFile(
		file,
		code,
		ts.ScriptTarget.Latest,
		true,
		file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
	);
	const found = [];
	const add = (node, text) =>
		found.push({ line: source.getLineAndCharacterOfPosition(node.getStart()).line + 1, text: text.trim() });
	const visit = (node) => {
		if (ts.isJsxText(node)) {
			if (/[A-Za-z]{2}/.test(node.text)) add(node, node.text.replace(/\s+/g, ' '));
			return;
		}
		if (ts.isJsxAttribute(node) && node.initializer && ts.isStringLiteral(node.initializer)) {
			const { text } = node.initializer;
			const name = node.name.getText();
			if (
				READ.test(name)
					? /[A-Za-z]{2}/.test(text)
					: !/^(testID|id|key|role|style|href|what|content|data-.*)$/.test(name) && isProse(text)
			)
				add(node, text);
			return;
		}
		if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
			if (!isForCode(node) && isProse(node.text)) add(node, node.text);
			return;
		}
		if (ts.isTemplateExpression(node) && !isForCode(node)) {
			const text = templateText(node);
			if (isFilledProse(text)) {
				add(node, text);
				return;
			}
		}
		ts.forEachChild(node, visit);
	};
	visit(source);
	return found;
}

/** The texts of a catalogue, a file of words: all that is in it, whatever it looks like. */
export function wordsIn(file, code) {
	const source = ts.createSourceFile(file, code, ts.ScriptTarget.Latest, true);
	const found = [];
	const visit = (node) => {
		if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) return;
		if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
			const { parent } = node;
			const isCompared = ts.isBinaryExpression(parent) && /[!=]==?/.test(parent.operatorToken.getText());
			if (!isCompared && /[A-Za-z]/.test(node.text)) found.push(node.text.trim());
		} else if (ts.isTemplateExpression(node)) {
			found.push(templateText(node).trim());
			for (const { expression } of node.templateSpans)
				if (ts.isConditionalExpression(expression)) ts.forEachChild(expression, visit);
			return;
		}
		ts.forEachChild(node, visit);
	};
	visit(source);
	return found;
}

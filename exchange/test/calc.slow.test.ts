import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Papa from 'papaparse';
import { markedCsv, markerOf } from '../src/marking';
import { UTF8_MARK, writeSet } from '../src/set';
import { BOOK_SET, keyText } from './sets';

const CALC = '/usr/bin/soffice';

/** LibreOffice Calc is too large to be asked of every machine: where it is not installed, the case is skipped by this name. */
const whereInstalled = existsSync(CALC) ? it : it.skip;

function cells(text: string): readonly (readonly string[])[] {
	return Papa.parse<string[]>(text.replace(/^\uFEFF/u, ''), { skipEmptyLines: true }).data;
}

/** A table as Calc writes it again after it has opened it. */
function throughCalc(csv: string): readonly (readonly string[])[] {
	const folder = mkdtempSync(join(tmpdir(), 'tidy-sum-calc-'));
	try {
		writeFileSync(join(folder, 'table.csv'), csv);
		const out = join(folder, 'out');
		const args = ['--headless', '--convert-to', 'csv', '--outdir', out, join(folder, 'table.csv')];
		spawnSync(CALC, [`-env:UserInstallation=file://${join(folder, 'profile')}`, ...args], { timeout: 120_000 });
		return cells(readFileSync(join(out, 'table.csv'), 'utf8'));
	} finally {
		rmSync(folder, { recursive: true, force: true });
	}
}

describe('a table in a spreadsheet', () => {
	whereInstalled(
		'opens the same in LibreOffice Calc: letters, decimals, leading minus, and nothing runs',
		() => {
			const set = `${writeSet('csv', BOOK_SET).content}`;
			expect(throughCalc(set)).toEqual(cells(set));
			const { mark } = markerOf(BOOK_SET);
			const answers = [
				'-4.0',
				'27.10',
				'1.5e3',
				'3/4',
				'3 1/2',
				'=1+1',
				'@x',
				'+7',
				'15000 min',
				'−40 °C',
				'8.20 × 10³ cm',
			];
			const rows = [...answers, ...BOOK_SET.exercises.map(keyText)].map((answer, i) =>
				mark({ at: i + 2, student: 'Ann', exercise: `${(i % 40) + 1}`, answer, working: '' }),
			);
			const marked = UTF8_MARK + markedCsv(rows);
			expect(throughCalc(marked)).toEqual(cells(marked));
		},
		240_000,
	);
});

import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Key } from 'selenium-webdriver';
import type { Browser } from './browser';
import { clearAway } from './clear-away';
import { FIRST_DAY, L, skillNamed, titleOf } from './labels';
import { byId, factOf, numberAt, offerOf, unitAt, wayOf, withBelow } from './parts';
import { check, place, WORKED, workThrough, write } from './work-through';

/** A file of exercises with a row that cannot be read, and the answers of a class. */
const FOLDER = mkdtempSync(join(tmpdir(), 'tidy-sum-sight-'));
const EXERCISES = join(FOLDER, 'exercises.csv');
const ANSWERS = join(FOLDER, 'answers.csv');
writeFileSync(
	EXERCISES,
	'prompt,start,wanted\n"A gust of 26.0 mi/h, in ft/s.",26.0 mi/h,ft/s\n,3 kg,m\nRope.,8.75 ft,ft and in\n',
);
writeFileSync(ANSWERS, 'student,exercise,answer\nAnn,wind-gust,27.1 ft/s\nBen,2,27.13 ft/s\nCy,flight,3 m\n');

/** Takes the files away that these walks bring. */
export function clearFiles(): void {
	clearAway(FOLDER);
}

/** A walk through states of the app: `look` is called in each, with what it is. */
export type Walk = {
	readonly browser: Browser;
	/** The address of the running whole. */
	readonly url: string;
	readonly look: (state: string) => Promise<void>;
};

/** The pages of the Shelf, in states that fill them, and what is there once they are drawn. */
const SHELF_STATES: readonly (readonly [string, string])[] = [
	['', 'Ladder'],
	['/facts?search=mile', '1 mi = 5280 ft'],
	['/facts?search=zzqx', 'zzqx'],
	['/ladder?value=40.25%20cm%5E2&to=km%5E2', 'powers of ten'],
	['/ladder?value=2.5%20km&to=Qm&hide=1', '? Qm'],
	['/ladder?value=40%20ft&to=m', 'takes no prefix'],
	['/temperature?number=12.5&unit=%C2%B0C&until=31&range=1', 'For a difference you only multiply'],
	['/temperature?number=-500&unit=%C2%B0F', 'below absolute zero'],
	['/mixed?text=100000.5%20s&measure=time', '= 1 d 3 h 46 min'],
	['/mixed?text=8%20ft%209%20in&measure=length', 'Together'],
	['/figures?number=0.00820100', '6 figures count'],
	['/figures?number=4500', '2 figures, or up to 4'],
	['/rate?from=1.25%20mg/(kg%C2%B7min)&to=%C2%B5g/(lb%C2%B7h)', '= '],
	['/sense?value=6.02e23%20kg', '6.02'],
];

const SHEET = '1. Write 3.6 m/s in km/h.\n2. How long does a tank last?\n3. 14 ft to yd';

/** Shows each state of what is brought in turn. */
async function eachBrought({ browser, url, look }: Walk): Promise<void> {
	const bring = async (text: string) => {
		await browser.driver.get(`${url}/bring`);
		await browser.write(L.bringText, text);
	};
	await browser.driver.get(`${url}/bring`);
	await browser.find(L.bringText);
	await look('nothing brought yet');
	await bring('12 jars go to a crate. How many jars are in 36 crates? Round to 3 s.f. The sled takes 250 kg.');
	await browser.find('12 jars');
	await look('a problem that is read');
	await browser.press('12 jars');
	await look('a token that is touched');
	await browser.press(L.roleSpare, L.fillIn);
	await browser.find(L.ownStart);
	await look('a problem filled in directly');
	await bring('One tank holds 5 L and the other 7 L.');
	await browser.find(byId('question'));
	await look('a question that is open');
	await bring(SHEET);
	await browser.sees('3 problems found');
	await look('a page of problems');
	await browser.press(L.toSheet, L.moreOf2, L.sheetRename, L.handOn);
	await browser.find(byId('hand-on-link'));
	await look('a sheet');
	await browser.press(L.sheetHandIn);
	await browser.sees('Not done yet');
	await look('a sheet handed in');
	await browser.driver.get(`${url}/bring`);
	await browser.give(L.bringFile, EXERCISES);
	await browser.find(L.fileKeep);
	await look('a file of exercises, before anything is kept');
	await browser.press(L.fileKeep, L.take, L.takeQti);
	await browser.sees('Saved as');
	await look('a sheet taken along');
	await browser.driver.get(`${url}/marking`);
	await browser.find(L.markingFromBook);
	await look('answers to be marked');
	await browser.press(L.markingFromBook);
	await browser.give(L.markingAnswers, ANSWERS);
	await browser.press(L.markingStart);
	await browser.find(L.take);
	await look('what came of a class’s answers');
	await browser.driver.get(`${url}/specimen`);
	await browser.find(L.specimenTable);
	await look('every component in every state');
	await browser.driver.get(`${url}/record`);
	await browser.sees('exercises worked');
	await look('the Record');
	await browser.driver.get(`${url}/replay/wind-gust`);
	await browser.sees('A gust at the mast');
	await look('nothing to replay yet');
	await browser.driver.get(`${url}/working/wind-gust`);
	await browser.write(L.workingText, '18.5 mi/h × 5280 ft / 1 mi = 97680 ft/h × 3600 s / 1 h = 27.1 ft/s');
	await browser.press(L.besideKey, L.workingCheck);
	await browser.sees('This may be why');
	await look('a working');
	await browser.press(L.workingToDesk);
	await browser.find(L.line);
	await browser.driver.get(`${url}/replay/wind-gust`);
	await browser.press(L.replayBack, L.replayNumbers, L.replayLarge);
	await look('a replay');
}

/** Opens the desk a link leads to, and waits until it is shown. */
async function openLink(browser: Browser): Promise<void> {
	await browser.press(L.linkOpen);
	await browser.driver.wait(async () => !(await browser.driver.getCurrentUrl()).includes('desk='), 8000);
}

/** Shows the keys of a desk, joining another one, and a line shown by a link. */
async function eachOfDesks({ browser, url, look }: Walk): Promise<void> {
	await browser.go(`${url}/desk/honey-jar`);
	await place(browser, WORKED['honey-jar']?.blocks[0] as never);
	await browser.sent();
	await browser.driver.get(`${url}/replay/honey-jar`);
	await browser.press(L.makeLook);
	const link = await browser.text(byId('look-link'));
	await look('a link to look at');
	await browser.driver.get(`${url}/desks`);
	await browser.press(L.makeCode, L.makeSheet, L.eraseDesk);
	for (const target of [L.codeQr, byId('recovery-sheet'), L.takeBack1, byId('device-2')]) await browser.find(target);
	await look('desks and devices');
	await browser.driver.get(`${url}/class`);
	await browser.find(L.classMake);
	await look('no class yet');
	await browser.write(L.classCode, 'ABC');
	await browser.press(L.classJoin);
	await browser.sees('A code has eight');
	await look('a code of a class that is none');
	await browser.write(L.classTitle, '8b');
	await browser.press(L.classMake);
	await browser.find(byId('class-qr'));
	await look('a class nobody has joined');
	await browser.driver.get(`${url}/join`);
	await browser.write(L.joinCode, 'ABC O');
	await browser.press(L.joinGo);
	await browser.sees('A code never has');
	await look('a code that is none');
	await browser.driver.get(link);
	await browser.sees('Someone shared this line with you');
	await look('a line that is shown');
	await browser.driver.get(`${url}/look#nothing`);
	await browser.sees('nothing to see here');
	await look('a link that shows nothing');
}

/** Shows Today, the settings and each part of the Record: on the first day, and after a term. */
async function eachDay({ browser, url, look }: Walk): Promise<void> {
	await browser.driver.get(`${url}/desks`);
	await browser.press(L.beginDesk);
	await browser.sees(FIRST_DAY);
	await look('the first day');
	await browser.press(L.beginGuided);
	await browser.sees('1 of 3');
	await look('the first line, together');
	await browser.driver.get(`${url}/settings`);
	await browser.sees('pieces of work');
	await look('the settings');
	await eachOfDesks({ browser, url, look });
	await browser.driver.get(`${url}/?desk=fennel-ridge-term`);
	await openLink(browser);
	await browser.find(L.beginDue);
	await look('Today after a term');
	await browser.press(L.toRecord, skillNamed('one-prefix'), L.weeksAsTable);
	await look('a skill week by week, and as a table');
	await browser.press(L.recordSlips, L.slipTimesAsTable);
	await look('a slip over time');
	await browser.press(L.recordTime, L.timesAsTable);
	await look('the times');
	await browser.press(L.recordDue, L.dueAsTable);
	await look('what is due');
	await browser.press(L.recordEverything);
	await browser.find(L.everything);
	await look('all work');
}

/** Shows each state of the Desk in turn. */
export async function eachState(walk: Walk): Promise<void> {
	const { browser, url, look } = walk;
	await browser.go(`${url}/desk/new-snow`);
	await look('the start');
	await browser.press(unitAt('in', 'top'), factOf('1in=2.54cm'));
	await look('facts');
	await browser.press(withBelow('cm'));
	await look('an upside-down factor');
	await browser.press(L.turn, L.steps);
	await look('the numbers step by step');
	await browser.driver.actions().sendKeys(Key.ESCAPE).perform();
	await browser.driver.actions().sendKeys('n').perform();
	await browser.press(L.nudgeMore);
	await look('a hint');
	await browser.driver.actions().sendKeys('?').perform();
	await browser.find(L.keys);
	await look('the keys');
	await browser.press(L.toolAnswer, L.check);
	await look('an empty answer');
	await browser.press(L.wayOut);
	await browser.find(L.problemsSearch);
	// On a wide screen this choice is always in view.
	if (await browser.has(byId('choose'))) await browser.press(L.howFar);
	await look('the problems');
	await browser.press(titleOf('nutrient-tank'));
	await browser.sees('concentrate');
	await workThrough(browser, 'nutrient-tank');
	await look('a verdict');
	await browser.press(L.changeAnswer);
	await write(browser, '3 kg');
	await check(browser);
	await browser.press(L.showWorked);
	await browser.sees('Start with');
	await look('the worked line');
	await browser.press(L.openBeside);
	await browser.find(L.besideAnew);
	await look('side by side');
	await browser.press(L.toolLine);
	await look('what you can do with the line');
	await browser.press(L.lineTake);
	await look('a result to take on');
	await browser.press(L.toolLine, L.lineCalculator, L.takeLine);
	await look('the calculator');
	await browser.press(L.toolFacts, L.searchAll, L.addFact);
	await look('a search, and a fact of one’s own');
	await browser.press(L.writeBlock);
	await look('a factor to write');
	await browser.press(numberAt('start', 'top'));
	await look('the start');
	await browser.go(`${url}/desk/honey-crates`);
	await look('quantities without a place');
	await browser.press(L.roleStart, L.roleFact, L.roleFact, 'jar');
	await look('a unit that is not wanted');
	await browser.go(`${url}/desk/glasshouse-noon`);
	await browser.press(L.toolFacts, L.addStep);
	await look('a step written by hand');
	await browser.press(L.undo, unitAt('°F', 'top'), offerOf('zero-°C-°F'));
	await look('where the zeros of two scales stand');
	await browser.press(wayOf(0));
	await browser.find(L.scalesAlong);
	await look('a shift the wrong way, with the scales');
	await browser.go(`${url}/desk/roof-beam`);
	await browser.press(unitAt('ft', 'top'), offerOf('aside-ft-ft'));
	await browser.find(L.partsAlong);
	await look('whole ones set aside');
	await browser.go(`${url}/desk/shelf-plank`);
	await browser.press('7 ft', offerOf('term-7-ft'));
	await look('a part put beside the line');
	await browser.go(`${url}/desk/glasshouse-noon`);
	await browser.press(L.toolLine, L.lineHandIn, L.copyText);
	await look('the page to hand in');
	await browser.go(`${url}/desk/own-seen`);
	await browser.find(L.ownStart);
	await look('a problem of one’s own');
	for (const [path, says] of SHELF_STATES) {
		await browser.open(`${url}/shelf${path}`);
		await browser.sees(says);
		await look(`the Shelf at ${path}`);
	}
	await browser.driver.get(`${url}/rounds`);
	await browser.find(L.beginRound);
	await look('the Rounds');
	await browser.press(L.byCode);
	await browser.write(L.roundCode, '4k7m-9ae');
	await browser.keys(Key.ENTER);
	await look('a code that is none');
	await browser.driver.get(`${url}/round/910kh26fgh?desk=fennel-ridge-demo`);
	await browser.find(L.linkStay);
	await look('a link that leads to another desk');
	await openLink(browser);
	await browser.find(L.shortRound);
	await look('how a Round went');
	await browser.driver.get(`${url}/round/nothing`);
	await browser.find(byId('round-fault'));
	await look('no Round');
	await eachBrought(walk);
	await eachDay(walk);
}

/** The states in which a page may grow too wide, or a button too small. */
export async function eachNarrowState(walk: Walk): Promise<void> {
	const { browser, url, look } = walk;
	await browser.go(`${url}/desk/new-snow`);
	await look('the start');
	for (const block of WORKED['new-snow']?.blocks ?? []) {
		await browser.press(L.toolFacts);
		await look('facts');
		await place(browser, block);
	}
	await look('a line of three factors');
	await browser.press(L.toolAnswer);
	await look('the answer');
	await browser.press(L.toolLine);
	await look('what you can do with the line');
	await browser.press(L.lineCalculator);
	await look('the calculator');
	await browser.press(L.toolFacts, L.writeBlock);
	await look('a factor to write');
	await browser.press(L.toolLine, L.lineHandIn);
	await look('the page to hand in');
	await browser.go(`${url}/desk/honey-crates`);
	await look('quantities to place');
	await browser.go(`${url}/desk/own-seen`);
	await look('a problem of one’s own');
	for (const [path, says] of SHELF_STATES) {
		await browser.open(`${url}/shelf${path}`);
		await browser.sees(says);
		await look(`the Shelf at ${path}`);
	}
	await browser.driver.get(`${url}/rounds`);
	await browser.find(L.beginRound);
	await look('the Rounds');
	await browser.driver.get(`${url}/round/910kh26fgh?desk=fennel-ridge-demo`);
	await browser.find(L.linkStay);
	await look('a link that leads to another desk');
	await openLink(browser);
	await browser.find(L.shortRound);
	await look('how a Round went');
	await browser.press('5. A rate, both ends');
	await browser.find(L.problem);
	await look('an exercise of a Round');
	await eachBrought(walk);
	await eachDay(walk);
}

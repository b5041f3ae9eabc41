import { countOf } from '@tidy-sum/core';

export const classes = 'Classes';

export const aSeatInAClassOrOneYouTeach =
	'Join your teacher’s class, or make one for your students. Nobody needs an account.';

export const today = 'Today';

export const yourSeats = 'Your seats';

export const youAre = (says: string): string => `You are ${says}.`;

export const joinAClass = 'Join a class';

export const classCode = 'The code of the class, from your teacher';

export const codeLooksLike = 'such as 4K7M 9AEW';

export const join = 'Join';

export const whatYourClassSees =
	'Your class sees each answer you check in its sheets, with its line and the time. It sees nothing else: not your other work, not what you did before you joined, and not your name.';

export const joining = 'One moment…';

export const aCodeHasEightSigns = 'A code has eight letters and digits. It never has an I, O, 0 or 1.';

export const teachAClass = 'Teach a class';

export const nameOfTheClass = 'What you call the class';

export const classNameLooksLike = 'such as 8b';

export const makeAClass = 'Make a class';

export const giveTheClassAName = 'Give the class a name first.';

export const classesYouTeach = 'Classes you teach';

export const openTheClass = 'Open it to see its code, its sheets and its table.';

export const nothingHandedOutYet =
	'Nothing is handed out yet. What your teacher hands out comes here and to Today by itself.';

export const handedOut = 'Handed out';

export function sheetSays(right: number, count: number, due: string | null): string {
	return `${right} of ${count} right${due ? `, due ${due}` : ''}`;
}

export const allSent = 'Everything you checked is sent.';

export function answersWait(count: number): string {
	return `${countOf(count, 'answer')} ${count === 1 ? 'waits' : 'wait'} for the network. Keep working: they are sent by themselves.`;
}

export const seatIsShut =
	'This seat no longer opens the class. Your work stays on your desk. Ask your teacher for the code to join again.';

export const leaveTheClass = 'Leave the class';

export const leaveAndTakeBack = 'Leave and take back what I sent';

export const leaveQuestion = 'Leave the class? What you sent stays with it. Your own work stays on your desk.';

export const takeBackQuestion = 'Leave the class and delete what you sent there? Your own work stays on your desk.';

export const leave = 'Leave';

export const stay = 'Stay';

export const notInThisClass = 'This desk is not in this class. Join it with its code, or open the desk that is in it.';

export const allClasses = 'All classes';

export const howStudentsJoin = 'How students join';

export const studentsJoinWithThisCode = (origin: string): string => `Students open ${origin}/class and type this code.`;

export const codeAsAPicture = 'The way to join as a picture for a camera';

export const copyTheLink = 'Copy a link to join';

export const linkCopied = 'The link is copied.';

export const linkShown = 'The link to join:';

export const newCode = 'Make a new code';

export const closeTheClass = 'Let nobody else join';

export const openTheDoor = 'Let students join';

export const nobodyCanJoin = 'Nobody can join now. Those who have a seat keep it.';

export const handASheetOut = 'Hand a sheet out';

export const bringASheetFirst =
	'You have no sheet yet. Bring problems or a file of exercises first, then hand them out here.';

export const bringProblems = 'Bring problems';

export const whichSheet = 'Which sheet?';

export const dueWhen = 'Due';

export const DUE_CHOICES = [
	{ value: '0', label: 'no date' },
	{ value: '1', label: 'tomorrow' },
	{ value: '3', label: 'in 3 days' },
	{ value: '7', label: 'in a week' },
	{ value: '14', label: 'in 2 weeks' },
] as const;

export function cannotBeChecked(labels: string): string {
	return `Look at these first: ${labels}. They do not say yet what is wanted, so no answer to them can be checked.`;
}

export const handItOut = 'Hand it out';

export const handedOutNow = 'It is handed out. Students see it when they next open Tidy Sum.';

export function handedSays(count: number, due: string | null): string {
	return `${countOf(count, 'exercise')}${due ? `, due ${due}` : ', no date'}`;
}

export const takeItBack = 'Take it back';

export const takeItBackQuestion =
	'Take this sheet back? The answers sent for it are deleted here. Students keep it on their desks.';

export const takeBack = 'Take back';

export const keepIt = 'Keep it';

export const theTable = 'The table';

export const nobodyHasJoined = 'Nobody has joined yet. Show your students the code.';

export const handOutFirst = 'Hand a sheet out, and its table is drawn here.';

export const sortBy = 'In the order of';

export const SORTS = [
	{ value: 'seat', label: 'seat' },
	{ value: 'name', label: 'name' },
	{ value: 'lost', label: 'most lost' },
] as const;

export function rowSays(right: number, atOnce: number, lost: number, count: number): string {
	const blank = count - right - lost;
	const parts = [
		`${right} of ${count} right${right ? ` (${atOnce} at once)` : ''}`,
		lost ? `${lost} not right` : '',
		blank ? `${blank} not tried` : '',
	];
	return parts.filter(Boolean).join(', ');
}

export const seatWithName = (says: string, name: string): string => (name ? `${says}, ${name}` : says);

export const nameHere = 'Name, on this device only';

export const nameLooksLike = 'never sent';

export const removeTheSeat = 'Remove this seat';

export const removeQuestion = 'Remove this seat and everything sent from it?';

export const remove = 'Remove';

/** An exercise by its label and its first words: "3. Write 454 g in kg."; its number alone until its text is read. */
export function exerciseCalled(label: string, text: string): string {
	return text ? `${label}. ${text}` : `Exercise ${label}`;
}

export const WENT: Readonly<Record<string, string>> = {
	'at-once': 'right at once',
	'after-nudge': 'right, after a hint',
	uncovered: 'right, after a look at a covered number',
	'after-try': 'right, later',
	shown: 'right, after the worked line was shown',
	'not-yet': 'not right yet',
	untouched: 'not tried',
};

export function wentWith(went: string, tries: number, slip: string): string {
	const said = WENT[went] ?? '';
	const counted = tries > 1 ? `, ${countOf(tries, 'try', 'tries')}` : '';
	return `${said}${counted}${slip ? `: ${slip}` : ''}`;
}

export const allSeats = 'All seats';

export const byExercise = 'By exercise';

export const mostLostFirst = 'most lost first';

export function exerciseSays(right: number, lost: number, blank: number, slip: string): string {
	const parts = [`${right} right`, `${lost} not right`, `${blank} not tried`];
	return `${parts.join(', ')}${slip ? `. Most common: ${slip}` : ''}`;
}

export const eraseTheClass = 'Erase the class';

export const eraseQuestion =
	'Erase the class with its seats, its sheets and all answers sent to it? This cannot be undone.';

export const erase = 'Erase';

export const classErased = 'This class was erased.';

export const theServerIsAway =
	'The server cannot be reached. The table may be out of date; it comes up to date by itself.';

export const loading = 'Loading the class…';

export const endOfTheClass = 'When the class is over';

export const changeTheFact = 'Change the fact';

export const yourOwnFactSuchAsBaleKg = 'Your own fact, such as 1 bale = 9.5 kg';

export function is(left: string, right: string): string {
	return `${left} is ${right}`;
}

export const itIs = 'It is';

export const keepTheChange = 'Keep the change';

export const keepIt = 'Keep it';

export const whichGoesOnTheBottom = 'Which goes on the bottom?';

export const writeTheFactAs = 'Write the fact as';

export function place(factor: string): string {
	return `Place ${factor}`;
}

export const tablesYourClassUses = 'Tables your class uses';

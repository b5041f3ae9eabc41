export const thisPageCannotBeShown = 'This page cannot be shown';

export const partOfThisPageFailedYour =
	'Part of this page failed. Your saved work is safe, and everything else still works.';

export const tryAgain = 'Try again';

export const today = 'Today';

export const problems = 'Problems';

export const ifThisHappensAgainSaveAll =
	'If this happens again, save all your work as a file in Settings and show it to your teacher.';

export const notHere = 'Not here';

export const checkTheAddressALetterMay = 'Check the address. A letter may be missing. All your work is still there.';

export const oneMoment = 'One moment';

export const places = 'Main pages';

export const rounds = 'Rounds';

export const shelf = 'Shelf';

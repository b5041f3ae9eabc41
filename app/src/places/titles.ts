export const unitConversionWorkedStepBy =
	'Unit conversion worked step by step: chain factors, cancel units, keep the right figures.';

export const tidySumRunsOnYourDeviceAnd = 'Tidy Sum runs on your device and needs JavaScript. Please turn it on.';

export const thereIsNoPageAtThisAddress = 'There is no page at this address.';

export const oneMoment = 'One moment';

export const bringAProblem = 'Bring a problem';

export const desksAndDevices = 'Desks and devices';

export const today = 'Today';

export const joinADesk = 'Join a desk';

export const classes = 'Classes';

export const aClass = 'Class';

export const specimen = 'Specimen';

export const markAClasssAnswers = 'Mark a class’s answers';

export const problems = 'Problems';

export const theRecord = 'The Record';

export const rounds = 'Rounds';

export const settings = 'Settings';

export const shelf = 'Shelf';

export const specimen = 'Specimen';

export const eachPartInEachState =
	'Every component of ours in every state. It is for whoever builds the app; nothing here does anything.';

export const type = 'Type';

export const colours = 'Colours';

export const buttons = 'Buttons';

export const tokens = 'Units and fractions';

export const progress = 'Progress';

export const choices = 'Choices';

export const fields = 'Fields';

export const lists = 'Lists and tables';

export const says = 'What is said';

export const sizeOf = (name: string, pixels: number): string => `${name}, ${pixels}: 27.1 ft/s`;

export const kindOf = (kind: string): string => `${kind} button`;

export const kindOn = (kind: string): string => `${kind}, on`;

export const kindOff = (kind: string): string => `${kind}, not now`;

export const withItsKey = 'Check';

export const beside = 'what it does';

export const mustGo = 'must still go';

export const wanted = 'is wanted';

export const cancelled = 'cancelled';

export const nothing = 'nothing';

export const socketsSay = 'Three right, one begun, one to look at, two to come';

export const aWeek = 'Sockets on their bar';

export const fromOverTo = 'A start over what is wanted, open and done';

export const parts = 'How answers went: 6 right, 3 with help, 1 not right';

export const inRows = 'In rows';

export const inARow = 'In a row';

export const inAColumn = 'In a column';

export const one = 'one';

export const two = 'two';

export const three = 'three';

export const empty = 'An empty field';

export const filled = 'A filled field';

export const faulty = 'A field with a fault';

export const faultSays = 'Here a number should come first.';

export const placeholder = 'such as 3.2 km';

export const reads = 'reads as 3.2 km';

export const aRow = 'A gust at the mast';

export const rowSays = 'one rate · not started';

export const doneSays = 'one rate · right';

export const folded = 'A fold';

export const foldSays = 'with what it holds in a few words';

export const inTheFold = 'What is behind the touch.';

export const aTable = 'A table';

export const heads = ['Exercise', 'Answer', 'Went'] as const;

export const tableRows = [
	['A gust at the mast', '27.1 ft/s', 'right'],
	['454 g', '0.454 kg', 'right at once'],
	['A very long title of an exercise that needs two rows', '1 234 567.890 µg/(kg·min)', 'not right'],
] as const;

export const aNotice = 'A notice says what happened and what to do next.';

export const askFirst = 'Erase it';

export const question = 'Erase it for good?';

export const yes = 'Erase';

export const no = 'Keep it';

export const aPanel = 'A panel';

export const inThePanel = 'A panel holds what one works with, on a ground of its own.';

export const feet = '5280 ft';

export const mile = '1 mi';

export const dose = '1.25 mg';

export const massTime = '1 kg · min';

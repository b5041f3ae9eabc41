/** What is said of pictures, PDFs and Word files that are read. */

export const thisPdfHasAPassword = 'This PDF has a password. Save a copy without the password, and bring that.';

export const thisPdfIsDamaged =
	'This PDF is damaged and cannot be read. Save it again where you have it from, and bring the new copy.';

export const thisWordFileIsDamaged =
	'This Word file cannot be read. Open it in the program it was written with, save it again as .docx, and bring that.';

export const thisPictureIsDamaged =
	'This picture is damaged and cannot be read. Take it again, or save it again as JPEG or PNG.';

export const thisIsAHeicPicture =
	'This is a HEIC picture, which cannot be drawn here. Open it on the phone, save or export it as JPEG, and bring that.';

export const thisIsAnOldWordFile = 'This is a Word file of the old kind. Save it as .docx and bring that.';

export const thisIsADrawing = 'This is an SVG drawing, which is not read. Save it as a PNG picture and bring that.';

export const thisIsNoPage = 'This file is not a picture, a PDF or a Word file.';

export const thereIsNothingToReadOnIt =
	'There is no writing to read on this page. Take the picture again, closer and in better light, or type the problem.';

export const onlyTheFirstPagesWereRead = (read: number, all: number): string =>
	`Only the first ${read} of ${all} pages were read.`;

export const equationsAreLeftOut = 'This file has equations. They cannot be read, so please add them by hand.';

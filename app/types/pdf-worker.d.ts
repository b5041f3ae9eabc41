/** The half of pdfjs-dist that reads: it is run where the page is, and has no types of its own. */
declare module 'pdfjs-dist/legacy/build/pdf.worker.mjs';

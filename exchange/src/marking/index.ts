export * from '../charts';
export { tableText as tableLines } from '../set/table';
export * from './answers';
export * from './mark';
export * from './marked-csv';
export * from './points';
export * from './report';
export { reportHtml } from './report-html';

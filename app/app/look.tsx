export { LookScreen as default } from '../src/replay/look-screen';

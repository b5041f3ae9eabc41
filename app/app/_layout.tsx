export { AppFrame as default } from '../src/app-frame';

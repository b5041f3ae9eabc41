export { DesksScreen as default } from '../src/desks/desks-screen';

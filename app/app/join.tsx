export { JoinScreen as default } from '../src/desks/join-screen';

import { later } from '../../src/ui/later';

export default later(async () => (await import('../../src/bring/later')).BringScreen);

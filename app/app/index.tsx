import { later } from '../src/ui/later';

export default later(async () => (await import('../src/today/today-screen')).TodayScreen);

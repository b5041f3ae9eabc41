import { later } from '../src/ui/later';

export default later(async () => (await import('../src/record/record-screen')).RecordScreen);

import { later } from '../src/ui/later';

export default later(async () => (await import('../src/settings/settings-screen')).SettingsScreen);

import { z } from 'zod';

// Its compiled readers need `new Function`, which the app's pages forbid; asking for it in vain is reported as a fault.
if ('document' in globalThis || 'importScripts' in globalThis) z.config({ jitless: true });

export { z };

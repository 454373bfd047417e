import { createApp } from './src/server/app.ts';
const app = await createApp('/tmp/mirror'); await app.listen({ port: 4391, host: '127.0.0.1' });

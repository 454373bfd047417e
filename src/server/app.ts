import { join } from 'node:path';
import compress from '@fastify/compress';
import helmet from '@fastify/helmet';
import fastifyStatic from '@fastify/static';
import fastify, { type FastifyInstance } from 'fastify';
import { CONTENT_POLICY } from './policy.ts';

const YEAR_S = 31_536_000;

/** Serves a build: strict headers, compression, hashed files cached for a year, every other path to the one page. */
export async function createApp(distDir: string): Promise<FastifyInstance> {
  const app = fastify({ forceCloseConnections: true });
  await app.register(helmet, {
    contentSecurityPolicy: { useDefaults: false, directives: CONTENT_POLICY },
    strictTransportSecurity: false,
  });
  await app.register(compress, { encodings: ['br', 'gzip'], threshold: 1024 });
  await app.register(fastifyStatic, {
    root: distDir,
    cacheControl: false,
    setHeaders: (reply, path) => {
      const isHashed = path.startsWith(join(distDir, 'assets'));
      reply.header('cache-control', isHashed ? `public, max-age=${YEAR_S}, immutable` : 'no-cache');
    },
  });
  app.setNotFoundHandler((request, reply) => {
    const isPage = request.method === 'GET' && !/\.[a-z0-9]+$/i.test(request.url.split('?')[0]!);
    if (isPage) return reply.header('cache-control', 'no-cache').sendFile('index.html');
    return reply.code(404).type('text/plain').send('Not found\n');
  });
  return app;
}

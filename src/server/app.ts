import { join } from 'node:path';
import helmet from '@fastify/helmet';
import fastifyStatic from '@fastify/static';
import fastify, { type FastifyInstance, type FastifyReply } from 'fastify';
import { ALWAYS, CONTENT_POLICY } from './policy.ts';
import { scaleStandIn } from './standins/scale.ts';
import { supplierStandIn } from './standins/supplier.ts';

const YEAR_S = 31_536_000;

/** Nothing that is sent to this server is larger than a page of text, or takes longer than this to arrive. */
const MAX_BODY_BYTES = 64 * 1024;
const REQUEST_TIMEOUT_MS = 10_000;
const IDLE_TIMEOUT_MS = 20_000;
/** Beyond this many connections new ones are refused at once, so that those that are open are served. */
const MAX_CONNECTIONS = 4_000;

/**
 * Serves a build: strict headers, files as they were compressed when they were built, hashed ones cached for a year,
 * every other path to the one page. HEAD answers like GET. The stand-ins for a scale and a shop are under `/stand-ins`.
 */
export async function createApp(distDir: string): Promise<FastifyInstance> {
  const app = fastify({
    forceCloseConnections: true,
    bodyLimit: MAX_BODY_BYTES,
    requestTimeout: REQUEST_TIMEOUT_MS,
    connectionTimeout: IDLE_TIMEOUT_MS,
    frameworkErrors: (error, _request, reply) => {
      const answer = reply as FastifyReply;
      void answer
        .code(error.statusCode ?? 400)
        .headers(ALWAYS)
        .type('text/plain')
        .send(`${error.message}\n`);
    },
    clientErrorHandler: (error, socket) => {
      if (error.code === 'ECONNRESET' || !socket.writable) return socket.destroy();
      const status = error.code === 'ERR_HTTP_REQUEST_TIMEOUT' ? '408 Request Timeout' : '400 Bad Request';
      const headers = Object.entries({ ...ALWAYS, connection: 'close', 'content-length': '0' });
      return socket.end(`HTTP/1.1 ${status}\r\n${headers.map(([k, v]) => `${k}: ${v}\r\n`).join('')}\r\n`);
    },
  });
  app.server.maxConnections = MAX_CONNECTIONS;
  app.addHook('onRequest', async (_request, reply) => {
    reply.headers(ALWAYS);
  });
  await app.register(helmet, {
    contentSecurityPolicy: { useDefaults: false, directives: CONTENT_POLICY },
    strictTransportSecurity: false,
  });
  await app.register(fastifyStatic, {
    root: distDir,
    cacheControl: false,
    preCompressed: true,
    setHeaders: (reply, path) => {
      const isHashed = path.startsWith(join(distDir, 'assets'));
      reply.header('cache-control', isHashed ? `public, max-age=${YEAR_S}, immutable` : 'no-cache');
      reply.header('vary', 'accept-encoding');
    },
  });
  await scaleStandIn(app);
  await supplierStandIn(app);
  app.setNotFoundHandler((request, reply) => {
    const isRead = request.method === 'GET' || request.method === 'HEAD';
    if (isRead && !/\.[a-z0-9]+$/i.test(request.url.split('?')[0]!)) return reply.sendFile('index.html');
    return reply.code(404).type('text/plain').send('Not found\n');
  });
  return app;
}

import { fileURLToPath } from 'node:url';
import fastifyStatic from '@fastify/static';
import type { FastifyInstance } from 'fastify';
import { seeded } from '../../core/random.ts';

/** Grams that lie on the pan, and what lay there before. */
export interface Pan {
  readonly grams: number;
  readonly beforeGrams: number;
  readonly changedAt: number;
}

export const MOST_GRAMS = 5000;
const EVERY_MS = 200;
/** After a change the pan swings for a while, as one on a spring does. */
const SWING = { share: 0.4, mostGrams: 40, fadeMs: 450, periodMs: 380 };
/** A kitchen scale is never quite still, in grams. */
const NOISE_G = 0.15;

/** What the scale shows of a pan at a moment: its load, a swing that fades, and a little unrest, to a tenth of a gram. */
export function shown(pan: Pan, now: number, uniform: () => number): number {
  const passed = Math.max(0, now - pan.changedAt);
  const swing = Math.min(SWING.mostGrams, Math.abs(pan.grams - pan.beforeGrams) * SWING.share);
  const value =
    pan.grams +
    swing * Math.exp(-passed / SWING.fadeMs) * Math.cos((2 * Math.PI * passed) / SWING.periodMs) +
    NOISE_G * (uniform() + uniform() - 1);
  return Math.round(value * 10) / 10;
}

/**
 * A stand-in for a kitchen scale: a page with weights to put on a pan at `/stand-ins/scale/`, and what the scale shows, five times a second, as
 * server-sent events at `/stand-ins/scale/live`. A real scale would send the same events.
 */
export async function scaleStandIn(app: FastifyInstance): Promise<void> {
  let pan: Pan = { grams: 0, beforeGrams: 0, changedAt: 0 };
  const uniform = seeded(17);
  await app.register(fastifyStatic, {
    root: fileURLToPath(new URL('./pan', import.meta.url)),
    prefix: '/stand-ins/scale/',
    decorateReply: false,
    cacheControl: false,
  });
  app.post(
    '/stand-ins/scale/pan',
    {
      schema: {
        body: {
          type: 'object',
          required: ['grams'],
          additionalProperties: false,
          properties: { grams: { type: 'number', minimum: 0, maximum: MOST_GRAMS } },
        },
      },
    },
    async (request) => {
      const { grams } = request.body as { grams: number };
      pan = { grams, beforeGrams: pan.grams, changedAt: Date.now() };
      return { grams };
    },
  );
  app.get('/stand-ins/scale/live', (request, reply) => {
    reply.hijack();
    const { raw } = reply;
    for (const [name, value] of Object.entries(reply.getHeaders()))
      if (value !== undefined) raw.setHeader(name, value);
    raw.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-store' });
    const send = () => {
      const now = Date.now();
      raw.write(`data: ${JSON.stringify({ grams: shown(pan, now, uniform), at: now })}\n\n`);
    };
    send();
    const timer = setInterval(send, EVERY_MS);
    request.raw.on('close', () => clearInterval(timer));
    raw.on('error', () => clearInterval(timer));
  });
}

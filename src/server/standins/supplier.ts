import type { FastifyInstance } from 'fastify';
import { PALETTE } from '../../core/colour/palette.ts';
import type { DeliveryNote, PriceList } from '../../core/formats/supply.ts';
import { seeded } from '../../core/random.ts';
import { isoDay } from '../../core/stall/dates.ts';

const SHOP = 'The stand-in shop';
const HOUR_MS = 3_600_000;
/** Prices, stock and delivery days change with every stretch of so many hours: four times a day. */
const CHANGES_EVERY_H = 6;

const CORDS = [
  { cord: 'nylon-4', share: 1 },
  { cord: 'nylon-3', share: 0.8 },
  { cord: 'nylon-2', share: 0.6 },
  { cord: 'polyester-4', share: 0.9 },
] as const;
const PACKS = [
  { amount: 15_000, cents: 620 },
  { amount: 30_000, cents: 1050 },
] as const;
const PARTS = [
  { part: 'side-release/15', amount: 10, cents: 400 },
  { part: 'side-release/20', amount: 10, cents: 450 },
  { part: 'side-release/25', amount: 5, cents: 325 },
  { part: 'shackle/16', amount: 1, cents: 350 },
  { part: 'bead/10', amount: 20, cents: 300 },
  { part: 'ring/20', amount: 5, cents: 350 },
] as const;

/** The price list at a moment: usual prices, most of them as they are, some up or down by as much as a tenth. */
export function priceListAt(now: number): PriceList {
  const slot = Math.floor(now / (CHANGES_EVERY_H * HOUR_MS));
  const uniform = seeded(slot);
  const moved = (cents: number) =>
    uniform() < 0.7 ? cents : Math.round((cents * (0.9 + 0.2 * uniform())) / 5) * 5;
  const rest = () => ({ stock: Math.floor(uniform() * 12), days: 1 + Math.floor(uniform() * 5) });
  return {
    format: 'warp-beam/price-list',
    version: 1,
    shop: SHOP,
    asOf: slot * CHANGES_EVERY_H * HOUR_MS,
    items: [
      ...CORDS.flatMap(({ cord, share }) =>
        PALETTE.flatMap(({ id: colour }) =>
          PACKS.map(({ amount, cents }) => ({
            cord,
            colour,
            amount,
            priceCents: moved(Math.round((cents * share) / 5) * 5),
            ...rest(),
          })),
        ),
      ),
      ...PARTS.map(({ part, amount, cents }) => ({ part, amount, priceCents: moved(cents), ...rest() })),
    ],
  };
}

type Line = DeliveryNote['lines'][number];

/** What was ordered, as it will come: at the list's prices, on the day that the slowest of it takes. Nothing where something is not sold. */
export function deliveryOf(lines: readonly Line[], id: string, now: number): DeliveryNote | undefined {
  const list = priceListAt(now);
  const found = lines.map((line) => ({
    line,
    item: list.items.find(
      (i) =>
        i.cord === line.cord && i.colour === line.colour && i.part === line.part && i.amount === line.amount,
    ),
  }));
  if (found.some((f) => !f.item)) return undefined;
  const days = Math.max(...found.map((f) => f.item!.days));
  return {
    format: 'warp-beam/delivery',
    version: 1,
    id,
    shop: SHOP,
    arrives: isoDay(Math.floor(now / (24 * HOUR_MS)) + days),
    lines: found.map(({ line, item }) => ({ ...line, priceCents: item!.priceCents })),
  };
}

const MOST_KEPT = 50;

/** A stand-in for a shop: its price list, orders, and the delivery notes that come of them. A real shop would answer the same. */
export async function supplierStandIn(app: FastifyInstance): Promise<void> {
  const notes: DeliveryNote[] = [];
  const started = Date.now().toString(36);
  app.get('/stand-ins/supplier/list', async (_request, reply) => {
    reply.header('cache-control', 'no-store');
    return priceListAt(Date.now());
  });
  app.get('/stand-ins/supplier/deliveries', async (_request, reply) => {
    reply.header('cache-control', 'no-store');
    return notes;
  });
  app.post(
    '/stand-ins/supplier/orders',
    {
      schema: {
        body: {
          type: 'object',
          required: ['lines'],
          additionalProperties: false,
          properties: {
            lines: {
              type: 'array',
              minItems: 1,
              maxItems: 200,
              items: {
                type: 'object',
                required: ['amount', 'packs'],
                additionalProperties: false,
                properties: {
                  cord: { type: 'string', maxLength: 60 },
                  colour: { type: 'string', maxLength: 60 },
                  part: { type: 'string', maxLength: 60 },
                  amount: { type: 'integer', minimum: 1 },
                  packs: { type: 'integer', minimum: 1, maximum: 200 },
                },
              },
            },
          },
        },
      },
    },
    async (request, reply) => {
      const { lines } = request.body as { lines: Line[] };
      const note = deliveryOf(lines, `${started}-${notes.length + 1}`, Date.now());
      if (!note) return reply.code(409).send({ message: 'Something of this is not sold in such packs.' });
      notes.push(note);
      if (notes.length > MOST_KEPT) notes.shift();
      return note;
    },
  );
}

import { type DeliveryNote, type PriceList, readDelivery, readPriceList } from '../../core/formats/supply.ts';

/** What is ordered of a shop: so many packs of each. */
export interface ShopLine {
  readonly cord?: string;
  readonly colour?: string;
  readonly part?: string;
  readonly amount: number;
  readonly packs: number;
}

/** A shop that can be asked. A real one implements this; the one that ships is a stand-in on the server. Each fails with words for the maker. */
export interface Shop {
  readonly name: string;
  readonly list: () => Promise<PriceList>;
  readonly order: (lines: readonly ShopLine[]) => Promise<DeliveryNote>;
  readonly deliveries: () => Promise<readonly DeliveryNote[]>;
}

async function asked(path: string, init?: RequestInit): Promise<unknown> {
  const answer = await fetch(`/stand-ins/supplier/${path}`, init).catch(() => undefined);
  if (!answer) throw new Error('The shop does not answer.');
  const data: unknown = await answer.json().catch(() => undefined);
  // A host without the stand-ins answers with the page of the application.
  if (data === undefined) throw new Error('The shop does not answer.');
  if (!answer.ok)
    throw new Error((data as { message?: string } | undefined)?.message ?? 'The shop does not answer.');
  return data;
}

export const standInShop: Shop = {
  name: 'the stand-in shop',
  list: async () => {
    const read = readPriceList(await asked('list'));
    if (!read.ok) throw new Error(`The shop’s list can’t be read: ${read.issues[0]!.message}`);
    return read.value;
  },
  order: async (lines) => {
    const read = readDelivery(
      await asked('orders', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ lines }),
      }),
    );
    if (!read.ok) throw new Error(`The shop’s answer can’t be read: ${read.issues[0]!.message}`);
    return read.value;
  },
  deliveries: async () => {
    const data = await asked('deliveries');
    return (Array.isArray(data) ? data : []).flatMap((one) => {
      const read = readDelivery(one);
      return read.ok ? [read.value] : [];
    });
  },
};

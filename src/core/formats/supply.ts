import { fail, type Result } from '../result.ts';
import { dayIssue } from '../stall/dates.ts';
import type { DeliveryNote } from './delivery.gen.ts';
import validateDelivery from './delivery.validate.gen.js';
import { type DocumentKind, parseDocument, readDocument } from './envelope.ts';
import type { PriceList } from './price-list.gen.ts';
import validateList from './price-list.validate.gen.js';

export type { DeliveryNote } from './delivery.gen.ts';
export type { PriceList } from './price-list.gen.ts';

const LIST: DocumentKind = {
  format: 'warp-beam/price-list',
  version: 1,
  name: 'a shop’s price list',
  maxChars: 1_000_000,
  validate: validateList,
};

const NOTE: DocumentKind = {
  format: 'warp-beam/delivery',
  version: 1,
  name: 'a delivery note',
  maxChars: 200_000,
  validate: validateDelivery,
};

/** A shop's price list, as it sends it. */
export const readPriceList = (data: unknown): Result<PriceList> => readDocument(data, LIST);

function checked(read: Result<DeliveryNote>): Result<DeliveryNote> {
  const issue = read.ok ? dayIssue(read.value.arrives, '/arrives') : undefined;
  return issue ? fail(issue) : read;
}

/** A delivery note, as a shop sends it or as a file. */
export const readDelivery = (data: unknown): Result<DeliveryNote> => checked(readDocument(data, NOTE));
export const parseDelivery = (text: string): Result<DeliveryNote> => checked(parseDocument(text, NOTE));

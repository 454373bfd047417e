import useSWR from 'swr';
import { standInShop } from '../devices/shop.ts';

const RETRY = { errorRetryCount: 3, errorRetryInterval: 2000, shouldRetryOnError: true } as const;

/** The shop's list, asked again while it does not answer; everything works without it, by typing. */
export function usePriceList() {
  const { data, error, isLoading, mutate } = useSWR('shop-list', standInShop.list, {
    ...RETRY,
    refreshInterval: 600_000,
  });
  return { list: data, problem: error as Error | undefined, isLoading, again: () => mutate() };
}

/** What the shop has on its way. */
export function useDeliveries() {
  const { data = [], mutate } = useSWR('shop-deliveries', standInShop.deliveries, RETRY);
  return { deliveries: data, refresh: () => mutate() };
}

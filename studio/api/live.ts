import { queryOptions } from '@tanstack/react-query';
import { readLive } from '../../core/api/releases.ts';
import type { Client } from './client.ts';

/** What shoppers see now. */
export const liveQuery = (client: Client) =>
  queryOptions({
    queryKey: ['live'],
    queryFn: () => client.ask(readLive),
  });

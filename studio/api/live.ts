import { queryOptions } from '@tanstack/react-query';
import type { Client } from './client.ts';

/** What shoppers see now. */
export const liveQuery = (client: Client) =>
  queryOptions({
    queryKey: ['live'],
    queryFn: () => client.get<{ number: number; plan: unknown }>('/api/live'),
  });

import { listRoute, type ListKey } from '$lib/server/shop.ts';

export const { GET, PUT, fallback } = listRoute(({ list }) => list as ListKey);

import { listRoute } from '$lib/server/shop.ts';

export const { GET, PUT, fallback } = listRoute(() => 'packSizes');

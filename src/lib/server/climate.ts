/** The call on a pack's climate: read, checked and reckoned in a thread. */
import { WrittenJson, type Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import { shopNow } from './shop.ts';
import { inThread } from './threads/pool.ts';

export async function climateOfBody(db: Database, sent: Uint8Array): Promise<Answer> {
	const done = await inThread('climate', { sent, shop: (await shopNow(db)).written });
	return done.ok ? { status: 200, body: new WrittenJson(done.gives) } : done.answer;
}

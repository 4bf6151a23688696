/** The call on a pack's climate: checks, then the core, in a thread. */
import { faults, WrittenJson, type Answer } from './answer.ts';
import type { Database } from './db/database.ts';
import { shopNow } from './shop.ts';
import { inThread } from './threads/pool.ts';
import { checkClimate } from './validation/climate.ts';

export async function climateOfBody(db: Database, body: unknown): Promise<Answer> {
	const checked = checkClimate(body);
	if (!checked.ok) return faults(400, checked.faults);
	const { pack: file, room } = checked.request;
	const done = await inThread('climate', { file, room, shop: (await shopNow(db)).written });
	if (done.ok) return { status: 200, body: new WrittenJson(done.gives) };
	if (!done.faults) return done.answer;
	return faults(
		400,
		done.faults.map(({ path, says }) => ({ path: path.startsWith('pack') ? path : `pack.${path}`, says }))
	);
}

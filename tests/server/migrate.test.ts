/** A house of an earlier version is brought up to date with all that it holds. */
import assert from 'node:assert/strict';
import { after, before, describe, test } from 'node:test';
import type { Database } from '../../src/lib/server/db/database.ts';
import { selectJob, selectJobs, usedAnywhere } from '../../src/lib/server/db/jobs.ts';
import { selectReady } from '../../src/lib/server/db/ready.ts';
import { migrate, migrationsDone, MIGRATIONS } from '../../src/lib/server/db/migrate.ts';
import { openPGlite } from '../../src/lib/server/db/pglite.ts';
import { openPostgres } from '../../src/lib/server/db/postgres.ts';
import { workedJob } from '../jobs.ts';
import { DATABASES, newServerDatabase, testHouse } from './databases.ts';

for (const kind of DATABASES)
	describe(`on the ${kind}`, () => {
		let db: Database;
		let drop = async () => {};
		before(async () => {
			if (kind === 'embedded') db = await openPGlite({ memory: testHouse('bare.tar') });
			else {
				const own = await newServerDatabase();
				drop = own.drop;
				db = await openPostgres(own.url, () => {});
			}
		});
		after(async () => {
			await db.close();
			await drop();
		});

		test('from numbers that were texts to numbers that count: every job, revision, material and picture is found', async () => {
			await migrate(db, 4);
			const picture = 'e'.repeat(64);
			const files = [
				workedJob({ title: 'Salt road', guard: { barrier: 'polyester-film' } }),
				workedJob({ title: 'Salt road, later' })
			];
			for (const number of ['K-0101', 'K-12345']) {
				const { rows } = await db.query<{ id: number }>(
					"INSERT INTO job (number, head_rev, title, maker, aim, reached) VALUES ($1, 2, 'Salt road, later', 'Net loft', 'keep', NULL) RETURNING id",
					[number]
				);
				for (const [index, file] of files.entries())
					await db.query("INSERT INTO job_revision (job_id, rev, spec, author, reason) VALUES ($1, $2, $3::jsonb, '', '')", [
						rows[0]!.id,
						index + 1,
						JSON.stringify({ ...file, piece: { ...file.piece, picture } })
					]);
				await db.query("INSERT INTO job_climate (job_id, rev, result) VALUES ($1, 1, '{}'), ($1, 9, '{}')", [rows[0]!.id]);
			}
			const shelf = [{ kind: 'frame', name: ' Old oak ' }, { kind: 'stick', name: 'Ash' }, { kind: 'mat' }];
			await db.query("INSERT INTO shop_list (name, rev, items) VALUES ('shelf', 3, $1::jsonb)", [JSON.stringify(shelf)]);
			await migrate(db);
			assert.deepEqual((await selectReady(db)).map(({ name, present, reserved }) => [name, present, reserved]).sort(), [
				['Ash', 1, 0],
				['Old oak', 1, 0]
			]);
			assert.deepEqual(
				await migrationsDone(db),
				MIGRATIONS.map(({ id }) => id)
			);
			const { jobs } = await selectJobs(db, { find: 'net loft', after: null, state: 'open', order: 'newest' });
			assert.deepEqual(
				jobs.map(({ number, rev }) => [number, rev]),
				[
					[12345, 2],
					[101, 2]
				]
			);
			assert.equal((await selectJob(db, 101, 1))!.spec.title, 'Salt road');
			assert.ok((await usedAnywhere(db, ['polyester-film'])).has('polyester-film'));
			const { rows } = await db.query<{ count: number }>('SELECT count(*) AS count FROM job_picture WHERE sum = $1', [picture]);
			assert.equal(rows[0]!.count, 2);
			const { rows: years } = await db.query<{ count: number }>('SELECT count(*) AS count FROM job_climate');
			assert.equal(years[0]!.count, 2, 'a year of a revision that never was is no year');
		});

		test('what a newer version wrote is not opened', async () => {
			await db.query("INSERT INTO migration (id, name) VALUES (999, 'later')");
			await assert.rejects(migrate(db), /newer version of this program has written the data/);
		});
	});

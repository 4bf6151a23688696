/** The next revision of a job, kept from a place that is no workspace. */
import type { JobFile } from '$core/job/definition.ts';

export type KeptNext = { ok: true; rev: number } | { ok: false; says: string };

/** @param rev on which it was made: where another came between, nothing is kept */
export async function keepNext(number: string, rev: number, file: JobFile, reason = ''): Promise<KeptNext> {
	try {
		const response = await fetch(`/api/jobs/${number}${reason ? `?reason=${encodeURIComponent(reason)}` : ''}`, {
			method: 'PUT',
			headers: { 'content-type': 'application/json', 'if-match': `"${rev}"` },
			body: JSON.stringify(file)
		});
		if (response.ok) return { ok: true, rev: ((await response.json()) as { rev: number }).rev };
		return {
			ok: false,
			says:
				response.status === 409
					? 'Someone else has saved this job. Reload the page, then choose.'
					: 'The server refused it. Nothing was changed.'
		};
	} catch {
		return { ok: false, says: 'The server does not answer. Nothing was changed; try again.' };
	}
}

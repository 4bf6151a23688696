import type { TrainerCase } from '../case.ts';
import { sound } from '../sound.ts';

export const coveredName: TrainerCase = {
	title: 'Curlews, watercolour',
	station: 'window',
	told: 'She signed it at the bottom right, quite low. The owner wants a mat over the edges, and her name to be read.',
	looked: [
		'The name is 384 to 393 from the top, 200 to 270 from the left: 7 above the edge.',
		'Nothing is painted within 12 of the other edges.'
	],
	job: sound('Curlews', {
		piece: { zones: [{ id: 'signature', kind: 'show', left: 200, top: 384, width: 70, height: 9 }] },
		window: { way: 'cover', overlap: 10 }
	}),
	fault: { rule: 'window.zone-covered' }
};

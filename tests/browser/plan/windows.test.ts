import assert from 'node:assert/strict';
import { test } from 'node:test';
import { plan } from '../../../core/plan.ts';
import { builtInShop } from '../../../core/shop/shop.ts';
import { planSingle, workedJob } from '../../jobs.ts';
import { keepJob } from '../../running/server.ts';
import { Key } from '../browser.ts';
import { stage } from '../setup.ts';

const here = stage();

test('a leaning sheet, read as the tape goes round: Enter walks on, the outline is drawn, its lean larger on request', async () => {
	const number = await keepJob(here.server.address, { format: 'rare-keep/job', version: 1 });
	const { browser } = here;
	await browser.open(`/jobs/${number}?at=measure&view=sheet`);
	await browser.press('Four sides');
	await (await browser.field('Top')).click();
	for (const reading of ['402', '551', '402', '551', '683.9', '680.2']) await browser.keys(...reading, Key.ENTER);
	const job = await here.untilKept(number, 'all readings', (one) => one.piece?.readings?.d2 !== undefined);
	assert.deepEqual(job.piece!.readings, { top: 402, right: 551, bottom: 402, left: 551, d1: 683.9, d2: 680.2 });
	await browser.sees('leans 3.1');
	await browser.sees('The sheet as measured, mm');
	await browser.press('Exaggerate out-of-square 10 times');
	await browser.sees('Out of square is drawn 10 times as large.');

	// No sheet can have these: it is said where it was typed, with the likeliest slip, and nothing is lost.
	await browser.type('Top', '2000');
	await browser.sees('No sheet can have these measurements.');
	assert.equal((await here.kept(number)).piece!.readings!.top, 402);
});

test('three windows in one mat: a grid, each with its own sheet, each placed and checked', async () => {
	const number = await keepJob(here.server.address, workedJob({ piece: { readings: { width: 90, height: 120 } } }));
	const { browser } = here;
	await browser.open(`/jobs/${number}?at=window&view=front`);
	await browser.press('several windows in this mat');
	await browser.sees('2 windows in this mat');
	await browser.press('add a window');
	await browser.sees('3 windows in this mat');
	await browser.choose('Columns', '3');
	await browser.type('Gutter', '35');
	// The third sheet is another: its own readings, in Measure.
	await browser.station('Measure');
	await browser.sees('Window');
	await browser.type('Width', '70');
	await browser.type('Height', '100');
	const job = await here.untilKept(number, 'the third sheet', (one) => {
		const readings = one.window?.openings?.[2]?.piece?.readings;
		return readings?.width === 70 && readings.height === 100;
	});
	const made = plan(job, builtInShop);
	assert.deepEqual(
		made.window!.openings!.map(({ opening, at }) => [opening.width, opening.height, at.left, at.top]),
		[
			[78, 108, 0, 0],
			[78, 108, 113, 0],
			[58, 88, 226, 10]
		]
	);
	await browser.sees('3 sheets');
	await browser.station('Cut');
	await browser.sees('Mat 2, face down');

	// Too near: the fault stands at the gutter, and nothing is lost.
	await browser.station('Window');
	await browser.type('Gutter', '5');
	await browser.sees('Window 1 and window 2 overlap in the front mat.');
	assert.equal((await here.kept(number)).window!.grid!.gutter, 35);
	await browser.press('remove window 3');
	await browser.sees('2 windows in this mat');
});

test('fitted to a bought frame: a size that is sold, then one that is too small and its fix', async () => {
	const number = await keepJob(here.server.address, workedJob());
	const { browser } = here;
	await browser.open(`/jobs/${number}?at=window&view=front`);
	await browser.press('Fit');
	await browser.choose('Standard size', '24 × 30 in');
	// Fit by itself takes a size too: what is kept is waited for as it was chosen.
	const isChosen = ({ width, height }: { width: number; height: number }) =>
		Math.abs(width - 609.6) < 1e-9 && Math.abs(height - 762) < 1e-9;
	const job = await here.untilKept(number, 'the size', (one) => isChosen(planSingle(one).window!.pack));
	const made = planSingle(job);
	assert.ok(Math.abs(made.window!.mats[0]!.border.left - 104) < 0.3);
	await browser.choose('Standard size', '16 × 20 in');
	await browser.sees('is the minimum.');
	await browser.press('Pack 18 × 24 in');
	await browser.seesNo('is the minimum.');
	const fixed = planSingle(
		await here.untilKept(number, 'the larger size', (one) => Math.abs((one.borders!.pack!.width as number) - 457.2) < 1e-6)
	);
	assert.ok(Math.min(...Object.values(fixed.window!.mats[0]!.border)) >= 15);
});

test('the shop’s own sizes are edited in House, kept, and offered where borders fit', async () => {
	const { browser } = here;
	await browser.open('/shop');
	await browser.press('Add a size');
	await browser.type('Name of size 22', 'Harbour square');
	await browser.type('Width of size 22', '20 inn');
	await browser.waitFor(
		'the fault',
		async () => (await (await browser.field('Width of size 22')).getAttribute('aria-invalid')) === 'true'
	);
	assert.equal(await (await browser.button('Save the list')).isEnabled(), false);
	await browser.type('Width of size 22', '60 cm');
	await browser.type('Height of size 22', '60 cm');
	await browser.press('Save the list');
	await browser.sees('Saved. Jobs offer these sizes from now on.');
	const number = await keepJob(here.server.address, workedJob());
	await browser.open(`/jobs/${number}?at=window&view=front`);
	await browser.press('Fit');
	await browser.choose('Standard size', 'Harbour square');
	await here.untilKept(number, 'the own size', (job) => job.borders?.pack?.width === 600 && job.borders.pack.height === 600);
	await browser.open('/shop');
	await browser.press('remove Harbour square');
	await browser.press('Save the list');
	await browser.sees('Saved.');
});

test('reveal, float, oval, arch: the panel asks what each needs, and goes back without loss', async () => {
	const number = await keepJob(here.server.address, workedJob());
	const { browser } = here;
	await browser.open(`/jobs/${number}?at=window&view=front`);
	await browser.press('Reveal');
	await browser.sees('To see the window: the image: left, top, width and height.');
	for (const [label, text] of [
		['Image from the left', '30'],
		['Image from the top', '40'],
		['Image width', '340'],
		['Image height', '460']
	] as const)
		await browser.type(label, text);
	await browser.type('Reveal bottom', '12');
	await browser.sees('352 × 478');
	await browser.press('Float');
	await browser.sees('422 × 571');
	await browser.sees('390 × 539');
	await browser.press('Cover');
	await browser.choose('Shape of the window', 'Oval');
	await browser.station('Cut');
	await browser.sees('Centre from the left, from the top 271, 345.5');
	await browser.station('Window');
	await browser.choose('Shape of the window', 'Arch');
	await browser.station('Cut');
	await browser.sees('Radius of the arch 201');
	assert.equal((await here.kept(number)).window!.overlap, 6);
});

test('a photograph is squared to measurements: corners pulled by hand and keys, kept, undone', async () => {
	const number = await keepJob(here.server.address, workedJob({ piece: { readings: { width: 300, height: 200 } } }));
	const { browser } = here;
	await browser.open(`/jobs/${number}?at=measure&view=sheet`);
	// A sheet seen askew: four fields of colour, the upper left one red.
	await browser.driver.executeAsyncScript(`
		const done = arguments[0];
		const canvas = Object.assign(document.createElement('canvas'), { width: 1200, height: 900 });
		const context = canvas.getContext('2d');
		context.fillStyle = '#444'; context.fillRect(0, 0, 1200, 900);
		const corners = [[150, 120], [1050, 180], [960, 780], [240, 720]];
		const at = (u, v) => { const mix = (a, b, t) => [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t]; return mix(mix(corners[0], corners[1], u), mix(corners[3], corners[2], u), v); };
		for (const [u, v, colour] of [[0, 0, '#d02020'], [0.5, 0, '#20d020'], [0, 0.5, '#2020d0'], [0.5, 0.5, '#d0d020']]) {
			context.fillStyle = colour; context.beginPath();
			for (const [x, y] of [at(u, v), at(u + 0.5, v), at(u + 0.5, v + 0.5), at(u, v + 0.5)]) context.lineTo(x, y);
			context.fill();
		}
		canvas.toBlob((blob) => {
			const files = new DataTransfer(); files.items.add(new File([blob], 'sheet.png', { type: 'image/png' }));
			const input = document.querySelector('input[type=file]'); input.files = files.files;
			input.dispatchEvent(new Event('input', { bubbles: true })); done();
		});
	`);
	await browser.sees('Drag each corner onto the sheet’s corner.');
	const shown = await browser.driver.executeScript<{ left: number; top: number; width: number; height: number }>(
		'const box = document.querySelector(".photograph").getBoundingClientRect(); return { left: box.left, top: box.top, width: box.width, height: box.height };'
	);
	const onPage = ([x, y]: [number, number]) => ({
		x: shown.left + (x / 1200) * shown.width,
		y: shown.top + (y / 900) * shown.height
	});
	for (const [name, place] of [
		['Corner top-left', [150, 120]],
		['Corner top-right', [1050, 180]],
		['Corner bottom-right', [960, 780]]
	] as [string, [number, number]][])
		await browser.pull(await browser.middleOf(name), onPage(place));
	// The last one by keys, from where it stands.
	const corner = await browser.button('Corner bottom-left');
	await browser.driver.executeScript('arguments[0].focus()', corner);
	const from = await browser.middleOf('Corner bottom-left');
	const to = onPage([240, 720]);
	const across = Math.round(to.x - from.x);
	const down = Math.round(from.y - to.y);
	await browser.keys(
		...Array.from({ length: across }, () => Key.ARROW_RIGHT),
		...Array.from({ length: down }, () => Key.ARROW_UP)
	);
	await browser.press('Square it');
	const job = await here.untilKept(number, 'the picture', (one) => one.piece?.picture !== undefined);
	const seen = await browser.driver.executeAsyncScript<{ width: number; height: number; colours: string[] }>(
		`
		const [sum, done] = arguments;
		const picture = new Image(); picture.src = '/api/pictures/' + sum;
		picture.decode().then(() => {
			const canvas = Object.assign(document.createElement('canvas'), { width: picture.naturalWidth, height: picture.naturalHeight });
			const context = canvas.getContext('2d'); context.drawImage(picture, 0, 0);
			const at = (u, v) => [...context.getImageData(canvas.width * u, canvas.height * v, 1, 1).data.slice(0, 3)].map((one) => one > 128 ? 1 : 0).join('');
			done({ width: canvas.width, height: canvas.height, colours: [at(0.1, 0.1), at(0.9, 0.1), at(0.1, 0.9), at(0.9, 0.9)] });
		});
	`,
		job.piece!.picture
	);
	assert.deepEqual(seen.colours, ['100', '010', '001', '110']);
	assert.ok(Math.abs(seen.width / seen.height - 1.5) < 0.01, `${seen.width} × ${seen.height}`);
	await browser.waitFor('the picture in the drawing', () =>
		browser.driver.executeScript<boolean>(
			`return [...document.querySelectorAll('svg image')].some((one) => one.href.baseVal.includes('${job.piece!.picture}'))`
		)
	);
	await browser.keys(Key.chord(Key.CONTROL, 'z'));
	await here.untilKept(number, 'the picture to be gone again', (one) => one.piece?.picture === undefined);
});

/** Gives a photograph of one colour to the page; `turned` marks it as taken with the camera on its side. */
const GIVE = `
	const [width, height, turned, done] = arguments;
	const canvas = Object.assign(document.createElement('canvas'), { width, height });
	const context = canvas.getContext('2d'); context.fillStyle = '#a86'; context.fillRect(0, 0, width, height);
	canvas.toBlob(async (blob) => {
		const bytes = new Uint8Array(await blob.arrayBuffer());
		// EXIF with one entry: orientation 6, a quarter turn to the right.
		const exif = [0xff, 0xe1, 0, 34, 69, 120, 105, 102, 0, 0, 73, 73, 42, 0, 8, 0, 0, 0, 1, 0, 0x12, 1, 3, 0, 1, 0, 0, 0, 6, 0, 0, 0, 0, 0, 0, 0];
		const parts = turned ? [bytes.slice(0, 2), new Uint8Array(exif), bytes.slice(2)] : [bytes];
		const files = new DataTransfer(); files.items.add(new File(parts, 'sheet.jpg', { type: 'image/jpeg' }));
		const input = document.querySelector('input[type=file]'); input.files = files.files;
		input.dispatchEvent(new Event('input', { bubbles: true })); done();
	}, 'image/jpeg');
`;

test('a photograph taken with the camera on its side is shown upright', async () => {
	const number = await keepJob(here.server.address, workedJob());
	await here.browser.open(`/jobs/${number}?at=measure&view=sheet`);
	await here.browser.driver.executeAsyncScript(GIVE, 900, 600, true);
	await here.browser.sees('Drag each corner onto the sheet’s corner.');
	const size = await here.browser.driver.executeScript<number[]>(
		'const canvas = document.querySelector(".photograph canvas"); return [canvas.width, canvas.height];'
	);
	assert.deepEqual(size, [600, 900]);
});

test('corners that cross are refused where they are; a stopped server loses nothing; put away, nothing is changed', async () => {
	const number = await keepJob(here.server.address, workedJob());
	const { browser } = here;
	await browser.open(`/jobs/${number}?at=measure&view=sheet`);
	await browser.driver.executeAsyncScript(GIVE, 900, 600, false);
	await browser.sees('Drag each corner onto the sheet’s corner.');
	const [one, other] = [await browser.middleOf('Corner top-left'), await browser.middleOf('Corner top-right')];
	await browser.pull(one, { x: other.x + 40, y: other.y });
	await browser.press('Square it');
	await browser.sees('These corners cross.');
	await browser.pull(await browser.middleOf('Corner top-left'), one);
	await here.stop();
	await browser.press('Square it');
	await browser.sees('The server can’t be reached.');
	await here.startAgain();
	await browser.press('Square it');
	await here.untilKept(number, 'the picture after all', (job) => job.piece?.picture !== undefined);
	await browser.driver.executeAsyncScript(GIVE, 600, 600, false);
	await browser.sees('Drag each corner onto the sheet’s corner.');
	const before = (await here.kept(number)).piece!.picture;
	await browser.press('Discard');
	await browser.seesNo('Drag each corner');
	assert.equal((await here.kept(number)).piece!.picture, before);
});

test('before the sheet is measured a photograph waits for measurements', async () => {
	const number = await keepJob(here.server.address, { format: 'rare-keep/job', version: 1 });
	await here.browser.open(`/jobs/${number}?at=measure&view=sheet`);
	await here.browser.driver.executeAsyncScript(GIVE, 600, 600, false);
	await here.browser.sees('Measure the sheet first');
	assert.equal(await (await here.browser.button('Square it')).isEnabled(), false);
	await here.browser.type('Width', '300');
	await here.browser.type('Height', '300');
	await here.browser.sees('It is squared to 300 × 300 mm.');
	assert.equal(await (await here.browser.button('Square it')).isEnabled(), true);
});

test('what is no picture is refused in a sentence', async () => {
	const number = await keepJob(here.server.address, workedJob());
	const { browser } = here;
	await browser.open(`/jobs/${number}?at=measure&view=sheet`);
	const give = (name: string, type: string, content: string) =>
		browser.driver.executeScript(
			`
			const [name, type, content] = arguments;
			const files = new DataTransfer(); files.items.add(new File([content === 'large' ? new Uint8Array(61 * 1024 * 1024) : content], name, { type }));
			const input = document.querySelector('input[type=file]'); input.files = files.files;
			input.dispatchEvent(new Event('input', { bubbles: true }));
		`,
			name,
			type,
			content
		);
	await give('notes.txt', 'text/plain', 'words');
	await browser.sees('This is not a picture.');
	await give('broken.jpg', 'image/jpeg', 'no jpeg at all');
	await browser.sees('This picture can’t be opened here.');
	await give('script.svg', 'image/svg+xml', '<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>');
	await browser.sees('or it contains scripts or outside parts');
	await give('large.jpg', 'image/jpeg', 'large');
	await browser.sees('This file is 61 MB; at most 60 MB can be opened.');
	assert.equal((await here.kept(number)).piece!.picture, undefined);
});

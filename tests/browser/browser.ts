/** A headless Chromium and the words that a test speaks to it: labels, names, keys; waiting for what a person would wait for. */
import { By, Key, Origin, until, type WebDriver, type WebElement } from 'selenium-webdriver';
import { startChromium, type Size } from './chromium.ts';

const PATIENCE_MS = 20_000;
/** What looks through all drawings of a piece in one go. */
const SCRIPT_MS = 120_000;
/** A screen answers in a few hundredths of a second: who looks every fifth of one waits longer than it took. */
const BETWEEN_LOOKS_MS = 40;

export type Browser = {
	driver: WebDriver;
	open: (path: string) => Promise<void>;
	/** Opens another page as a link to it does: without loading the program anew. */
	follow: (path: string) => Promise<void>;
	/** The field, button or link that a person calls by this name. */
	field: (label: string) => Promise<WebElement>;
	button: (name: string) => Promise<WebElement>;
	press: (name: string) => Promise<void>;
	/** Replaces what stands in a field, key by key. */
	type: (label: string, text: string) => Promise<void>;
	/** Opens a station in the strip. */
	station: (name: string) => Promise<void>;
	/** Opens a view of the drawing. */
	view: (name: string) => Promise<void>;
	choose: (label: string, option: string) => Promise<void>;
	/** Opens everything that is folded away. */
	unfold: () => Promise<void>;
	keys: (...keys: string[]) => Promise<void>;
	/** Pulls from a place on the page to another with the mouse, in steps as a hand does; `release` false keeps the button down. */
	pull: (from: Place, to: Place, release?: boolean) => Promise<void>;
	/** The middle of what a person calls by this name, on the page. */
	middleOf: (name: string) => Promise<Place>;
	/** The page as a screen in the hand shows it: of this size, pressed with a finger; null: as it was. */
	inTheHand: (size: Size | null) => Promise<void>;
	/** A wish of the system, as the page hears it. */
	wish: (wishes: Record<string, string>) => Promise<void>;
	/** What the browser would ask a person for, answered with yes beforehand. */
	allow: (what: string) => Promise<void>;
	/** Waits for the heading of a place. */
	heading: (name: string) => Promise<void>;
	/** Waits until the page shows this text. */
	sees: (text: string | RegExp) => Promise<void>;
	/** Waits until the page shows this text no longer. */
	seesNo: (text: string) => Promise<void>;
	waitFor: (what: string, check: () => Promise<boolean>) => Promise<void>;
	text: () => Promise<string>;
	/** Waits until fonts and pictures are there and the page has been drawn. */
	settled: () => Promise<void>;
	screenshot: () => Promise<Buffer>;
	quit: () => Promise<void>;
};

export type Place = { x: number; y: number };

export { By, Key, until };

export async function openBrowser(address: string, size: Size = { width: 1280, height: 800 }): Promise<Browser> {
	const { driver, quit } = await startChromium(size);
	await driver.manage().setTimeouts({ script: SCRIPT_MS });
	// The window's own edges are no part of the page.
	const inner = await driver.executeScript<{ width: number; height: number }>(
		'return { width: innerWidth, height: innerHeight }'
	);
	await driver
		.manage()
		.window()
		.setRect({ width: 2 * size.width - inner.width, height: 2 * size.height - inner.height });

	const text = () => driver.executeScript<string>('return document.body.innerText');

	const waitFor = async (what: string, check: () => Promise<boolean>) => {
		await driver
			.wait(() => check().catch(() => false), PATIENCE_MS, undefined, BETWEEN_LOOKS_MS)
			.catch(async () => {
				throw new Error(`Waited in vain for ${what}. The page shows: ${(await text()).replace(/\s+/g, ' ')}`);
			});
	};
	const named = async (script: string, name: string, what: string): Promise<WebElement> => {
		let found: WebElement | null = null;
		await waitFor(`${what} “${name}”`, async () => {
			found = await driver.executeScript<WebElement | null>(script, name);
			return found !== null;
		});
		return found!;
	};

	// Buttons answer once the page has come to life.
	const alive = () =>
		waitFor('the page to come to life', () =>
			driver.executeScript<boolean>('return document.documentElement.dataset.alive === "yes"')
		);

	const tools = driver as unknown as { sendDevToolsCommand: (name: string, given: object) => Promise<void> };

	const browser: Browser = {
		driver,
		waitFor,
		text,
		open: async (path) => {
			await driver.get(address + path);
			await alive();
		},
		follow: async (path) => {
			await driver.executeScript(FOLLOW, path);
			await alive();
		},
		field: (label) => named(FIND_FIELD, label, 'the field'),
		button: (name) => named(FIND_BUTTON, name, 'the button'),
		press: async (name) => (await browser.button(name)).click(),
		type: async (label, value) => {
			const field = await browser.field(label);
			await field.click();
			await field.sendKeys(Key.chord(Key.CONTROL, 'a'), value === '' ? Key.BACK_SPACE : value);
		},
		station: async (name) => {
			const path = `//nav[starts-with(@aria-label, "Stations")]//button[span[normalize-space()="${name}"]]`;
			await (await driver.findElement(By.xpath(path))).click();
			await browser.heading(name);
		},
		view: async (name) => {
			const tab = await driver.findElement(By.xpath(`//*[@role="tab"][normalize-space()="${name}"]`));
			await tab.click();
			await waitFor(`the view “${name}”`, async () => (await tab.getAttribute('aria-selected')) === 'true');
			await browser.settled();
		},
		choose: async (label, option) => {
			const field = await browser.field(label);
			if ((await field.getAttribute('role')) === 'combobox') {
				await field.click();
				await field.sendKeys(Key.chord(Key.CONTROL, 'a'), option.split(',')[0]!);
				await (await named(FIND_OPTION, option, `in the list of “${label}”`)).click();
				return;
			}
			const done = await driver.executeScript<boolean>(CHOOSE, field, option);
			if (!done) throw new Error(`“${label}” does not offer “${option}”`);
		},
		unfold: () => driver.executeScript<void>(UNFOLD),
		keys: async (...keys) => {
			// One by one: each goes where the one before has moved the focus.
			for (const key of keys) await driver.switchTo().activeElement().sendKeys(key);
		},
		pull: async (from, to, release = true) => {
			const at = (place: Place) => ({ x: Math.round(place.x), y: Math.round(place.y), origin: Origin.VIEWPORT, duration: 20 });
			const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
			const hand = driver.actions({ async: true }).move(at(from)).press().move(at(middle)).move(at(to));
			await (release ? hand.release() : hand).perform();
		},
		middleOf: async (name) => {
			const found = await named(FIND_BUTTON, name, 'the part of the drawing');
			return driver.executeScript<Place>(
				'const box = arguments[0].getBoundingClientRect(); return { x: box.left + box.width / 2, y: box.top + box.height / 2 };',
				found
			);
		},
		inTheHand: async (size) => {
			if (size)
				await tools.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', { ...size, deviceScaleFactor: 1, mobile: true });
			else await tools.sendDevToolsCommand('Emulation.clearDeviceMetricsOverride', {});
			await tools.sendDevToolsCommand('Emulation.setTouchEmulationEnabled', { enabled: size !== null, maxTouchPoints: 5 });
		},
		wish: async (wishes) => {
			const features = Object.entries(wishes).map(([name, value]) => ({ name, value }));
			await tools.sendDevToolsCommand('Emulation.setEmulatedMedia', { features });
		},
		allow: (what) => tools.sendDevToolsCommand('Browser.grantPermissions', { permissions: [what] }),
		heading: (name) =>
			waitFor(`the heading “${name}”`, () =>
				driver.executeScript<boolean>(
					'return [...document.querySelectorAll("h1, h2")].some((one) => one.textContent.trim() === arguments[0])',
					name
				)
			),
		sees: (wanted) =>
			waitFor(`the page to show ${wanted}`, async () => {
				const shown = (await text()).replace(/\s+/g, ' ');
				return typeof wanted === 'string' ? shown.includes(wanted) : wanted.test(shown);
			}),
		seesNo: (unwanted) =>
			waitFor(`the page to show “${unwanted}” no longer`, async () => !(await text()).replace(/\s+/g, ' ').includes(unwanted)),
		settled: () => driver.executeAsyncScript<void>(`${DRAWN} drawn().then(arguments[0]);`),
		screenshot: async () => Buffer.from(await driver.takeScreenshot(), 'base64'),
		quit
	};
	return browser;
}

/** In a page: `drawn()`, once fonts and pictures are there and what stands beside the drawing has been drawn, a frame later. */
export const DRAWN = `const drawn = async () => {
	const pictures = [...document.querySelectorAll('svg image')].map((one) => { const picture = new Image(); picture.src = one.href.baseVal; return picture.decode().catch(() => {}); });
	await Promise.all([document.fonts.ready, ...pictures]);
	for (let frame = 0; frame < 3; frame += 1) await new Promise(requestAnimationFrame);
};`;

const FIND_FIELD = `
	const wanted = arguments[0];
	const labels = [...document.querySelectorAll('label')].filter((label) => label.textContent.trim().replace(/\\s+/g, ' ') === wanted);
	for (const label of labels) {
		const field = label.control ?? (label.htmlFor ? document.getElementById(label.htmlFor) : null);
		if (field) return field;
	}
	return document.querySelector('[aria-label="' + CSS.escape(wanted) + '"]:is(input, select, textarea)');
`;

const FIND_BUTTON = `
	const wanted = arguments[0];
	const said = (element) => (element.getAttribute('aria-label') ?? element.textContent).trim().replace(/\\s+/g, ' ');
	const all = [...document.querySelectorAll('button, a, [role=button], [role=slider], summary, [data-part=item], label:has(input:is([type=radio], [type=checkbox]))')].filter((element) => element.checkVisibility());
	return all.find((element) => said(element) === wanted) ?? all.find((element) => said(element).startsWith(wanted)) ?? null;
`;

const FOLLOW = `
	delete document.documentElement.dataset.alive;
	const link = document.createElement('a');
	link.href = arguments[0];
	document.body.append(link);
	link.click();
	link.remove();
`;

const UNFOLD = `document.querySelectorAll('main [data-part=item-trigger][aria-expanded=false]').forEach((one) => { one.focus(); one.click(); })`;

/** An option by its words, with the figure beside them or without. */
const FIND_OPTION = `
	const wanted = arguments[0];
	const said = (element) => element.textContent.trim().replace(/\\s+/g, ' ');
	const all = [...document.querySelectorAll('[role=option]')].filter((element) => element.checkVisibility());
	return all.find((element) => said(element) === wanted || said(element.querySelector('[data-part=item-text]')) === wanted) ?? null;
`;

const CHOOSE = `
	const [select, wanted] = arguments;
	const option = [...select.options].find((one) => one.textContent.trim() === wanted);
	if (!option) return false;
	select.focus();
	select.value = option.value;
	select.dispatchEvent(new Event('change', { bubbles: true }));
	return true;
`;

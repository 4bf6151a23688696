import { writeFileSync } from 'node:fs';
import { openBrowser } from '../browser/browser.ts';
const [size, ...list] = process.argv.slice(2);
const [width, height] = (size ?? '1280x800').split('x').map(Number);
const browser = await openBrowser('http://127.0.0.1:4173', { width: width!, height: height! });
await browser.open('/');
for (const one of list) {
	const [name, path, reads = '', scroll = '0', js = ''] = one.split('|');
	await browser.driver.executeScript(`document.cookie = 'reads=${reads}; path=/; max-age=${reads ? 999 : 0}'`);
	await browser.open(path!);
	if (js) {
		await browser.driver.executeScript(js);
		await new Promise((r) => setTimeout(r, 600));
	}
	await browser.settled();
	if (scroll !== '0') {
		await browser.driver.executeScript(
			`(document.querySelector('main.panel') ?? document.scrollingElement).scrollTop = ${scroll}`
		);
		await new Promise((r) => setTimeout(r, 200));
	}
	writeFileSync(`/tmp/shots/${name}.png`, await browser.screenshot());
}
await browser.quit();

import { writeFileSync } from 'node:fs';
import { openBrowser } from '../browser/browser.ts';
const [width, height, ...pages] = process.argv.slice(2);
const browser = await openBrowser('http://localhost:4173');
const size = { width: Number(width), height: Number(height) };
if (size.width < 1100) await browser.inTheHand(size);
else
	await browser.driver
		.manage()
		.window()
		.setRect({ ...size, height: size.height, x: 0, y: 0 });
for (const page of pages) {
	const [path, name, ...rest] = page.split('=>');
	const script = rest.join('=>');
	await browser.open(path!);
	if (script) {
		await new Promise((r) => setTimeout(r, 1800));
		await browser.driver.executeScript(script);
		await new Promise((r) => setTimeout(r, 700));
	}
	await new Promise((r) => setTimeout(r, 900));
	writeFileSync(`/tmp/look-${name}.png`, await browser.screenshot());
}
await browser.quit();

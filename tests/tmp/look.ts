import { writeFileSync } from 'node:fs';
import { openBrowser } from '../browser/browser.ts';
const [w, h, ...args] = process.argv.slice(2);
const size = { width: Number(w), height: Number(h) };
const b = await openBrowser('http://localhost:4173', size);
if (size.width < 1100) await b.inTheHand(size);
for (const arg of args) {
	const [path, name, js] = arg.split('@@');
	await b.open(path!);
	await new Promise((done) => setTimeout(done, 1200));
	if (js) { await b.driver.executeScript(js); await new Promise((done) => setTimeout(done, 900)); }
	writeFileSync(`/tmp/n/${name}.png`, await b.screenshot());
}
await b.quit();

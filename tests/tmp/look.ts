import { writeFileSync } from 'node:fs';
import { openBrowser } from '../browser/browser.ts';
const at = 'http://127.0.0.1:4173';
const [w, h, ...paths] = process.argv.slice(2);
const browser = await openBrowser(at, { width: Number(w), height: Number(h) });
if (Number(w) < 1100) {
	const cdp = (cmd: string, p: object) => (browser.driver as any).sendDevToolsCommand(cmd, p);
	await cdp('Emulation.setDeviceMetricsOverride', { width: Number(w), height: Number(h), deviceScaleFactor: 1, mobile: true });
	await cdp('Emulation.setTouchEmulationEnabled', { enabled: true, maxTouchPoints: 5 });
}
// path=>name[=>js]
for (const one of paths) {
	const [path, name, ...js] = one.split('=>');
	await browser.open(path!);
	await new Promise((r) => setTimeout(r, 1200));
	if (js.length) {
		console.log(name, JSON.stringify(await browser.driver.executeScript(js.join('=>'))));
		await new Promise((r) => setTimeout(r, 900));
	}
	writeFileSync(`/tmp/look-${name}.png`, await browser.screenshot());
}
await browser.quit();
process.exit(0);

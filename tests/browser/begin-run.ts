/** A run at the bench is begun. */
import { Key, type Browser } from './browser.ts';

/** Begun with the key; where stops stand at the door, with a reason. */
export async function begin(browser: Browser): Promise<void> {
	const said = () => browser.driver.executeScript<string>('return document.querySelector("footer .on").textContent');
	const isStopped = (await said()).startsWith('Stopped');
	await browser.keys(' ');
	if (isStopped) {
		await browser.sees('Reason for beginning all the same');
		await browser.keys('A trial', Key.ENTER);
	}
	await browser.waitFor('the run', async () => !/^(Stopped|Begin)/.test(await said()));
}

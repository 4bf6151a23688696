import { openBrowser } from '../browser/browser.ts';
const browser = await openBrowser('http://127.0.0.1:4173', { width: 1280, height: 800 });
await browser.driver.get('http://127.0.0.1:4173/jobs/K-0101');
await new Promise((r) => setTimeout(r, 4000));
console.log(await browser.driver.executeScript('return document.documentElement.dataset.alive'));
console.log(JSON.stringify(await browser.driver.manage().logs().get('browser'), null, 1).slice(0, 3000));
await browser.quit();

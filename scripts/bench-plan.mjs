// The season's plan in the page: when there is something to read, how long the page is held while it is looked for, and what the
// worker holds. `node scripts/bench-plan.mjs URL` measures a server that runs.
import { CHROMIUM } from './lib.mjs';

/** Heard from the first byte on: when plans came, and the longest that the page could not answer a hand once one stood. */
const listen = () => {
  window.plans = { first: null, better: null, settled: null, held: 0 };
  new PerformanceObserver((list) => {
    for (const e of list.getEntries())
      if (window.plans.first !== null && e.startTime > window.plans.first)
        window.plans.held = Math.max(window.plans.held, e.duration);
  }).observe({ type: 'longtask', buffered: true });
  let said = '';
  const look = () => {
    const now = document.querySelector('[data-plan]');
    const text = now?.textContent ?? '';
    if (text !== '' && text !== said) {
      window.plans.first ??= performance.now();
      if (said !== '') window.plans.better ??= performance.now();
      said = text;
    }
    if (now?.dataset.plan === 'settled') window.plans.settled ??= performance.now();
    requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
};

/** What a page's worker holds, MB, as its engine says: heap, and memory outside of it. */
async function workerHolds(page) {
  const wire = await page.context().newCDPSession(page);
  const workers = new Map();
  const answers = new Map();
  wire.on('Target.attachedToTarget', ({ sessionId, targetInfo }) => workers.set(sessionId, targetInfo));
  wire.on('Target.receivedMessageFromTarget', ({ message }) => {
    const { id, result } = JSON.parse(message);
    answers.get(id)?.(result);
  });
  await wire.send('Target.setAutoAttach', {
    autoAttach: true,
    waitForDebuggerOnStart: false,
    flatten: false
  });
  let [most, id] = [0, 0];
  for (const sessionId of workers.keys()) {
    const message = JSON.stringify({ id: ++id, method: 'Runtime.getHeapUsage' });
    const answer = new Promise((resolve) => answers.set(id, resolve));
    await wire.send('Target.sendMessageToTarget', { sessionId, message });
    const heap = await answer;
    most = Math.max(most, (heap.totalSize + (heap.backingStorageSize ?? 0)) / 1e6);
  }
  return most;
}

/** The plan's page opened twice on one device: the second time it begins from the plan that was seen. */
export async function measurePlan({ add, browser, base }) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  for (const time of ['first', 'again']) {
    const page = await context.newPage();
    await page.addInitScript(listen);
    await page.goto(`${base}/season/plan`);
    await page.locator('[data-plan=settled]').waitFor({ timeout: 120_000 });
    const holds = await workerHolds(page);
    const { first, better, settled, held } = await page.evaluate(() => window.plans);
    const at = `the season's plan, opened ${time === 'first' ? 'on a new device' : 'again'}`;
    add(`${at}: something to read after`, `${Math.round(first)} ms`, 'under 1000 ms', first < 1000);
    add(`${at}: a better one after`, `${Math.round(better)} ms`, 'under 2500 ms', better < 2500);
    add(`${at}: the last one after`, `${(settled / 1000).toFixed(1)} s`, 'under 25 s', settled < 25_000);
    add(
      `${at}: longest that the page was held meanwhile`,
      `${Math.round(held)} ms`,
      'under 50 ms',
      held < 50
    );
    add(`${at}: its worker holds`, `${Math.round(holds)} MB`, 'under 160 MB', holds > 0 && holds < 160);
    await page.close();
  }
  await context.close();
}

if (process.argv[1] === import.meta.filename) {
  const { chromium } = await import('@playwright/test');
  const browser = await chromium.launch({
    executablePath: CHROMIUM,
    args: ['--no-sandbox', '--disable-gpu']
  });
  const add = (what, figure, wanted, ok) => console.log(ok ? ' ' : '!', what, figure, `(wanted ${wanted})`);
  await measurePlan({ add, browser, base: process.argv[2] });
  await browser.close();
}

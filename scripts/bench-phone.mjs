// What a middling phone sees of each room: 390 px wide, its processor slowed fourfold, nothing in its cache.
const SLOWED = 4;
const QUIET_MS = 1500;

/** Heard from the first byte on: what jumps, what was painted largest, how long the page could not answer a finger. */
const listen = () => {
  window.heard = { shift: 0, paint: 0, blocked: 0, last: 0, moved: [] };
  const on = (type, each) =>
    new PerformanceObserver((list) => list.getEntries().forEach(each)).observe({ type, buffered: true });
  on('layout-shift', (e) => {
    if (e.hadRecentInput) return;
    window.heard.shift += e.value;
    for (const s of e.sources ?? [])
      window.heard.moved.push(
        `${s.node?.nodeName ?? '?'}.${(s.node?.className ?? '').toString().slice(0, 40)}`
      );
  });
  on('largest-contentful-paint', (e) => (window.heard.paint = e.startTime));
  on('longtask', (e) => {
    window.heard.blocked += Math.max(0, e.duration - 50);
    window.heard.last = e.startTime + e.duration;
  });
};

/** One room opened cold: layout shift, largest paint, blocked time (each task's part over 50 ms), kB on the wire. */
export async function openOnPhone(browser, url) {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    deviceScaleFactor: 2,
    isMobile: true,
    hasTouch: true
  });
  const page = await context.newPage();
  const wire = await context.newCDPSession(page);
  await wire.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  await wire.send('Network.enable');
  let [bytes, html] = [0, 0];
  let document = '';
  wire.on('Network.responseReceived', (e) => {
    if (e.type === 'Document') document = e.requestId;
  });
  wire.on('Network.loadingFinished', (e) => {
    bytes += e.encodedDataLength;
    if (e.requestId === document) html = e.encodedDataLength;
  });
  await page.addInitScript(listen);
  await page.goto(url);
  await page.locator('body[data-alive]').waitFor();
  // Until nothing long has run for a while.
  await page.waitForFunction((quiet) => performance.now() - window.heard.last > quiet, QUIET_MS);
  const heard = await page.evaluate(() => window.heard);
  await context.close();
  return { ...heard, kB: bytes / 1000, htmlKB: html / 1000 };
}

export async function measurePhone({ add, median, browser, base, rooms }) {
  for (const path of rooms) {
    const runs = [];
    for (let i = 0; i < 3; i++) runs.push(await openOnPhone(browser, base + path));
    const of = (what) => median(runs.map((r) => r[what]));
    const at = `on a middling phone, ${path.replace(/[A-Za-z0-9_-]{15,}/, '…')}`;
    add(`${at}: layout shift`, of('shift').toFixed(3), 'under 0.05', of('shift') < 0.05);
    add(`${at}: largest paint`, `${Math.round(of('paint'))} ms`, 'under 1200 ms', of('paint') < 1200);
    add(`${at}: blocked`, `${Math.round(of('blocked'))} ms`, 'under 300 ms', of('blocked') < 300);
    add(
      `${at}: on the wire`,
      `${Math.round(of('kB'))} kB, its page ${Math.round(of('htmlKB'))} kB`,
      'compressed',
      of('htmlKB') < 100
    );
  }
}

// The power cut: killed amid a stream of writes, again and again.

/** Every acknowledged write is there, none is half there, and what is derived is what the log says. */
export async function kills(ground) {
  const file = ground.copy();
  const kept = new Set();
  const rounds = ground.short ? 5 : 40;
  let lost = 0;
  let half = 0;
  let doubled = 0;
  let server = await ground.serve(file);
  for (let round = 0; round < rounds; round++) {
    let up = true;
    const hand = async (h) => {
      for (let i = 0; up; i++) {
        const commandId = `w${round}-${h}-${i}`;
        const ok = await server.say('weigh-in', { commandId, cropId: 'carrot', weight: '1 kg' }).then(
          (r) => r.ok,
          () => false
        );
        if (!ok) return;
        kept.add(commandId);
      }
    };
    const wanted = kept.size + 10 + ground.dice.below(40);
    const hands = [0, 1, 2, 3].map(hand);
    while (kept.size < wanted) await new Promise((r) => setTimeout(r, 2));
    await server.end('SIGKILL');
    up = false;
    await Promise.all(hands);
    server = await ground.serve(file);
    const picks = (await server.read('picks')).filter((p) => p.cropId === 'carrot');
    const there = new Set(picks.map((p) => p.id));
    lost += [...kept].filter((id) => !there.has(id)).length;
    half += picks.filter((p) => p.gardenG !== 1000).length;
    // Asked again, an acknowledged write answers as before and makes no second entry.
    const [again] = kept;
    await server.say('weigh-in', { commandId: again, cropId: 'carrot', weight: '1 kg' });
    const now = (await server.read('picks')).filter((p) => p.cropId === 'carrot').length;
    doubled += now - picks.length;
  }
  await server.end();
  const same = await ground.sameAsLog(file);
  return {
    did: `${rounds} kills amid ${kept.size} acknowledged writes`,
    holds: 'none lost, none half there, none twice, derived as the log says',
    found: `${lost} lost, ${half} half, ${doubled} twice, derived ${same ? 'the same' : 'OTHERWISE'}`,
    ok: lost + half + doubled === 0 && same
  };
}

/** A line that broke is asked once more, with the same command: a house that is gone does not answer then, either. */
const onceMore = (ask) => ask().catch(ask);

/** Fifty phones at once: pages read, picks weighed in, and all of them taking from the same pick. */
export async function phones(ground) {
  const file = ground.copy();
  const server = await ground.serve(file);
  await server.say('weigh-in', { commandId: 'heap', cropId: 'beet', weight: '100 kg' });
  const rooms = ['/', '/garden', '/bench', '/counter', '/pantry', '/kit'];
  const each = ground.short ? 6 : 30;
  const times = [];
  let taken = 0;
  let own = 0;
  const odd = [];
  await Promise.all(
    Array.from({ length: 50 }, async (_, phone) => {
      for (let i = 0; i < each; i++) {
        const from = performance.now();
        const page = await onceMore(() => fetch(`${server.base}${rooms[(phone + i) % rooms.length]}`));
        await page.text();
        times.push(performance.now() - from);
        const mine = { commandId: `p${phone}-${i}`, cropId: 'carrot', weight: '1 kg' };
        const weighed = await onceMore(() => server.say('weigh-in', mine));
        const take = {
          commandId: `t${phone}-${i}`,
          lotId: 'heap',
          how: 'cooked',
          weight: '10 g',
          from: 'garden'
        };
        const took = await onceMore(() => server.say('end-pick', take));
        own += weighed.ok ? 1 : 0;
        taken += took.ok ? 1 : 0;
        odd.push(...[page, weighed, took].filter((r) => !r.ok).map((r) => r.status));
      }
    })
  );
  const picks = await server.read('picks');
  const heap = picks.find((p) => p.id === 'heap')?.gardenG;
  const carrots = picks.filter((p) => p.cropId === 'carrot').length;
  await server.end();
  const same = await ground.sameAsLog(file);
  const p99 = times.sort((a, b) => a - b)[Math.floor(times.length * 0.99)];
  const right = Math.abs(heap - (100_000 - taken * 10)) < 1e-6 && carrots === own;
  return {
    did: `50 phones, ${times.length} pages and ${own + taken} writes, half of them to one pick`,
    holds: 'every update counted once, no answer but yes',
    found: `${right ? 'all counted' : `COUNTED WRONG: ${heap} g, ${carrots} picks`}, ${odd.length} refused; a page took ${Math.round(p99)} ms at the 99th of 100`,
    ok: right && odd.length === 0 && same
  };
}

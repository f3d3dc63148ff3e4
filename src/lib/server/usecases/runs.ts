import { ended, lyingOn, putBack, taken as lotTaken, type LotEvent } from '../../core/lot';
import { done, refuse, type Outcome } from '../../core/refusal';
import {
  gateAnswered,
  jarLaid,
  kitTicked,
  lapsed,
  objectsIn,
  putOff,
  runBegun,
  runBesides,
  runGivenUp,
  saltGone,
  stepDone,
  stepSkipped,
  type Run,
  type RunEvent
} from '../../core/run';
import { ofSalt } from '../../core/pantry';
import { waysOf } from '../../core/kit';
import type { OwnStyles } from '../../core/style';
import type { Taken } from '../../schema/commands';
import type { Work } from '../db/kinds';
import { household, lots, runs } from '../repos';
import { useCase } from './act';
import { takeGoods } from './goods';
import { clearDraft, copyDraft } from './bench';

/** A making begun on a bench: from now on it holds its picks and jars before every other. */
export const beginMaking = useCase('begin-making', async (work, input) => {
  const { bench, name, styleId } = input;
  const { styles } = await household(work.trx);
  const lying = lyingOn(await lots.list(work.trx, 'live'), bench).length;
  const going = await runs.list(work.trx, 'live');
  const begun = runBegun({ bench, name, styleId }, { lying, styles, going });
  if (!begun.ok) return begun;
  // What nobody did in time is put away.
  for (const old of lapsed(going, styles, work.wall))
    await runs.append(work, old.id, [{ type: 'lapsed', data: {} }]);
  await runs.append(work, work.command, [begun.value]);
  return done({ runId: work.command, name });
});

/** Off-cuts and second grade get a making beside the one that they come from: its style, its salt, figures of their own. */
export const beginBeside = useCase('begin-beside', async (work, { runId, lotId, name }) => {
  const beside = (await runs.load(work.trx, runId))?.state;
  const lot = (await lots.load(work.trx, lotId))?.state;
  if (!beside) return refuse('making-unknown', { field: 'runId' });
  if (!lot) return refuse('lot-unknown', { field: 'lotId' });
  const ours = await household(work.trx);
  const bench = work.command;
  // What lies on another bench already is made there.
  const around = {
    lying: lot.gardenG > 0 ? 1 : 0,
    going: await runs.list(work.trx, 'live'),
    styles: ours.styles
  };
  const begun = runBesides(beside, { bench, name }, around);
  if (!begun.ok) return begun;
  const taken = lotTaken(lot, { bench, weight: '' }, waysOf(ours));
  if (!taken.ok) return taken;
  await lots.append(work, lotId, [taken.value.event]);
  await copyDraft(work.trx, beside.bench, bench);
  await runs.append(work, work.command, begun.value);
  return done({ runId: work.command, name });
});

/** A step of a making done. */
export const doStep = useCase('do-step', async (work, input) =>
  ofRun(work, input.runId, (run, styles) => stepDone(run, input.step, styles))
);

/** A step left out, and why. */
export const skipStep = useCase('skip-step', async (work, input) =>
  ofRun(work, input.runId, (run, styles) => stepSkipped(run, input, styles))
);

/** A gate answered. */
export const answerGate = useCase('answer-gate', async (work, input) =>
  ofRun(work, input.runId, (run) => gateAnswered(run, input))
);

/** Of the kit list, something that is there. */
export const tickKit = useCase('tick-kit', async (work, { runId, thing, on }) =>
  ofRun(work, runId, (run) => kitTicked(run, { thing, on }))
);

/** What lies in the jars and has to come out again. */
export const putIn = useCase('put-in', async (work, input) =>
  ofRun(work, input.runId, (run) => objectsIn(run, input.objects))
);

/** The layers of its jars. */
export const layJar = useCase('lay-jar', async (work, input) =>
  ofRun(work, input.runId, (run) => jarLaid(run, input.layers))
);

/** Put off for a meal or a night, or taken up again. */
export const putOffMaking = useCase('put-off', async (work, input) => {
  const made = await ofRun(work, input.runId, (run) => putOff(run, input.minutes, work.wall));
  return made.ok ? done({ ...made.value, minutes: input.minutes }) : made;
});

/** A making given up: what lies there goes back, is eaten or thrown away; the salt that went with it is off the shelf. */
export const giveUp = useCase('give-up', async (work, input) => {
  const made = await ofRun(work, input.runId, (run) => runGivenUp(run, input.how));
  if (!made.ok) return made;
  const run = await runs.load(work.trx, input.runId);
  const bench = run?.state.bench ?? '';
  for (const lot of lyingOn(await lots.list(work.trx, 'live'), bench)) {
    const end = await lotEnds(work, lot.id, input, bench);
    if (!end.ok) return end;
    await lots.append(work, lot.id, [end.value.event]);
  }
  const gone = saltGone(input, waysOf(await household(work.trx)));
  if (!gone.ok) return gone;
  await takeGoods(work, [ofSalt(input.saltKindId, gone.value)], input.runId);
  await clearDraft(work.trx, bench);
  return made;
});

async function lotEnds(
  work: Work,
  lotId: string,
  { how }: Taken<'give-up'>,
  bench: string
): Promise<Outcome<{ event: LotEvent }>> {
  const found = await lots.load(work.trx, lotId);
  if (!found) return refuse('bench-empty');
  if (how === 'back') return putBack(found.state, bench);
  const said = { how: how === 'eaten' ? 'eaten fresh' : 'composted', weight: '', bench, note: '' } as const;
  return ended(found.state, said, waysOf(await household(work.trx)));
}

async function ofRun(
  work: Work,
  runId: string,
  ask: (run: Run, styles: OwnStyles) => Outcome<RunEvent>
): Promise<Outcome<{ runId: string; name: string }>> {
  const found = await runs.load(work.trx, runId);
  if (!found) return refuse('making-unknown', { field: 'runId' });
  const { styles } = await household(work.trx);
  const decided = ask(found.state, styles);
  if (!decided.ok) return decided;
  await runs.append(work, runId, [decided.value]);
  return done({ runId, name: found.state.name });
}

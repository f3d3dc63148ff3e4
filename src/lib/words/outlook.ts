import type { GasSeen } from '../core/batch';
import type { WallMinute } from '../core/calendar';
import type { ForecastEvent, Phase } from '../core/forecast';
import { stageAt, type Outlook, type PlaceAhead, type Span, type Stage } from '../core/outlook';
import type { Lid } from '../core/vessel';

/** What is waited for. */
export const EVENT_WORDS: Readonly<Record<ForecastEvent, string>> = {
  bubbles: 'first bubbles',
  under46: 'pH under 4.6',
  firstTaste: 'first taste',
  mild: 'mild',
  tangy: 'tangy',
  fullySour: 'fully sour',
  last: 'last sensible day'
};

/** What a jar does, told so that nobody worries. */
export const PHASE_WORDS: Readonly<Record<Phase, string>> = {
  waking: 'quiet, colours bright',
  firstBubbles: 'first bubbles, brine hazy, contents lift',
  lively: 'lively, sour smell, white dust settles',
  lull: 'a lull; it often comes back',
  settling: 'slowing, clear sour smell',
  quiet: 'quiet again, colours dull, pieces sink in part'
};

/** Gas as one sees it. */
export const GAS_WORDS: Readonly<Record<GasSeen['seen'], string>> = {
  none: 'still',
  slow: 'a bubble now and then',
  lively: 'lively'
};

type Day = (at: WallMinute) => string;
const DAY = 1440;

/** Where no end of a span comes into sight: what sours perhaps never does; what goes past its best does later. */
export const beyondSays = (e: ForecastEvent): string => (e === 'last' ? 'not in sight' : 'not here');

/** Example: `between Sun and Thu, most likely Tue`. */
export function spanSays(e: ForecastEvent, { early, likely, late }: Span, day: Day): string {
  if (early === null) return beyondSays(e);
  if (e === 'last' && (likely === null || late === null)) return `from ${day(early)}, perhaps much later`;
  if (likely === null) return `from ${day(early)} at the soonest, perhaps never here`;
  if (late === null) return `from ${day(early)}, most likely ${day(likely)}, perhaps never here`;
  if (day(early) === day(late)) return day(likely);
  return `between ${day(early)} and ${day(late)}, most likely ${day(likely)}`;
}

const ON_THE_WAY = ['firstTaste', 'mild', 'tangy', 'fullySour'] as const;

/** What comes next. Example: `Likely tangy between Sun and Thu, most likely Tue.` */
export function nextSays(o: Outlook, now: WallMinute, day: Day): string {
  const when = (e: ForecastEvent) => (e === 'fullySour' ? o.fullySour : o.spans[e].likely) ?? Infinity;
  const next = ON_THE_WAY.find((e) => when(e) > now);
  if (!next) return `By this guess fully sour since ${day(when('fullySour'))}.`;
  // What guides say rules, as long as nobody has read the jar.
  if (next === 'fullySour' && o.guide && o.fullySour === o.guide.from)
    return `Fully sour from ${day(o.guide.from)}, as tested guides say.`;
  if (o.spans[next].early === null)
    return `It will hardly get ${EVENT_WORDS[next]} here: too cool or too salty.`;
  const name = next === 'firstTaste' ? 'First taste' : `Likely ${EVENT_WORDS[next]}`;
  return `${name} ${spanSays(next, o.spans[next], day)}.`;
}

/** When it comes to be as it is liked. Example: `As you like it, sour 3: between Sun and Thu, most likely Tue.` */
export function likedSays(liked: Span, sour: number, now: WallMinute, day: Day): string {
  const name = `As you like it, sour ${Math.round(sour * 2) / 2}`;
  if (liked.likely !== null && liked.likely <= now)
    return `${name}: by this guess it is, since ${day(liked.likely)}.`;
  return `${name}: ${spanSays('tangy', liked, day)}.`;
}

/** By so many days. Example: `a day`, `2½ days`. */
function days(minutes: number): string {
  const halves = Math.round((2 * Math.abs(minutes)) / DAY);
  if (halves === 1) return 'half a day';
  if (halves === 2) return 'a day';
  return `${Math.floor(halves / 2)}${halves % 2 ? '½' : ''} days`;
}

/** What the last reading did. Example: `Your last reading moved tangy 2 days earlier.` Empty where it hardly moved it. */
export function movedSays({ spans, before, used, strays }: Outlook, now: WallMinute): string {
  if (strays.includes(used.at(-1) ?? ''))
    return 'Your last reading does not fit the rest and counts for little: read it again.';
  const [was, is] = (['tangy', 'fullySour', 'mild'] as const)
    .map((e) => [e, before?.[e].likely ?? null, spans[e].likely] as const)
    .filter(([, a, b]) => a !== null && b !== null && Math.max(a, b) > now)
    .map(([e, a, b]) => [{ e, at: a! }, b!] as const)[0] ?? [null, 0];
  if (!was) return '';
  const by = is - was.at;
  if (Math.abs(by) < DAY / 4) return `Your last reading bears the guess out.`;
  return `Your last reading moved ${EVENT_WORDS[was.e]} ${days(by)} ${by < 0 ? 'earlier' : 'later'}.`;
}

/** What tested guides say, where they speak. */
export function guideSays({ guide, used }: Outlook, day: Day): string {
  if (!guide) return '';
  const says = `Tested guides say fully sour from ${day(guide.from)} to ${day(guide.to)}`;
  if (!guide.apart) return `${says}.`;
  return used.length > 0
    ? `${says}; your own readings say otherwise.`
    : `${says}: until you have read this jar, the later one counts.`;
}

/** How far it is to be believed. */
export function trustSays({ used, tooEarly }: Outlook, batches: number): string {
  const kept = tooEarly.length > 0 ? ' A pH from before the pieces had evened out is kept and not used.' : '';
  const own =
    batches === 0 ? '' : ` and from your ${batches === 1 ? 'one batch' : `${batches} batches`} before`;
  const from =
    used.length === 0
      ? batches === 0
        ? 'A first guess, nothing read yet'
        : `A guess from your ${batches === 1 ? 'one batch' : `${batches} batches`} before, nothing read of it yet`
      : `A guess from ${used.length} reading${used.length > 1 ? 's' : ''} of it${own}`;
  return `${from}: eight times in ten it comes within these days.${kept} It is no safety test: go by pH, look and smell together.`;
}

/** How sour that is. */
export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  raw: 'hardly sour',
  young: 'faintly sour',
  mild: 'mild',
  tangy: 'tangy',
  fullySour: 'fully sour',
  past: 'fully sour, softening'
};

/** What a place would do. Example: `In a week mild, pH about 3.9; in a month tangy, 3.7.` */
export function placeSays({ week, month }: PlaceAhead): string {
  const [w, m] = [week, month].map((s) => `${STAGE_WORDS[s.stage]}, pH about ${s.pH.toFixed(1)}`);
  return w === m ? `In a week ${w}; in a month the same.` : `In a week ${w}; in a month ${m}.`;
}

/** How sour a jar will most likely be at a time, if it stays. Example: `tangy, pH about 3.7`. */
export function sourAt(o: Outlook, at: WallMinute): string {
  const then = o.curve.find((c) => c.at >= at) ?? o.curve.at(-1);
  return `${STAGE_WORDS[stageAt(o, at)]}${then ? `, pH about ${then.pH.likely.toFixed(1)}` : ''}`;
}

/** Stop, wait, or into the cold, with its reason. Example: `Wait: the first taste is likely on Mon.` */
export function whatNowSays(o: Outlook, now: WallMinute, day: Day, sourRead: boolean): string {
  const at = (t: WallMinute | null) => (t === null ? '' : ` ${day(t)}`);
  const measure = sourRead ? '' : ' First measure: no pH of 4.6 or lower has been read yet.';
  const { last, firstTaste, tangy } = o.spans;
  switch (stageAt(o, now)) {
    case 'raw':
      return firstTaste.likely === null
        ? 'Wait: it sours slowly here.'
        : `Wait: there is little to taste before ${day(firstTaste.likely)}.`;
    case 'young':
    case 'mild':
      return `Wait${tangy.likely === null ? '' : `: tangy most likely${at(tangy.likely)}`}; or into the cold, if you like it as mild as it is.${measure}`;
    case 'tangy':
    case 'fullySour':
      return `Into the cold when you like it so; on the counter it gets more sour and softer${last.likely === null ? '' : `, and most likely past its best${at(last.likely)}`}.${measure}`;
    case 'past':
      return `Into the cold now: on the counter it only gets softer.${measure}`;
  }
}

/** Where it may turn to drink. */
export const ALCOHOLIC_SAYS =
  'Much sugar is left for its warmth: it may go fizzy and alcoholic. The cold slows it.';

/** Of the gas over the next day or so, for a lid that lets none out. */
export function gasSays({ gas }: Outlook, now: WallMinute, time: (at: WallMinute) => string): string {
  const next = gas.openings.find((at) => at > now);
  const over =
    gas.hoursOver > 0
      ? ` Even so it comes to more than 0.3 bar for ${gas.hoursOver} hours: a lid that lets gas out is better.`
      : '';
  return next === undefined ? over.trim() : `Gas by this guess: open it ${time(next)}.${over}`;
}

/** What runs over. */
export function fillsSays({ gas }: Outlook): string {
  if (gas.fills > 1) return 'It may rise and run over: stand it in a tray.';
  return gas.fills > 0.6 ? 'It may rise near to the rim: a tray is wise.' : '';
}

/** Of a jar that stood there on the first day. */
export const UNKNOWN_OUTLOOK =
  'Nobody knows how much salt is in it, so nothing can be said ahead: go by pH, look, smell and taste.';

/** How far it will have soured, from a time on. Example: `In a week pH about 3.9, in a month 3.7.` */
export function aheadSays({ curve }: Outlook, from: WallMinute): string {
  const [week, month] = [7, 30].map((d) => curve.find((c) => c.at >= from + d * DAY)?.pH.likely);
  if (week === undefined) return '';
  return `In a week pH about ${week.toFixed(1)}${month === undefined ? '' : `, in a month ${month.toFixed(1)}`}.`;
}

const dayNumber = (at: WallMinute, from: WallMinute): string => {
  const n = (at - from) / DAY;
  return n < 10
    ? String(Math.round(2 * n) / 2)
        .replace('.5', '½')
        .replace(/^0½/, '½')
    : String(Math.round(n));
};

/** What something tried does against how it is. Example: `Tangy about day 5 instead of day 8.` */
export function triedSays(is: Outlook, would: Outlook, from: WallMinute, lid: Lid): string[] {
  const when = (['tangy', 'fullySour'] as const).map((e) => {
    const [a, b] = [is.spans[e].likely, would.spans[e].likely];
    const name = EVENT_WORDS[e].replace(/^./, (c) => c.toUpperCase());
    if (b === null) return `${name}: ${would.spans[e].early === null ? 'not here' : 'hardly here'}.`;
    const now = `${name} about day ${dayNumber(b, from)}`;
    const was = a === null ? null : dayNumber(a, from);
    if (was === dayNumber(b, from)) return `${now}.`;
    return was === null ? `${now}; as it is, hardly at all.` : `${now} instead of day ${was}.`;
  });
  const shut =
    lid === 'clamped'
      ? [
          `Shut and never opened it might come to ${would.gas.shutBar.toFixed(1)} bar; to stay under 0.3 bar it wants opening ${
            would.gas.openings.length === 1 ? 'once' : `${would.gas.openings.length} times`
          }.`
        ]
      : [];
  const last = would.spans.last.likely;
  const lasts = last === null ? [] : [`Softer than one likes from about day ${dayNumber(last, from)}.`];
  return [
    ...when,
    ...shut,
    ...(fillsSays(would) ? [fillsSays(would)] : []),
    ...lasts,
    ...(would.mayTurnAlcoholic ? [ALCOHOLIC_SAYS] : [])
  ];
}

/** The line was cut while it was fetched. */
export const NOT_FETCHED =
  'Crockle could not be reached just now: load the page again, and what it will do comes.';

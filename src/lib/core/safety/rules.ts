/** Red is only for harm; heed is for what may spoil the jar or the fun. */
export type Level = 'harm' | 'heed';

type None = Readonly<Record<never, never>>;
/** Salinity where it ends. */
interface At {
  readonly at: number;
}
interface AtOfStyle extends At {
  readonly from: number;
  readonly to: number;
  readonly style: string;
}
/** Salinities, nine times in ten. */
interface Between {
  readonly from: number;
  readonly to: number;
}
/** By their names. */
interface Crops {
  readonly crops: readonly string[];
}
interface PlaceAt {
  readonly place: string;
  readonly tempC: number;
}

/** Of one crop, where it is prepared. */
export type CropNote = 'beet-colours' | 'beans-toxin' | 'slit' | 'blossom-end' | 'tomatoes-fall';

/** Every rule, and what it says of a case: the sentence, its reason and its source stand in `words`. */
export interface RuleFacts {
  readonly 'salt-too-weak': At;
  readonly 'salt-low': At;
  readonly 'salt-under-style': AtOfStyle;
  readonly 'salt-below-style': AtOfStyle;
  readonly 'salt-over-style': AtOfStyle;
  readonly 'crop-outside': { readonly crop: string; readonly style: string };
  readonly 'near-line': Crops;
  readonly 'mash-air': None;
  readonly 'jars-idle': { readonly jars: number };
  readonly 'salt-high': At;
  readonly 'lid-unopened': { readonly jars: number };
  readonly 'ph-line': { readonly pH: number; readonly day: number; readonly lineDay: number };
  readonly 'ph-not-fallen': { readonly pH: number };
  readonly 'place-cold': PlaceAt;
  readonly 'place-warm': PlaceAt;
  readonly 'scale-too-coarse': { readonly by: 'spoon' | 'bulk'; readonly times: number };
  readonly gloves: { readonly crop: string };
  readonly 'juice-short':
    | { readonly by: 'crops'; readonly crops: readonly string[] }
    | { readonly by: 'dried' }
    | { readonly by: 'salt'; readonly at: number };
  readonly 'rinse-unmeasured': Between;
  readonly 'rinse-salty': { readonly addG: number };
  readonly 'sauce-salty': { readonly addG: number };
  readonly 'rinse-and-sauce': Between;
  readonly 'hot-brine': None;
  readonly 'weight-above-rim': { readonly jar: string; readonly weight: string; readonly mm: number };
  readonly 'bits-past': {
    readonly jar: string;
    readonly weight: string;
    readonly widthMm: number;
    readonly bodyMm: number;
  };
  readonly 'away-clamped': { readonly from: number; readonly to: number; readonly jars: number };
  readonly hollow: Crops;
  readonly floats: Crops;
  readonly 'much-surface': { readonly jar: string; readonly deepMm: number; readonly openMm: number };
  readonly 'crop-note': { readonly note: CropNote };
  readonly 'raw-not-pantry': None;
}

export type RuleId = keyof RuleFacts;

const LEVELS: Readonly<Record<RuleId, Level>> = {
  'salt-too-weak': 'harm',
  'salt-low': 'heed',
  'salt-under-style': 'harm',
  'salt-below-style': 'heed',
  'salt-over-style': 'heed',
  'crop-outside': 'heed',
  'near-line': 'heed',
  'mash-air': 'heed',
  'jars-idle': 'heed',
  'salt-high': 'heed',
  'lid-unopened': 'harm',
  'ph-line': 'harm',
  'ph-not-fallen': 'harm',
  'place-cold': 'heed',
  'place-warm': 'heed',
  'scale-too-coarse': 'harm',
  gloves: 'heed',
  'juice-short': 'heed',
  'rinse-unmeasured': 'harm',
  'rinse-salty': 'heed',
  'sauce-salty': 'heed',
  'rinse-and-sauce': 'harm',
  'hot-brine': 'heed',
  'weight-above-rim': 'heed',
  'bits-past': 'heed',
  'away-clamped': 'harm',
  hollow: 'heed',
  floats: 'heed',
  'much-surface': 'heed',
  'crop-note': 'heed',
  'raw-not-pantry': 'harm'
};

interface CautionOf<R extends RuleId> {
  readonly rule: R;
  readonly level: Level;
  readonly values: RuleFacts[R];
}

/** A caution at the place of harm: which rule holds, how bad it is, and of what it is said. */
export type Caution = { readonly [R in RuleId]: CautionOf<R> }[RuleId];

/** Whether a name is one of our rules. */
export const isRule = (name: string): name is RuleId => Object.hasOwn(LEVELS, name);

/** A rule, said of this case. */
export const caution = <R extends RuleId>(rule: R, values: RuleFacts[R]): CautionOf<R> => ({
  rule,
  level: LEVELS[rule],
  values
});

/**
 * The salt that can be said at all, everywhere: as a share of what it is taken of up to what water dissolves (36 g to 100 g
 * at 20 °C), as a salinity up to saturation (26.4 %); under a thousandth it is no dose.
 */
export const DOSES = { from: 0.001, to: 0.36 } as const;
export const SALINITIES = { from: 0.001, to: 0.264 } as const;

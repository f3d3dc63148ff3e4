/** What may stand in for an ingredient, how much of it, and why. Common practice, no source. */
export interface Substitute {
  readonly name: string;
  /** Times the amount. */
  readonly factor: number;
  readonly reason: string;
}

const TANNIN = ['grape leaf', 'cherry leaf', 'oak leaf', 'horseradish leaf', 'blackcurrant leaf', 'bay leaf'];
const HERBS: readonly (readonly string[])[] = [
  ['dill', 'fennel fronds'],
  ['savory', 'thyme', 'oregano'],
  ['basil', 'oregano'],
  ['coriander', 'parsley']
];

interface Rule {
  readonly when: RegExp;
  readonly gives: (name: string) => readonly Substitute[];
}

const RULES: readonly Rule[] = [
  {
    when: /\b(grape|cherry|oak|horseradish|blackcurrant|bay|tannin)\b.*\bleaf|\bbay\b/,
    gives: (name) =>
      TANNIN.filter((t) => !name.includes(t.split(' ')[0]!)).map((t) => ({
        name: t,
        factor: 1,
        reason: 'holds tannin as well: keeps the crunch'
      }))
  },
  {
    when: /fish sauce/,
    gives: () => [
      { name: 'soy sauce', factor: 1.4, reason: 'as much salt; soy, often wheat: read the label' },
      {
        name: 'dried seaweed',
        factor: 0.2,
        reason: 'savoury, far less salt, drinks water; for fish or soy allergy read the label'
      },
      { name: 'miso', factor: 2.1, reason: 'as much salt, thicker; soy, sometimes wheat: read the label' }
    ]
  },
  {
    when: /salted shrimp/,
    gives: () => [
      { name: 'fish sauce', factor: 1.25, reason: 'as much salt; some hold shellfish: read the label' },
      { name: 'miso', factor: 2.6, reason: 'as much salt; soy, sometimes wheat: read the label' }
    ]
  },
  {
    when: /chilli flake/,
    gives: () => [{ name: 'sweet paprika flakes', factor: 1, reason: 'the colour without the heat' }]
  },
  {
    when: /cayenne|thai|habanero|serrano/,
    gives: () => [
      { name: 'jalapeño', factor: 1, reason: 'milder' },
      { name: 'ripe sweet pepper', factor: 1, reason: 'no heat at all' }
    ]
  },
  {
    when: /leaf cabbage|napa|chinese cabbage/,
    gives: () => [
      { name: 'pointed cabbage', factor: 1, reason: 'leaf for leaf: tender, a little sweeter' },
      { name: 'mustard greens', factor: 1, reason: 'leaf for leaf: sharper, gives less juice' }
    ]
  },
  {
    when: /white cabbage/,
    gives: () => [
      { name: 'pointed cabbage', factor: 1, reason: 'softer, ready sooner' },
      { name: 'red cabbage', factor: 1, reason: 'firmer, colours everything' }
    ]
  },
  { when: /caraway/, gives: () => [{ name: 'cumin', factor: 0.7, reason: 'seed for seed: stronger' }] },
  { when: /juniper/, gives: () => [{ name: 'caraway', factor: 1, reason: 'seed for seed: sweeter' }] },
  { when: /mustard seed/, gives: () => [{ name: 'coriander seed', factor: 1, reason: 'mustard-free' }] },
  {
    when: /celery/,
    gives: () => [{ name: 'lovage', factor: 0.5, reason: 'the same taste, stronger; not for celery allergy' }]
  }
];

/** Substitutes for a name on a card, the nearest first. Example: `substitutesFor('oak leaf')[0]?.name` is `'grape leaf'`. */
export function substitutesFor(name: string): readonly Substitute[] {
  const said = name.toLowerCase();
  const herb = HERBS.find((group) => group.some((h) => said.includes(h) && !/seed|pickle/.test(said)));
  return [
    ...RULES.filter((r) => r.when.test(said)).flatMap((r) => r.gives(said)),
    ...(herb ?? [])
      .filter((h) => !said.includes(h))
      .map((h) => ({ name: h, factor: 1, reason: 'herb for herb' }))
  ];
}

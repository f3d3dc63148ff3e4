import type { RecipeText } from './types';

const recipe = (
  id: string,
  name: string,
  styleId: string,
  card: readonly string[],
  notes = ''
): readonly [string, RecipeText] => [id, { name, styleId, card: card.join('\n'), notes }];

/**
 * The starting set: our own making, a plain one for every style and what Osier Bank makes. A line an ingredient, in the
 * words of a card. Common practice, no source.
 */
export const STARTING_RECIPES: readonly (readonly [string, RecipeText])[] = [
  recipe('juniper-kraut', 'Pointed cabbage with juniper', 'shredded', [
    '100 % pointed cabbage',
    '2.2 % salt of the vegetables',
    '3 g juniper berries per kg',
    '3 outer leaves of the cabbage a jar (optional)'
  ]),
  recipe('plain-kraut', 'Plain kraut', 'shredded', ['100 % white cabbage', '2.1 % salt of the vegetables']),
  recipe('carrot-kraut', 'Kraut with carrot and caraway', 'shredded', [
    '88 % white cabbage',
    '12 % carrot',
    '2.1 % salt of the vegetables',
    '4 g caraway per kg'
  ]),
  recipe('garden-slaw', 'Garden slaw', 'slaw', [
    '70 % white cabbage',
    '20 % carrot',
    '10 % onion',
    '1.9 % salt of the vegetables',
    '2 g cumin per kg',
    '2 g oregano per kg',
    'jalapeño, as you like',
    'lime juice, as you like'
  ], 'Lime juice and fruit go in when it is served.'),
  recipe('leek-kimchi', 'Leaf cabbage with leek', 'leaf-rinsed', [
    '82 % leaf cabbage',
    '10 % leek',
    '8 % winter radish',
    '2.2 % salt at the end',
    '20 g chilli flakes per kg',
    '25 g garlic per kg',
    '10 g ginger per kg',
    '15 ml fish sauce per kg'
  ], 'The salt is what it settles at, once the rinsed leaf is weighed and tasted. A starch glue must be cold.'),
  recipe('greens-once', 'Mustard greens, salted once', 'leaf-single', [
    '85 % mustard greens',
    '15 % radish',
    '2 % salt of the vegetables',
    '15 g garlic per kg',
    '8 g ginger per kg',
    '6 g chilli flakes per kg (optional)'
  ]),
  recipe('kohlrabi-mustard', 'Kohlrabi sticks with mustard seed', 'pieces', [
    '100 % kohlrabi',
    '2.5 % salt at the end',
    '4 g mustard seed per kg',
    '1 oak leaf or cherry leaf a jar'
  ]),
  recipe('pink-turnips', 'Pink turnips', 'pieces', [
    '90 % turnip',
    '10 % beet',
    '2.5 % salt at the end',
    '2 cloves garlic a jar',
    '1 bay leaf a jar'
  ]),
  recipe('beans-savory', 'Green beans with savory', 'pieces', [
    '100 % green beans',
    '2.8 % salt at the end',
    '2 sprigs savory a jar',
    '2 cloves garlic a jar',
    '1 cherry leaf a jar'
  ], 'Raw green beans: some guidance blanches them first.'),
  recipe('beet-horseradish', 'Golden beet with horseradish', 'pieces', [
    '94 % beet',
    '6 % horseradish',
    '2.5 % salt at the end',
    '1 bay leaf a jar'
  ]),
  recipe('week-cucumbers', 'Cucumbers for the week', 'short-cucumbers', [
    '100 % gherkins',
    '2 % salt at the end',
    '1 dill head a jar',
    '3 cloves garlic a jar',
    '1 oak leaf a jar'
  ]),
  recipe('gherkins-oak', 'Gherkins with oak leaf', 'pieces', [
    '100 % gherkins',
    '3 % salt at the end',
    '1 dill head a jar',
    '2 cloves garlic a jar',
    '1 oak leaf a jar',
    '3 g mustard seed per kg'
  ]),
  recipe('cherry-tomatoes', 'Cherry tomatoes with basil', 'soft-fruit', [
    '100 % cherry tomatoes',
    '2.5 % salt at the end',
    '3 cloves garlic a jar',
    '1 sprig basil a jar'
  ]),
  recipe('wax-rings', 'Wax pepper rings', 'sliced-peppers', [
    '92 % wax pepper',
    '8 % onion',
    '2.7 % salt at the end',
    '2 cloves garlic a jar',
    '1 sprig oregano a jar (optional)'
  ]),
  recipe('pear-chilli', 'Pear and chilli sauce', 'pepper-sauce', [
    '62 % cayenne',
    '24 % pear',
    '10 % onion',
    '4 % garlic',
    '3 % salt at the end',
    '1 bay leaf a jar'
  ], 'Drain, blend with 20–60 % of the brine, measure the pH.'),
  recipe('cayenne-mash', 'Cayenne mash', 'pepper-mash', [
    '98 % cayenne',
    '2 % garlic',
    '4.2 % salt of the peppers'
  ])
];

/** The produce's own colours, used inside jars and charts and nowhere else. */
const COLOURS: Record<string, string> = {
  'cabbage-white': '#d9d7a0', 'cabbage-red': '#9a4a78', 'cabbage-pointed': '#d3d493', 'cabbage-napa': '#dfe0ae', 'pak-choi': '#8fb36a',
  'mustard-greens': '#6f9a4f', kohlrabi: '#c6d69b', 'radish-small': '#d9687a', 'radish-daikon': '#ece8d6', turnip: '#e6b7c0',
  beet: '#8e2f4c', carrot: '#e08a3c', parsnip: '#e8d9ae', celery: '#b7cf86', celeriac: '#e3dab9', cauliflower: '#ece5cc',
  'broccoli-stem': '#a9c27a', 'brussels-sprout': '#9cba62', kale: '#5c8a4b', 'green-bean': '#84ad52', 'cucumber-small': '#87a651',
  zucchini: '#a5bf6d', pumpkin: '#e3a04a', 'tomato-ripe': '#cf4a35', 'tomato-cherry': '#d6533a', 'tomato-green': '#a8bd61',
  tomatillo: '#b3c46b', 'pepper-bell-green': '#6fa04f', 'pepper-bell-ripe': '#cc4336', 'pepper-wax': '#e6c95a', 'pepper-paprika': '#b9382e',
  'pepper-poblano': '#46713f', 'pepper-jalapeno': '#5f9148', 'pepper-serrano': '#5c9a4a', 'pepper-cayenne': '#c3352b', 'pepper-thai': '#c9382c',
  'pepper-habanero': '#e2812f', onion: '#e6d3a6', 'onion-red': '#b76a8c', shallot: '#cfa3a0', leek: '#c3d39c', 'spring-onion': '#a5c486',
  garlic: '#efe6cf', ginger: '#dcc48d', horseradish: '#eadfc0', turmeric: '#d99a2b', apple: '#dfe0a0', pear: '#dcd98f', pineapple: '#ead06a',
  mango: '#eab04d', peach: '#eebb86', fennel: '#d7e2b9', eggplant: '#6a4a78', okra: '#8fae5d'
};

/** Golden kinds of a crop look like themselves. */
export function cropColour(cropId: string): string {
  return COLOURS[cropId] ?? '#c9c18f';
}

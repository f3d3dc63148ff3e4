import { style } from '$lib/core/style';
import { cardOf } from '$lib/server/usecases/recipes';
import { allRecipes, batches } from '$lib/server/repos';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { db } = locals.house;
  const made = await batches.topics(db);
  const all = await allRecipes(db);
  return {
    recipes: await Promise.all(
      all.map(async (r) => {
        const card = await cardOf(db, r);
        const mine = made.get(r.id);
        return {
          id: r.id,
          name: r.name,
          style: style(r.styleId)?.name ?? r.styleId,
          from: r.from,
          version: r.version,
          wishes: r.wishes.length,
          lacks: card?.problems.filter((p) => p.blocks).length ?? 0,
          things: card?.ingredients.map((i) => i.name).join(', ') ?? '',
          allergens: [...new Set(card?.ingredients.map((i) => i.allergen).filter(Boolean))].join(', '),
          heat: Math.max(0, ...(card?.ingredients.map((i) => i.heat) ?? [])),
          made: mine?.n ?? 0,
          last: mine?.last ?? null
        };
      })
    )
  };
};

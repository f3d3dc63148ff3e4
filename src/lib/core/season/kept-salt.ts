import { cropsOf, type Household } from '../kit/index';
import { crop } from '../produce/index';
import { as } from '../quantity/index';
import { saltForEquilibrium, saltKind } from '../salt/index';
import { stylesIn } from '../style/index';
import { jarGeometry, usableMl } from '../vessel/index';
import type { KeptStart } from './said';

/** Salt that planned starts will take, g of the household's usual kind: each as its style is usually made, its jars full. */
export function saltOfStarts(starts: readonly KeptStart[], house: Household): number {
  const { purity } = saltKind(house.saltKindId) ?? { purity: 1 };
  return starts.reduce((a, s) => a + naclOf(s, house), 0) / purity;
}

function naclOf({ styleId, picks, jars }: KeptStart, house: Household): number {
  const style = stylesIn(house.styles).find((s) => s.id === styleId);
  if (!style) return 0;
  const own = cropsOf(house);
  let [g, ml, waterG] = [0, 0, 0];
  for (const [id, rawG] of Object.entries(picks)) {
    const row = crop(id, own);
    if (!row) continue;
    const prepared = rawG * row.trim;
    g += prepared;
    ml += prepared / row.density;
    waterG += prepared * row.moisture;
  }
  if (style.salting === 'rinsed' && style.heavy) return style.heavy.fraction * g;
  const brineMl = style.salting === 'brine' ? Math.max(0, jarsMl(jars, house) - ml) : 0;
  return saltForEquilibrium(as.equilibriumSalinity(style.usualSalt), waterG + brineMl);
}

/** What jars take, ml. */
const jarsMl = (jars: KeptStart['jars'], { jars: owned }: Household): number =>
  Object.entries(jars).reduce((a, [id, n]) => {
    const j = owned.find((o) => o.id === id);
    const shape = j && jarGeometry(j.geometryId);
    if (!j || !shape) return a;
    const measured = j.brimMl === null ? shape : { ...shape, brimMl: j.brimMl };
    return a + n * usableMl(measured, j.headspaceMm ?? undefined, j.weightMl ?? 0);
  }, 0);

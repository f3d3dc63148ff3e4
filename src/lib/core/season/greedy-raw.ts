import type { PlannedBatch, SeasonInput, SeasonStyle } from './types';

/** What the plain way has at hand raw in a week. */
export class GreedyRaw {
  private readonly lots: { cropId: string; kg: number; readonly last: number }[];

  constructor(private readonly input: SeasonInput) {
    this.lots = input.crops.flatMap((c) => c.lots.map((l) => ({ cropId: c.id, ...l })));
  }

  /** A week begins: its picks come. */
  begin(week: number): void {
    for (const c of this.input.crops)
      this.lots.push({ cropId: c.id, kg: c.picks[week] ?? 0, last: week + c.rawWeeks - 1 });
  }

  /** It ends: what is past its week spoils. */
  end(week: number): void {
    for (const l of this.lots) if (l.last <= week) l.kg = 0;
  }

  /** Takes raw, the oldest first; how much of it there was. */
  take(cropId: string, wants: number): number {
    let kg = wants;
    for (const l of this.lots.filter((x) => x.cropId === cropId).sort((a, b) => a.last - b.last)) {
      const gone = Math.min(l.kg, kg);
      l.kg -= gone;
      kg -= gone;
    }
    return wants - kg;
  }

  private of = (cropId: string): number =>
    this.lots.reduce((a, l) => (l.cropId === cropId ? a + l.kg : a), 0);

  /** Raw that is lost unless it is used in this week, kg. */
  rotting(cropId: string, week: number): number {
    return this.lots.reduce((a, l) => (l.cropId === cropId && l.last <= week ? a + l.kg : a), 0);
  }

  rotsNow(cropId: string, week: number): boolean {
    return this.rotting(cropId, week) > 0.05;
  }

  /** Prepared kg that the garden has for a share. */
  private has = (cropId: string | null): number => {
    const trim = this.input.crops.find((c) => c.id === cropId)?.trim ?? 0;
    return cropId === null ? Infinity : this.of(cropId) * trim;
  };

  /** Prepared kg that there is for a style, by its shares. */
  prepared({ shares, litres, kgPerLitre }: SeasonStyle): number {
    const most = litres.to * kgPerLitre;
    const all = shares.reduce((a, s) => a + Math.min(this.has(s.cropId), s.to * most), 0);
    return Math.min(most, all, ...shares.map((s) => (s.from > 0 ? this.has(s.cropId) / s.from : Infinity)));
  }

  /** Takes what a batch is made of: each share's least, the rest of what there is most of; null: it does not come out. */
  use({ shares }: SeasonStyle, kg: number): PlannedBatch['uses'] | null {
    const parts = shares.map((s) => ({ s, kg: s.from * kg, has: this.has(s.cropId) }));
    let rest = kg - parts.reduce((a, p) => a + p.kg, 0);
    for (const p of [...parts].sort((a, b) => a.s.cost - b.s.cost || b.has - a.has)) {
      const more = Math.max(0, Math.min(rest, p.s.to * kg - p.kg, p.has - p.kg));
      p.kg += more;
      rest -= more;
    }
    if (rest > 1e-6 || parts.some((p) => p.kg > p.has + 1e-6)) return null;
    for (const p of parts) {
      const crop = this.input.crops.find((c) => c.id === p.s.cropId);
      if (crop) this.take(crop.id, p.kg / crop.trim);
    }
    return parts.filter((p) => p.kg > 0).map((p) => ({ cropId: p.s.cropId, kg: p.kg }));
  }
}

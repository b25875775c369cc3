import { clamp } from '../clamp.ts'

/** A drier's metal on oil and alkyd, % by mass; for clove oil, % of the paint by mass. */
export interface DrierDose {
  /** The library's drier it is (see `kindOf`). */
  readonly kind: string
  readonly name: string
  readonly percent: number
  readonly maxPercent: number | undefined
}

/** Highest gain at the surface (a) and in depth (b), and the dose that gives half of it (d50, % metal). */
const driers: Record<string, { readonly a: number; readonly b: number; readonly d50: number }> = {
  cobalt: { a: 2.5, b: -0.24, d50: 0.02 },
  manganese: { a: 1.67, b: 0.4, d50: 0.02 },
  lead: { a: 0.86, b: 1.19, d50: 0.3 },
  co_zr_ca: { a: 2.04, b: 0.16, d50: 0.02 },
  pb_mn_resinate_dark: { a: 1.6, b: 0.21, d50: 0.12 },
  pb_mn_resinate_pale: { a: 1.07, b: 0.16, d50: 0.06 },
  manganese_resinate_borate: { a: 1.31, b: 0.27, d50: 0.03 },
  iron_ligand_complex: { a: 1.8, b: 0.07, d50: 0.0008 },
}

/**
 * How driers change the start of drying and its going through, as factors on the rate (model).
 * Of several driers the largest of each counts; clove oil slows the start to 0.40 per 1 % of the paint.
 */
export function drierEffect(
  doses: readonly DrierDose[],
  pigmented: boolean,
): { readonly start: number; readonly through: number } {
  let start = 1
  let through = 1
  let anyDrier = false
  for (const { kind, percent } of doses) {
    const drier = driers[kind]
    if (!drier || percent <= 0) continue
    const s = percent / (percent + drier.d50)
    start = anyDrier ? Math.max(start, 1 + drier.a * s) : 1 + drier.a * s
    through = anyDrier ? Math.max(through, 1 + drier.b * s) : 1 + drier.b * s
    anyDrier = true
  }
  start = Math.min(start, pigmented ? 3 : 10)
  const clove = doses.find(({ kind }) => kind === 'clove_oil')?.percent ?? 0
  return {
    start: clamp(start * 0.4 ** clove, 0.01, 10),
    through: clamp(through * 1.52 ** Math.min(clove, 3), 0.01, 5),
  }
}

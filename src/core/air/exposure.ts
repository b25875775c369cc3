import type { Range } from '../materials/material.ts'

/** How a solvent goes into the air, and how much of it is let be there. All of it typical or guidance, not law. */
export interface Exposure {
  /** At 20 °C. */
  readonly vapourKPa: Range
  readonly molarG: number
  /** Eight-hour guidance, mg/m³: as most places have it, and the strictest; null: none is known. */
  readonly commonMgPerM3: number | null
  readonly strictMgPerM3: number | null
  /** For a person it has sensitised there is no safe amount. */
  readonly sensitises: boolean
}

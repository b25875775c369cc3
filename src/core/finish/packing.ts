import type { Stage } from './stageOf.ts'

/** How a picture is packed at each stage, and how never (reckonings.md, Packing by stage). */
export interface Packing {
  readonly allowed: string
  readonly never: string
  /** What the one who carries it has to be told. */
  readonly courier: string
}

export const packingAt: Readonly<Record<Exclude<Stage, 'bare'>, Packing>> = {
  wet: {
    allowed: 'lying flat in a tray, in its own studio',
    never: 'shipped, wrapped, stood face to face',
    courier: 'It does not travel yet: it is wet.',
  },
  touch: {
    allowed: 'shown; carried upright in a spacer box, 20 mm before its face',
    never: 'any film, paper or foam on the paint; stacked',
    courier: 'Fresh paint: upright, nothing within 20 mm of its face, never wrapped or laid on it.',
  },
  firm: {
    allowed: 'stacked with corner spacers; wrapped round the frame only; under way up to two days',
    never: 'bubble film or glassine on the paint; below 10 °C with alkyd or acrylic',
    courier: 'Young paint: nothing touches its face, at most two days under way, not below 10 °C.',
  },
  varnishSoft: {
    allowed: 'silicone release paper on the paint, without pressure, two weeks at most, up to 25 °C',
    never: 'bubbles towards the paint; rolled',
    courier: 'No pressure on its face, up to 25 °C, unpacked within two weeks.',
  },
  cured: {
    allowed: 'glassine or a release sheet, then bubble film, bubbles outwards',
    never: 'a dark store of over 60 days without a word on yellowing, which light takes back',
    courier: 'Dry and hard: no bubbles towards the paint, no heat, no sun through a window.',
  },
}

/** Under glass: the gap it needs, mm, and whether the back is vented; null: not under glass yet. */
export const glassGapMm = (stage: Stage): { readonly mm: number; readonly vented: boolean } | null =>
  stage === 'cured'
    ? { mm: 3, vented: false }
    : stage === 'firm' || stage === 'varnishSoft'
      ? { mm: 6, vented: true }
      : null

const [leastDrumMm, bearableStrain] = [200, 0.003]

/** The least diameter of a drum, mm, for cloth, ground and paint so thick, mm: max(200, t / (0.003 flexPlain)). */
export const drumMm = (thicknessMm: number, flexPlain: number): number =>
  Math.max(leastDrumMm, thicknessMm / (bearableStrain * flexPlain))

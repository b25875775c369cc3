import type { Material } from '../materials/material.ts'

/** One step of making a medium: what to do, what to look for, what can hurt. */
export interface MethodStep {
  readonly id: string
  readonly title: string
  readonly look: string
  readonly care: string
  /** Steps that come before it. */
  readonly needs: readonly string[]
  /** Skipping it must be acknowledged before the batch is finished. */
  readonly vital?: boolean
  readonly timerMinutes?: number
  /** Materials that go in with it. */
  readonly materials: readonly string[]
}

const solventCare = 'Solvent vapour: window open, no flame, no plate; never on heat.'
const hotCare =
  'Never leave it. At most 120 °C; lid and dry-powder extinguisher at hand; no water on burning oil.'

/** Never within this of a flash point, °C. */
const flashMargin = 15
const mostOilC = 120
/** Water and egg boil over in oil hotter than this. */
const mostWateryC = 40
/** Balsams and pastes carry a solvent whose flash point nobody states: taken as turpentine's. */
const carriedFlashC = 35

/** The hottest a pot may be when this goes in, °C; null: as hot as the oil itself may be. */
export function mostPotC(material: Material): number | null {
  if (
    material.family === 'egg' ||
    material.family === 'acid' ||
    material.family === 'waterborne' ||
    (material.shares.water ?? 0) > 0
  )
    return mostWateryC
  if (material.flashPointC !== undefined) return material.flashPointC - flashMargin
  return (material.shares.volatile ?? 0) > 0 || material.family === 'drier'
    ? carriedFlashC - flashMargin
    : null
}

export type HeatAnswer = { readonly ok: true } | { readonly ok: false; readonly message: string }

/** Whether a material may go into a pot this hot: nothing volatile above its flash point less 15 °C, nothing watery into hot oil. */
export function heatGuard(potC: number, material: Material): HeatAnswer {
  if (potC > mostOilC)
    return {
      ok: false,
      message: `${potC} °C is too hot for any oil: at most ${mostOilC} °C. Take it off the heat and wait.`,
    }
  const most = mostPotC(material)
  if (most === null || potC <= most) return { ok: true }
  const watery = (material.shares.water ?? 0) > 0
  return {
    ok: false,
    message: `${material.name} may not go in: ${watery ? 'it would boil over' : 'its vapour could catch fire'}. Off the heat, and below ${most} °C first.`,
  }
}

/**
 * The order a batch is made in, from what goes into it: resin crushed and dissolved before wax, heat off before wax,
 * filler wetted before it goes in, preservative before oil, oil drop by drop into yolk. No step is given for running hard
 * resins, cooking oil with lead, or making driers.
 */
export function methodOf(materials: readonly Material[]): readonly MethodStep[] {
  const of = (...families: readonly Material['family'][]): readonly string[] =>
    materials.filter(({ family }) => families.includes(family)).map(({ id }) => id)
  const [oils, resins, waxes, solvents, fillers, eggs, acids, driers] = [
    of('oil', 'alkyd', 'ready_medium'),
    of('resin'),
    of('wax', 'metal_soap'),
    of('solvent'),
    of('extender', 'pigment'),
    of('egg'),
    of('acid'),
    of('drier', 'retarder'),
  ]
  const [balsams, pastes, waterborne] = [of('balsam'), of('wax_paste'), of('waterborne')]
  const steps: MethodStep[] = []
  const add = (step: Omit<MethodStep, 'materials'> & { readonly materials?: readonly string[] }): void =>
    void steps.push({ materials: [], ...step })
  const done = (ids: readonly string[]): readonly string[] =>
    ids.filter((id) => steps.some((step) => step.id === id))

  if (fillers.length > 0)
    add({
      id: 'wet-filler',
      title: 'Wet the filler',
      look: 'A stiff, even paste with a little of the oil; no dry pockets.',
      care: 'Dust: respirator, wet bench.',
      needs: [],
    })
  if (eggs.length > 0) {
    add({
      id: 'yolk',
      title: 'Part the yolk and weigh it',
      look: 'The skin of the yolk left behind.',
      care: 'Clean hands and bowl; this is no food.',
      needs: [],
      materials: eggs,
    })
    if (acids.length > 0)
      add({
        id: 'acid',
        title: 'Stir in the acid',
        look: 'Even colour.',
        care: 'Acid: goggles and gloves when strong; never onto chalk, lead white or ultramarine.',
        needs: ['yolk'],
        materials: acids,
      })
    add({
      id: 'preservative',
      title: 'Add a preservative, or decide against it',
      look: 'A drop or two, stirred through before any oil.',
      care: 'It spoils within days without; keep it cold.',
      needs: done(['yolk', 'acid']),
      vital: true,
    })
    add({
      id: 'oil-drops',
      title: 'Beat in the oil drop by drop',
      look: 'Thickens like mayonnaise; if it turns thin and greasy, it has turned over: begin again with a fresh yolk.',
      care: 'Oily rags: flat outdoors or under water in a lidded can.',
      needs: ['preservative'],
      materials: oils,
    })
  } else if (resins.length > 0 && solvents.length > 0) {
    add({
      id: 'crush',
      title: 'Crush the resin',
      look: 'Lumps no bigger than a lentil.',
      care: 'Dust and splinters: mask and goggles.',
      needs: [],
    })
    add({
      id: 'dissolve',
      title: 'Resin in the solvent, in a closed jar',
      look: 'Hung in gauze; turned now and then; no granules after one to three days.',
      care: solventCare,
      needs: ['crush'],
      materials: [...resins, ...solvents],
      timerMinutes: 1440,
    })
    add({
      id: 'strain',
      title: 'Strain it',
      look: 'Clear, no granules.',
      care: solventCare,
      needs: ['dissolve'],
    })
    if (oils.length > 0)
      add({
        id: 'oil',
        title: 'Stir in the oil',
        look: 'No streaks.',
        care: solventCare,
        needs: ['strain'],
        materials: oils,
      })
    if (waxes.length > 0)
      add({
        id: 'wax',
        title: 'Warm the jar in hot tap water and add the wax',
        look: 'Wax gone; jar vented.',
        care: 'Hot tap water only, away from flame and plate; the jar open a crack.',
        needs: done(['strain', 'oil']),
        materials: waxes,
      })
  } else {
    if (resins.length > 0) {
      add({
        id: 'crush',
        title: 'Crush the resin',
        look: 'Lumps no bigger than a lentil.',
        care: 'Dust and splinters: mask and goggles.',
        needs: [],
      })
      add({
        id: 'dissolve',
        title: 'Fuse the resin in the oil on low heat',
        look: 'No granules: a drop on glass stays clear.',
        care: hotCare,
        needs: ['crush'],
        materials: [...oils, ...resins],
        timerMinutes: 30,
      })
    } else if (oils.length > 0) {
      add({
        id: 'oil',
        title: waxes.length > 0 ? 'Warm the oil gently' : 'Measure the oil',
        look:
          waxes.length > 0
            ? 'Just hot enough to melt wax, about 70 °C.'
            : 'Nothing at the bottom of the bottle left behind.',
        care: waxes.length > 0 ? hotCare : 'Oily rags: flat outdoors or under water in a lidded can.',
        needs: [],
        materials: oils,
      })
    }
    if (waxes.length > 0) {
      add({
        id: 'heat-off',
        title: 'Take it off the heat',
        look: 'The plate off, the pot on a cold surface.',
        care: hotCare,
        needs: done(['dissolve', 'oil']),
      })
      add({
        id: 'wax',
        title: 'Stir in the wax',
        look: 'Melted through, clear while warm.',
        care: 'Splashes burn: slide it in.',
        needs: ['heat-off'],
        materials: waxes,
      })
    }
  }
  const base = done(['wax', 'dissolve', 'strain', 'oil', 'oil-drops'])
  const before = base.length > 0 ? [base.includes('wax') ? 'wax' : base.at(-1)!] : []
  if (balsams.length > 0)
    add({
      id: 'balsam',
      title: 'Balsam, when it has cooled',
      look: 'Warm to the hand, no more; stirs in without streaks.',
      care: 'Sensitiser, and it carries solvent: gloves, window open.',
      needs: before,
      materials: balsams,
    })
  if (fillers.length > 0)
    add({
      id: 'filler',
      title: 'Stir the wetted filler in',
      look: 'Smooth between two fingers.',
      care: 'No dust now: it is wet.',
      needs: ['wet-filler', ...before],
      materials: fillers,
    })
  if (solvents.length > 0 && !done(['dissolve']).length)
    add({
      id: 'thin',
      title: 'Thin it, cold',
      look: 'Off the heat and at room temperature.',
      care: solventCare,
      needs: before,
      materials: solvents,
    })
  if (pastes.length > 0)
    add({
      id: 'paste',
      title: 'Work in the wax paste',
      look: 'Even, no lumps.',
      care: solventCare,
      needs: before,
      materials: pastes,
    })
  if (driers.length > 0)
    add({
      id: 'drier',
      title: 'Count in the drier',
      look: 'By drops, stirred between.',
      care: 'Metals; clove sensitises: gloves.',
      needs: before,
      materials: driers,
    })
  if (waterborne.length > 0)
    add({
      id: 'waterborne',
      title: 'Stir in the waterborne binder',
      look: 'No oil in it.',
      care: 'Only under oil, never over it.',
      needs: before,
      materials: waterborne,
    })
  add({
    id: 'fill',
    title: waxes.length > 0 ? 'Fill while warm' : 'Fill and close',
    look: 'To the brim: air makes skin.',
    care: 'Label it before it is put away.',
    needs: steps.filter(({ id }) => !steps.some(({ needs }) => needs.includes(id))).map(({ id }) => id),
  })
  return steps
}

/** Steps that should have come first and have not, however far back, in order; empty: it is this one's turn. */
export function missingBefore(
  steps: readonly MethodStep[],
  id: string,
  done: readonly string[],
): readonly MethodStep[] {
  const wanted = new Set<string>()
  const follow = (from: string): void => {
    for (const need of steps.find((one) => one.id === from)?.needs ?? []) {
      if (done.includes(need) || wanted.has(need)) continue
      wanted.add(need)
      follow(need)
    }
  }
  follow(id)
  return steps.filter((step) => wanted.has(step.id))
}

/** Vital steps neither done nor knowingly left out; while any stands, a batch is not finished. */
export const unsettled = (
  steps: readonly MethodStep[],
  done: readonly string[],
  leftOut: readonly string[],
): readonly MethodStep[] =>
  steps.filter(({ id, vital }) => vital && !done.includes(id) && !leftOut.includes(id))

import { insolubleBecause, isRunOnly } from '../materials/solubility.ts'
import { kindOf } from '../materials/material.ts'
import type { Family, Material } from '../materials/material.ts'
import { listed } from '../words.ts'

/** Where a step is done: in a closed jar or a cup that is never heated, in the pot, or in the pot once it is off the heat. */
export type Warmth = 'cold' | 'hot' | 'cooling'

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
  readonly warmth: Warmth
  /** What its materials are weighed into. */
  readonly vessel: string
  /** Materials that go in with it; each material of a batch goes in with exactly one step. */
  readonly materials: readonly string[]
}

const solventCare = 'Solvent vapour: window open, no flame, no plate; never on heat.'
const hotCare =
  'Never leave it. At most 120 °C; lid and dry-powder extinguisher at hand; no water on burning oil.'
const ragsCare = 'Oily rags: flat outdoors or under water in a lidded can.'

/** Never within this of a flash point, °C; and no room is too warm for what is cold. */
const flashMargin = 15
const roomC = 25
const mostOilC = 120
/** Water and egg boil over in oil hotter than this. */
const mostWateryC = 40
/** Balsams, warm to the hand: they carry a solvent whose flash point nobody states. */
const mostBalsamC = 35
/** Pastes, driers and alkyds carry a solvent: taken as turpentine's flash point. */
const carriedFlashC = 35
/** Below this flash point a spark is enough, °C. */
const sparkC = 23

const isWatery = ({ family, shares }: Material): boolean =>
  family === 'egg' || family === 'acid' || family === 'waterborne' || (shares.water ?? 0) > 0

/** The hottest a pot may be when this goes in, °C; null: as hot as the oil itself may be. */
export function mostPotC(material: Material): number | null {
  if (isWatery(material)) return mostWateryC
  if (material.family === 'balsam') return mostBalsamC
  const carries = (material.shares.volatile ?? 0) > 0 || material.family === 'drier'
  const flashC = material.flashPointC ?? (carries ? carriedFlashC : null)
  return flashC === null ? null : Math.max(roomC, flashC - flashMargin)
}

export type HeatAnswer = { readonly ok: true } | { readonly ok: false; readonly message: string }

/** Whether a material may go into a pot this hot: nothing volatile near its flash point, nothing watery into hot oil. */
export function heatGuard(potC: number, material: Material): HeatAnswer {
  if (potC > mostOilC)
    return {
      ok: false,
      message: `${potC} °C is too hot for any oil: at most ${mostOilC} °C. Take it off the heat and wait.`,
    }
  const most = mostPotC(material)
  if (most === null || potC <= most) return { ok: true }
  const harm = isWatery(material) ? 'it would boil over' : 'its vapour could catch fire'
  return {
    ok: false,
    message: `${material.name} may not go in: ${harm}. Off the heat first, and down to ${most} °C or less.`,
  }
}

/** What goes into a batch, sorted by how it is handled. */
type Sorted = Readonly<Record<Part, readonly Material[]>>
const parts = {
  oils: ['oil'],
  resins: ['resin'],
  waxes: ['wax'],
  soaps: ['metal_soap'],
  solvents: ['solvent'],
  powders: ['extender', 'pigment'],
  eggs: ['egg'],
  acids: ['acid'],
  preservatives: ['additive'],
  balsams: ['balsam'],
  pastes: ['wax_paste'],
  varnishes: ['varnish'],
  alkyds: ['alkyd', 'ready_medium'],
  driers: ['drier'],
  retarders: ['retarder'],
  waterborne: ['waterborne'],
} as const satisfies Readonly<Record<string, readonly Family[]>>
type Part = keyof typeof parts

function sorted(materials: readonly Material[]): Sorted {
  const of = (families: readonly Family[]) => materials.filter(({ family }) => families.includes(family))
  const byPart = Object.fromEntries(
    Object.entries(parts).map(([part, families]) => [part, of(families)]),
  ) as unknown as Record<Part, readonly Material[]>
  const isWater = ({ shares }: Material): boolean => (shares.water ?? 0) > 0
  return {
    ...byPart,
    solvents: byPart.solvents.filter((one) => !isWater(one)),
    waterborne: [...byPart.waterborne, ...byPart.solvents.filter(isWater)],
  }
}

/**
 * The order a batch is made in, from what goes into it: solutions first and cold; resin and soap in hot oil, the heat off,
 * wax; then, as it cools, balsam; fillers wetted before they go in; egg, acid, preservative, and oil into that drop by
 * drop; what carries solvent last and cold. No step is given for running hard resins, cooking oil with lead, or making
 * driers.
 */
export function methodOf(materials: readonly Material[]): readonly MethodStep[] {
  const there = sorted(materials)
  const made = new Steps()
  if (there.powders.length > 0) made.add(wetting(there))
  if (there.solvents.length > 0) coldSolution(made, there)
  hotOil(made, there)
  if (there.eggs.length > 0) emulsion(made, there)
  else if (there.oils.some((oil) => !made.holds(oil))) made.add(coldOil(there, made.last()))
  joinSolution(made, there)
  lastThings(made, there)
  made.add({
    id: 'fill',
    title: made.isWarm() && made.has('wax') ? 'Fill while warm' : 'Fill and close',
    look: 'To the brim: air makes skin.',
    care: 'Label it before it is put away.',
    needs: made.loose(),
    warmth: 'cold',
    vessel: 'its jar',
  })
  return made.all
}

type NewStep = Omit<MethodStep, 'materials'> & { readonly materials?: readonly Material[] }

/** Steps as they are put together; what is not heated by an earlier step stays cold. */
class Steps {
  readonly all: MethodStep[] = []

  add({ materials = [], ...step }: NewStep): void {
    this.all.push({ ...step, materials: materials.map(({ id }) => id) })
  }
  has(id: string): boolean {
    return this.all.some((step) => step.id === id)
  }
  holds({ id }: Material): boolean {
    return this.all.some(({ materials }) => materials.includes(id))
  }
  /** Whether something hot has been in the pot. */
  isWarm(): boolean {
    return this.all.some(({ warmth }) => warmth === 'hot')
  }
  /** The last step of what is in the main vessel, for the next to need. */
  last(): readonly string[] {
    const main = this.all.findLast(({ id }) => id !== 'wet-filler')
    return main ? [main.id] : []
  }
  /** Steps nothing waits for yet. */
  loose(): readonly string[] {
    return this.all.filter(({ id }) => !this.all.some(({ needs }) => needs.includes(id))).map(({ id }) => id)
  }
  cooling(): Pick<MethodStep, 'warmth' | 'vessel'> {
    return this.isWarm() ? { warmth: 'cooling', vessel: 'the pot' } : { warmth: 'cold', vessel: 'the jar' }
  }
}

const wetting = ({ powders, oils }: Sorted): NewStep => ({
  id: 'wet-filler',
  title: powders.some(({ family }) => family === 'pigment') ? 'Wet the powder' : 'Wet the filler',
  look: `A stiff, even paste with a little of ${oils.length > 0 ? 'the oil' : 'the liquid'}; no dry pockets.`,
  care: 'Dust: respirator, wet bench.',
  needs: [],
  warmth: 'cold',
  vessel: 'a cup of its own',
  materials: powders,
})

const crushing = (resins: readonly Material[]): NewStep => ({
  id: 'crush',
  title: 'Crush the resin',
  look: 'Lumps no bigger than a lentil.',
  care: resins.some(isRunOnly)
    ? 'Hard copal dissolves only when run at 300 °C: no procedure is given. Buy it run.'
    : 'Dust and splinters: mask and goggles.',
  needs: [],
  warmth: 'cold',
  vessel: 'a mortar',
})

/** Resin in solvent, closed and cold; wax into it, in hot tap water and no hotter. */
function coldSolution(made: Steps, { resins, waxes, solvents }: Sorted): void {
  if (resins.length > 0) {
    made.add(crushing(resins))
    made.add({
      id: 'dissolve',
      title: 'Resin in the solvent, in a closed jar',
      look: 'Hung in gauze; turned now and then; no granules after one to three days.',
      care: `${solventCare}${sparkCare(solvents)}`,
      needs: ['crush'],
      warmth: 'cold',
      vessel: 'a jar that closes',
      materials: [...resins, ...solvents],
      timerMinutes: 1440,
    })
    made.add({
      id: 'strain',
      title: 'Strain it',
      look: 'Clear, no granules.',
      care: solventCare,
      needs: ['dissolve'],
      warmth: 'cold',
      vessel: 'a clean jar',
    })
  }
  if (waxes.length > 0)
    made.add({
      id: 'wax',
      title: resins.length > 0 ? 'Grate the wax into it, in hot tap water' : 'Grate the wax into the solvent',
      look: 'The jar open a crack in hot tap water; stirred until it is even; capped when cool.',
      care: `Away from flame and plate; hot tap water and nothing hotter.${sparkCare(solvents)}`,
      needs: made.last(),
      warmth: 'cold',
      vessel: 'a jar that closes',
      materials: resins.length > 0 ? waxes : [...solvents, ...waxes],
    })
}

const sparkCare = (materials: readonly Material[]): string =>
  materials.some(({ flashPointC }) => (flashPointC ?? Infinity) < sparkC)
    ? ' Highly flammable: no flame, no spark, cold only.'
    : ''

/** Resin and soap in hot oil, the heat off, then wax. With solvent in the batch only the soap needs the heat. */
function hotOil(made: Steps, { oils, resins, waxes, soaps, solvents }: Sorted): void {
  const [hotResins, hotWaxes] = solvents.length === 0 ? [resins, waxes] : [[], []]
  if (hotResins.length + hotWaxes.length + soaps.length === 0) return
  if (hotResins.length > 0) {
    made.add(crushing(hotResins))
    const stuck = hotResins.flatMap((resin) => insolubleBecause(resin, [], true) ?? [])
    made.add({
      id: 'dissolve',
      needs: ['crush'],
      materials: [...oils, ...hotResins],
      vessel: 'the pot',
      ...(stuck.length > 0
        ? {
            title: 'Stop here: this cannot be dissolved so',
            look: stuck.map(({ message }) => message).join(' '),
            care: 'No heat helps: change the recipe first.',
            warmth: 'cold',
          }
        : {
            title: oils.length > 0 ? 'Fuse the resin in the oil on low heat' : 'Melt the resin on low heat',
            look: 'No granules: a drop on glass stays clear.',
            care: hotCare,
            warmth: 'hot',
            timerMinutes: 30,
          }),
    })
  } else if (oils.length > 0)
    made.add({
      id: 'oil',
      title: 'Warm the oil gently',
      look: soaps.length > 0 ? 'About 110 °C, and never over 120.' : `About ${meltingC(hotWaxes)} °C.`,
      care: hotCare,
      needs: [],
      warmth: 'hot',
      vessel: 'the pot',
      materials: oils,
    })
  if (soaps.length > 0)
    made.add({
      id: 'soap',
      title: 'Stir in the soap, powder by powder',
      look: 'Swells, then clears; it gels as it cools.',
      care: hotCare,
      needs: made.last().filter((id) => id !== 'strain'),
      warmth: 'hot',
      vessel: 'the pot',
      materials: soaps,
    })
  made.add({
    id: 'heat-off',
    title: 'Take it off the heat',
    look: 'The plate off, the pot on a cold surface.',
    care: hotCare,
    needs: made.last(),
    warmth: 'hot',
    vessel: 'the pot',
  })
  if (hotWaxes.length > 0)
    made.add({
      id: 'wax',
      title: 'Stir in the wax',
      look: `Melted through, clear while warm; ${listed(hotWaxes.map(({ name }) => name))} ${hotWaxes.length === 1 ? 'wants' : 'want'} about ${meltingC(hotWaxes)} °C.`,
      care: 'Splashes burn: slide it in.',
      needs: ['heat-off'],
      warmth: 'hot',
      vessel: 'the pot',
      materials: hotWaxes,
    })
}

/** A little over where the last of the waxes is melted, °C. */
const meltingC = (waxes: readonly Material[]): number =>
  Math.min(mostOilC, 5 + Math.max(60, ...waxes.map(({ meltsC }) => meltsC?.high ?? 65)))

const coldOil = ({ oils, solvents }: Sorted, needs: readonly string[]): NewStep => ({
  id: 'oil',
  title: needs.length > 0 ? 'Stir in the oil' : 'Measure the oil',
  look: needs.length > 0 ? 'No streaks.' : 'Nothing at the bottom of the bottle left behind.',
  care: solvents.length > 0 ? solventCare : ragsCare,
  needs,
  warmth: 'cold',
  vessel: 'the jar',
  materials: oils,
})

/** Egg, acid, preservative, and the oil into that drop by drop; what is warm has to be cool by then. */
function emulsion(made: Steps, { eggs, acids, preservatives, oils }: Sorted): void {
  const before = made.isWarm() ? made.last() : []
  const bowl = { warmth: 'cold', vessel: 'the bowl' } as const
  const kinds = eggs.map(kindOf)
  const kind = kinds.every((one) => one === 'egg_white')
    ? 'white'
    : kinds.every((one) => one === 'egg_whole')
      ? 'whole'
      : 'yolk'
  made.add({
    id: 'yolk',
    title: {
      white: 'Part the white and weigh it',
      whole: 'Whisk the egg and weigh it',
      yolk: 'Part the yolk and weigh it',
    }[kind],
    look: kind === 'yolk' ? 'The skin of the yolk left behind.' : 'Strained, without threads.',
    care: 'Egg: clean hands and bowl, keep it cold, smell it first; this is no food; an allergen.',
    needs: [],
    ...bowl,
    materials: eggs,
  })
  if (acids.length > 0)
    made.add({
      id: 'acid',
      title: 'Stir in the acid',
      look: 'Even colour.',
      care: 'Acid: goggles and gloves when strong; never onto chalk, lead or ultramarine.',
      needs: ['yolk'],
      ...bowl,
      materials: acids,
    })
  made.add({
    id: 'preservative',
    title: 'Add a preservative, or decide against it',
    look: 'A drop or two, stirred through before any oil.',
    care: 'It spoils within days without; keep it cold.',
    needs: made.has('acid') ? ['acid'] : ['yolk'],
    vital: true,
    ...bowl,
    materials: preservatives,
  })
  if (oils.length > 0)
    made.add({
      id: 'oil-drops',
      title: before.length > 0 ? 'Beat in what was warm, drop by drop' : 'Beat in the oil drop by drop',
      look: 'Thickens like mayonnaise; if it turns thin and greasy it has split: begin again with a fresh yolk.',
      care: before.length > 0 ? 'Below 40 °C first: egg in hot oil boils over.' : ragsCare,
      needs: ['preservative', ...before],
      warmth: before.length > 0 ? 'cooling' : 'cold',
      vessel: 'a cup of its own',
      materials: oils.filter((oil) => !made.holds(oil)),
    })
}

/** What was dissolved apart is beaten into the emulsion, or into what cooled in the pot. */
function joinSolution(made: Steps, { eggs, solvents, resins, waxes }: Sorted): void {
  if (solvents.length === 0 || resins.length + waxes.length === 0) return
  const solution = made.has('wax') && waxes.length > 0 ? 'wax' : 'strain'
  if (!made.loose().includes(solution)) return
  const others = made.loose().filter((id) => id !== solution && id !== 'wet-filler')
  if (others.length === 0) return
  made.add({
    id: 'join',
    title:
      eggs.length > 0 ? 'Beat the solution in, drop by drop, after the oil' : 'Stir the solution in, cold',
    look: eggs.length > 0 ? 'It stays thick and even.' : 'No streaks; the pot at the warmth of the room.',
    care: solventCare,
    needs: [solution, ...others],
    warmth: 'cold',
    vessel: eggs.length > 0 ? 'the bowl' : 'the jar',
  })
}

/** Balsam, filler, thinner and whatever carries solvent: as it cools, and last. */
function lastThings(made: Steps, there: Sorted): void {
  const put = (
    part: readonly Material[],
    step: Omit<NewStep, 'needs' | 'warmth' | 'vessel' | 'materials'>,
  ): void => {
    if (part.length > 0) made.add({ ...step, needs: made.last(), ...made.cooling(), materials: part })
  }
  put(there.balsams, {
    id: 'balsam',
    title: made.isWarm() ? 'Balsam, when it has cooled' : 'Stir in the balsam',
    look: made.isWarm()
      ? `Warm to the hand, at most ${mostBalsamC} °C; stirs in without streaks.`
      : 'No streaks.',
    care: 'Sensitiser, and it carries solvent: gloves, window open.',
  })
  if (there.powders.length > 0)
    made.add({
      id: 'filler',
      title: 'Stir in what was wetted',
      look: 'Smooth between two fingers.',
      care: 'No dust now: it is wet.',
      needs: ['wet-filler', ...made.last()],
      ...made.cooling(),
    })
  const isSpent = there.resins.length + there.waxes.length > 0
  put(isSpent ? [] : there.solvents, {
    id: 'thin',
    title: 'Thin it, cold',
    look: made.isWarm() ? 'Off the heat and at the warmth of the room.' : 'Stirred through.',
    care: `${solventCare}${sparkCare(there.solvents)}`,
  })
  put(there.pastes, {
    id: 'paste',
    title: 'Work in the wax paste',
    look: 'Even, no lumps.',
    care: solventCare,
  })
  put(there.varnishes, {
    id: 'varnish',
    title: 'Stir in the varnish',
    look: 'No streaks.',
    care: solventCare,
  })
  put(there.alkyds, {
    id: 'alkyd',
    title: 'Stir in the alkyd or ready medium, cold',
    look: 'Last, and no longer than it takes: air makes skin.',
    care: solventCare,
  })
  put(there.driers, {
    id: 'drier',
    title: 'Count in the drier',
    look: 'By drops, stirred between.',
    care: 'Metals, in solvent: gloves, window open.',
  })
  put(there.retarders, {
    id: 'retarder',
    title: 'Count in the clove oil',
    look: 'By drops, stirred between: it keeps paint open, and too much keeps it soft.',
    care: 'Sensitises the skin: gloves.',
  })
  if (there.eggs.length === 0) {
    put(there.acids, {
      id: 'acid',
      title: 'Stir in the acid',
      look: 'Even.',
      care: 'Acid: goggles and gloves when strong; never onto chalk, lead or ultramarine.',
    })
    put(there.preservatives, {
      id: 'preservative',
      title: 'Add the preservative',
      look: 'Stirred through.',
      care: 'Read its label.',
    })
  }
  put(there.waterborne, {
    id: 'waterborne',
    title: 'Stir in the water or waterborne binder',
    look: 'Even; no skin.',
    care: 'Only under oil, never over it.',
  })
}

/** Whether anything of it goes on the hot plate. */
export const isHeated = (steps: readonly MethodStep[]): boolean =>
  steps.some(({ warmth }) => warmth !== 'cold')

/** What is weighed, in the order the steps want it; what no step knows comes last. */
export function weighedInOrder<Item extends { readonly material: string }>(
  items: readonly Item[],
  steps: readonly MethodStep[],
): readonly (Item & { readonly step: MethodStep | null })[] {
  const order = steps.flatMap((step) => step.materials.map((material) => ({ material, step })))
  const placeOf = (material: string): number => {
    const at = order.findIndex((one) => one.material === material)
    return at < 0 ? order.length : at
  }
  return items
    .map((item) => ({ ...item, step: order[placeOf(item.material)]?.step ?? null }))
    .sort((a, b) => placeOf(a.material) - placeOf(b.material))
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

import { z } from 'zod'
import { exposures } from '../core/air/exposures.ts'
import { usualOilOut } from '../core/finish/oilOut.ts'
import { stateIds } from '../core/cure/states.ts'
import { policyIds } from '../core/materials/policy.ts'
import { shippedPractices } from '../core/practice/shipped.ts'
import { actionKinds } from '../core/soundness/lay.ts'
import { mostAreas } from '../core/stack/area.ts'
import { pastEdgeMm, preparations, removalWays } from '../core/stack/event.ts'
import { eventKinds, purposes } from '../core/stack/kinds.ts'
import { grounds, supports } from '../core/stack/support.ts'
import { climateSchema, dateSchema, idSchema, nameSchema, thicknessUmSchema } from './values.ts'
import { materialRecipeSchema, mixtureSchema, paintSchema, tubeSchema } from './recipe.ts'

/** Bodies of the stateless computations (architecture.md, Interfaces that stay stable). */

const appliedDay = z.number().min(0).max(7300)
const mostLayers = 60
const factor = z.number().min(0.01).max(50)

const inOrder = (layers: readonly { appliedDay: number }[]): boolean =>
  layers.every((layer, index) => index === 0 || layer.appliedDay >= layers[index - 1]!.appliedDay)
const outOfOrder = 'List the layers bottom first: appliedDay may not go down.'

export const mediumRequest = materialRecipeSchema.extend({
  /** The paint it goes into; with it the answer holds the dose curve. */
  paint: tubeSchema.optional(),
  /** The medium's shares of the mix to answer for, by true volume; absent: 101 from none to half. */
  doses: z
    .array(
      z
        .number()
        .min(0, 'A dose is a share of the mix, 0 to 1.')
        .max(1, 'A dose is a share of the mix, 0 to 1.'),
    )
    .max(501)
    .optional(),
})
export type MediumRequest = z.infer<typeof mediumRequest>

export const filmRequest = mixtureSchema.extend({ suctionUm: z.number().min(0).max(2000).optional() })

const cureLayer = z.object({
  thicknessUm: thicknessUmSchema,
  rate: z.number().min(0.001).max(50),
  q: z.number().min(0.02).max(1),
  appliedDay,
  start: factor.optional(),
  through: factor.optional(),
})

/** From this day on, on the clock of `appliedDay`, the upper `takes` share of a film is gone. */
const removableLayer = cureLayer.extend({
  removed: z.object({ day: appliedDay, takes: z.number().min(0).max(1) }).optional(),
})
type Removable = z.infer<typeof removableLayer>

/** Whether every film that loses something is there by then, and lies on top. */
const onlyFromTheTop = (layers: readonly Removable[]): boolean =>
  layers.every(({ removed, appliedDay }, at) => {
    if (!removed) return true
    const covers = (upper: Removable): boolean =>
      upper.appliedDay < removed.day &&
      !(upper.removed && upper.removed.takes === 1 && upper.removed.day <= removed.day)
    return removed.day >= appliedDay && !layers.slice(at + 1).some(covers)
  })

export const cureRequest = z.object({
  climate: climateSchema.optional(),
  layers: z
    .array(removableLayer)
    .min(1)
    .max(mostLayers)
    .refine(inOrder, outOfOrder)
    .refine(
      onlyFromTheTop,
      'Only the film on top can be taken off, and not before it is there: look at the days in removed.',
    ),
  untilDay: z.number().min(0).max(7300),
})
export type CureRequest = z.infer<typeof cureRequest>

export const mismatchRequest = z.object({
  climate: climateSchema.optional(),
  layers: z
    .array(cureLayer.extend({ flex: z.number().min(0.01).max(5).nullable() }))
    .min(1)
    .max(mostLayers)
    .refine(inOrder, outOfOrder),
})

const laid = {
  name: nameSchema.optional(),
  appliedDay,
  /** Absent: everywhere. */
  areas: z.array(nameSchema).min(1).max(mostAreas).optional(),
}
/** What lays a film may say more of it. */
const laying = {
  ...laid,
  /** What is done; it gives the purpose, unless `purpose` does. */
  event: z.enum(eventKinds).optional(),
  purpose: z.enum(purposes).nullable().optional(),
  /** A further pass of the film under it: they are one film. */
  pass: z.boolean().optional(),
  prepared: z.enum(preparations).optional(),
  /** Each as thick as is said. */
  coats: z.number().int().min(1).max(12).optional(),
  /** Of a scumble: for amounts and colour only. */
  coveredShare: z.number().gt(0).max(1).optional(),
  mostPasses: z.number().int().min(1).max(100).optional(),
  rateTimes: factor.optional(),
}
const takesShare = z.number().min(0).max(1)
const stackLayer = z.union([
  mixtureSchema.extend({ ...laying, ridgeWetUm: thicknessUmSchema.optional() }),
  z.object({
    ...laying,
    clear: idSchema,
    wetThicknessUm: thicknessUmSchema,
    /** Of what is laid on: wiped off again at once. */
    wipedShare: z.number().min(0).max(0.999).optional(),
    /** How far it goes past every edge of its areas. */
    pastEdgeMm: z.number().min(0).max(pastEdgeMm.most).optional(),
  }),
  z.object({
    ...laid,
    removal: z.object({
      how: z.enum(removalWays),
      takes: takesShare.default(1),
      takesUm: thicknessUmSchema.optional(),
      solvent: idSchema.optional(),
    }),
  }),
])
const oneOf = <Item extends { readonly id: string }>(items: readonly Item[]) =>
  z.enum(items.map(({ id }) => id) as [string, ...string[]])

const oldPictureSchema = z.object({
  isVarnished: z.boolean().default(false),
  isWaxy: z.boolean().default(false),
  isGlossy: z.boolean().default(true),
  years: z.number().min(0).max(2000).nullable().default(null),
  prepared: z.enum(preparations).nullable().default(null),
})

export const soundnessRequest = z.object({
  support: oneOf(supports),
  /** Gives the suction, unless `groundSuctionUm` does. */
  ground: oneOf(grounds).optional(),
  /** Days from putting the ground on to day 0 of the layers. */
  groundAgeDays: z.number().min(0).max(7300).optional(),
  /** What the room forbids. */
  policies: z.array(z.enum(policyIds)).max(policyIds.length).optional(),
  practice: oneOf(shippedPractices).optional(),
  /** The room day by day, on the clock of `appliedDay`. */
  readings: z
    .array(climateSchema.extend({ day: appliedDay, light: climateSchema.shape.light.default(1) }))
    .max(7300)
    .optional(),
  /** What is to be done with the picture. */
  actions: z
    .array(z.object({ day: appliedDay, what: z.enum(actionKinds) }))
    .max(100)
    .optional(),
  climate: climateSchema.optional(),
  groundSuctionUm: z.number().min(0).max(2000).optional(),
  /** What was painted here before. */
  old: oldPictureSchema.optional(),
  layers: z.array(stackLayer).min(1).max(mostLayers).refine(inOrder, outOfOrder),
})

export const mendRequest = soundnessRequest.extend({
  /** Which of the findings that /api/compute/soundness answers; absent: the gravest. */
  finding: z.number().int().min(0).max(1000).optional(),
  /** Ids of the oils that paint could be ground in instead. */
  shelf: z.array(idSchema).max(200).optional(),
})
export type MendRequest = z.infer<typeof mendRequest>

const light = z.union([
  z.object({ Y: z.number().min(0).max(1, 'Y is a share of white light, 0 to 1.') }),
  z.object({ L: z.number().min(0).max(100, 'L* is 0 black to 100 white.') }),
])
export const valuesRequest = z.object({
  start: light,
  /** What one pass of each glaze lets through. */
  transmittances: z
    .array(
      z
        .number()
        .gt(0, 'A glaze that lets nothing through is no glaze.')
        .max(1, 'No glaze lets through more than all.'),
    )
    .max(mostLayers),
  end: light.optional(),
})

const heapAmount = z.number().positive('A heap holds more than nothing.').max(1e6)
const heapPaints = z.array(paintSchema).min(1, 'A heap needs at least one paint.').max(20)
const mostHeaps = 60

export const paletteRequest = z
  .object({
    heaps: z
      .array(
        z.union([
          z.object({ paints: heapPaints, ml: heapAmount }),
          z.object({ paints: heapPaints, g: heapAmount }),
        ]),
      )
      .min(1, 'Send at least one heap.')
      .max(mostHeaps),
    medium: materialRecipeSchema.optional(),
    by: z.union([
      /** Medium on the paint: by volume for a heap in ml, by mass for one in g. */
      z.object({ proportion: z.number().min(0).max(100) }),
      /** 1 over leanness: a neat tube 1.25. */
      z.object({ fatness: z.number().min(0.1).max(30) }),
    ]),
    /** Thinner of the wet mix by volume. */
    thinnerShare: z.number().min(0).max(0.95, 'Over 95 % thinner is no paint.').optional(),
    thinner: idSchema.optional(),
    alkydWeight: z.number().min(0).max(1).optional(),
  })
  .refine(({ thinnerShare = 0, thinner }) => thinnerShare === 0 || thinner !== undefined, {
    path: ['thinner'],
    message: 'Name the thinner there is to be so much of.',
  })
export type PaletteRequest = z.infer<typeof paletteRequest>

const oilShare = z.number().min(0).max(1)
export const ladderRequest = z
  .object({
    heapG: heapAmount,
    fromShare: oilShare,
    toShare: oilShare,
    layers: z.number().int().min(1).max(mostLayers),
    additiveShare: oilShare.default(1),
  })
  .refine(({ fromShare, toShare }) => fromShare <= toShare, {
    path: ['toShare'],
    message: 'A ladder climbs: end with at least as much oil as it begins with.',
  })
  .refine(({ toShare, additiveShare }) => toShare < additiveShare, {
    path: ['toShare'],
    message: 'What is added has to hold more oil than the last layer is to have.',
  })
export type LadderRequest = z.infer<typeof ladderRequest>

const mostIntervals = 5000
const mostNames = 300
const days = z.number('Write a number of days.').positive('Days are above zero.').max(7300)
const shares = z.record(idSchema, z.number().min(0).max(10))
const dries = { oils: shares, powders: shares.default({}), thicknessUm: thicknessUmSchema, bookDays: days }

const intervalSchema = z
  .object({
    ...dries,
    failDays: days.optional(),
    passDays: days.optional(),
    first: z.boolean().default(true),
  })
  .refine(({ failDays, passDays }) => failDays !== undefined || passDays !== undefined, {
    path: ['passDays'],
    message: 'Say by when it had passed, or when it had not yet.',
  })
  .refine(({ failDays = 0, passDays = Infinity }) => failDays < passDays, {
    path: ['passDays'],
    message: 'It passes after it last failed: passDays must be above failDays.',
  })

export const learnRequest = z
  .object({
    intervals: z.array(intervalSchema).max(mostIntervals),
    ask: z.array(z.object(dries)).max(mostIntervals),
  })
  .refine(
    ({ intervals, ask }) =>
      new Set([...intervals, ...ask].flatMap(({ oils, powders }) => Object.keys({ ...oils, ...powders })))
        .size <= mostNames,
    { path: ['intervals'], message: `Name at most ${mostNames} oils and powders in all.` },
  )
export type LearnRequest = z.infer<typeof learnRequest>

export const planRequest = z.object({
  from: dateSchema,
  workingDays: z.array(z.boolean()).length(7, 'Give seven days, Monday first.'),
  confidence: z.number().min(0.01).max(0.99),
  layers: z
    .array(
      z.object({
        thicknessUm: thicknessUmSchema,
        rate: z.number().min(0.001).max(50),
        gate: z.enum(['touch', 'firm']),
      }),
    )
    .min(1, 'Name a layer at least.')
    .max(mostLayers),
  deadline: z.object({ on: dateSchema, needs: z.enum(stateIds) }).optional(),
})
export type PlanRequest = z.infer<typeof planRequest>

const areaM2 = z.number().positive('An area is above zero.').max(1000, 'At most 1,000 m².')
const mlPerM2 = z.number().positive().max(5000, 'At most 5,000 ml on a square metre.')
const part = z.number().min(0, 'Parts cannot be below zero.').max(1e6)

export const oilOutRequest = z.object({
  areaM2,
  mlPerM2: mlPerM2.default(usualOilOut.mlPerM2),
  parts: z
    .object({ oil: part, solvent: part })
    .refine(({ oil, solvent }) => oil + solvent > 0, 'Give oil or solvent at least a part.'),
  wipedShare: z
    .number()
    .min(0)
    .max(1, 'No more can be wiped off than was rubbed on.')
    .default(usualOilOut.wipedShare),
})

export const varnishRequest = z.object({
  lastFilmOn: dateSchema,
  ridgeUm: z.number().min(0).max(20000).optional(),
  areaM2: areaM2.optional(),
  mlPerM2PerCoat: mlPerM2.optional(),
  coats: z.number().int('Coats are counted.').min(1, 'At least one coat.').max(12).optional(),
})

const solventId = z
  .string()
  .refine((id) => Object.hasOwn(exposures, id), 'No solvent of that id is known. Take one from the list.')
const hour = z.number().min(0).max(72, 'At most three days are looked at.')
const span = z.number().positive('It takes some time.').max(72)

const changesOfAir = z.number().min(0).max(200, 'At most 200 changes of air an hour.')

export const airRequest = z.object({
  roomM3: z.number().min(1, 'A room holds at least 1 m³.').max(1e5, 'A room holds at most 100,000 m³.'),
  airChangesPerHour: changesOfAir,
  aired: z
    .array(
      z
        .object({ fromHour: hour, toHour: hour, airChangesPerHour: changesOfAir })
        .refine(({ fromHour, toHour }) => fromHour < toHour, {
          path: ['toHour'],
          message: 'The windows are closed after they were opened.',
        }),
    )
    .max(24, 'At most 24 airings.')
    .optional(),
  hours: span,
  sources: z
    .array(
      z.union([
        z.object({
          solvent: solventId,
          grams: z.number().positive('Grams are above zero.').max(1e6),
          fromHour: hour.optional(),
          overHours: span,
        }),
        z
          .object({
            solvent: solventId,
            openAreaCm2: z.number().positive('An opening is above zero.').max(1e5),
            fromHour: hour,
            toHour: hour,
          })
          .refine(({ fromHour, toHour }) => fromHour < toHour, {
            path: ['toHour'],
            message: 'It is covered after it was opened: toHour must be above fromHour.',
          }),
      ]),
    )
    .max(100, 'At most 100 sources.'),
})

export type SoundnessRequest = z.infer<typeof soundnessRequest>
export type FilmRequest = z.infer<typeof filmRequest>

import { dateOf } from '../src/core/plan/calendar.ts'
import type { Closing } from '../src/document/closing.ts'
import type { BrushSet, Jar, RoomAir, WasteContainer } from '../src/document/keeping.ts'

/** What stands about at Tern Street: jars, brushes, cans, the air of the room, and how the last days ended. */

export const cleaningJars = (today: number): Jar[] => [
  {
    ...{ id: 'oil-jar', name: 'Oil jar', liquid: 'linseed_alkali_refined', ml: 250 },
    filledOn: dateOf(today - 9),
    uses: [9, 8, 5, 5, 1].map((daysAgo) => ({
      ...{ on: dateOf(today - daysAgo), what: 'end of the day', lead: false },
    })),
  },
  {
    ...{ id: 'lead-jar', name: 'Lead jar', liquid: 'safflower', ml: 120 },
    filledOn: dateOf(today - 12),
    uses: [{ on: dateOf(today - 8), what: 'lead white', lead: true }],
  },
]

export const brushSets: BrushSet[] = [
  { id: 'hogs', name: 'Hogs 4 to 12', vehicle: 'oil' },
  { id: 'sables', name: 'Sables, glazing', vehicle: 'oil' },
  { id: 'synthetics', name: 'Grey synthetics', vehicle: 'waterborne' },
  { id: 'flat', name: 'Flat, for varnish only', vehicle: 'varnish' },
]

export const containers = (today: number): WasteContainer[] => [
  { id: 'rag-can', name: 'Rag can', holds: 'rags', litres: 15, level: 0.35, tripOn: null },
  { id: 'drum', name: 'Solvent drum', holds: 'solvent', litres: 20, level: 0.8, tripOn: dateOf(today + 6) },
]

export const air: RoomAir = {
  ...{ roomM3: 48, airing: 'crack', ownChanges: 1, airedFor: null, extraction: 0, ownLimit: 150 },
  sources: [
    {
      ...{ id: 'rinsing', what: 'jar', form: 'open', solvent: 'gum_turpentine' },
      ...{ acrossCm: 7, fromHour: 9.5, toHour: 12.5 },
    },
    {
      ...{
        id: 'varnish',
        what: 'varnishing',
        form: 'grams',
        solvent: 'mineral_spirit_dearomatised_low_flash',
      },
      ...{ grams: 26, fromHour: 14, overHours: 2 },
    },
  ],
}

/** Every day of work put away but yesterday. */
export const closings = (today: number): Closing[] =>
  [3, 4, 5, 8, 9].map((daysAgo) => {
    const on = dateOf(today - daysAgo)
    const at = `${on}T18:10`
    return {
      id: on,
      on,
      ticked: { rags: at, jars: at, egg: at, waterborne: at, palette: at },
      checked: [],
      closedAt: at,
    }
  })

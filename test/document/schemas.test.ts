import { expect } from 'chai'
import { describe, it } from 'mocha'
import { newArea } from '../../src/document/picture/areas.ts'
import type { ZodType } from 'zod'
import { batchSchema, createBatchRequest } from '../../src/document/batch.ts'
import { mediumSchema } from '../../src/document/recipe.ts'
import { asideRequest, orderRequest, touchRequest } from '../../src/document/requests.ts'
import { shelfItemSchema } from '../../src/document/shelf.ts'
import { layerSchema } from '../../src/document/layer.ts'
import { paintingSchema, settingsSchema, defaultSettings } from '../../src/document/studio.ts'
import { amountSchema, dateSchema, idSchema, minuteSchema, nameSchema } from '../../src/document/values.ts'
import { emptyBatch, layer, lot, medium, painting } from '../studio/bodies.ts'

/** What a schema says to a value: nothing, or its first sentence. */
const said = (schema: ZodType, value: unknown): string | null => {
  const parsed = schema.safeParse(value)
  return parsed.success ? null : parsed.error.issues[0]!.message
}

describe('bad input is told what to change', () => {
  const told: readonly (readonly [what: string, schema: ZodType, value: unknown, sentence: RegExp])[] = [
    ['an id with a slash', idSchema, 'a/b', /letters, digits/],
    ['an id of the machine’s own', idSchema, '__proto__', /letters, digits/],
    ['an empty name', nameSchema, '   ', /Give it a name/],
    ['a name of 121 letters', nameSchema, 'x'.repeat(121), /under 120 letters/],
    ['a day there is not', dateSchema, '2026-02-30', /2026-11-24/],
    ['a day the other way round', dateSchema, '24.11.2026', /2026-11-24/],
    ['an hour there is not', minuteSchema, '2026-11-24T25:00', /T15:00/],
    ['nothing of something', amountSchema, { amount: 0, unit: 'ml' }, /above zero/],
    ['less than can be weighed', amountSchema, { amount: 1e-10, unit: 'g' }, /too little to weigh/],
    ['over a tonne', amountSchema, { amount: 1e7, unit: 'g' }, /over 1,000,000/],
    ['a unit nobody knows', amountSchema, { amount: 1, unit: 'pint' }, /Use one of these units/],
    ['a picture of no width', paintingSchema, painting('p', { widthCm: 0 }), /Give the width in cm/],
    ['a support nobody paints on', paintingSchema, { ...painting('p'), support: 'cheese' }, /./],
    [
      'parts that are more than the picture',
      paintingSchema,
      painting('p', {
        areas: ['sky', 'sea'].map((id) => ({ ...newArea(id, id), share: 0.6 })),
      }),
      /no more than all of it/,
    ],
    ['a layer in millimetres', layerSchema, layer('l', 'p', 0, { wetThicknessUm: 0.05 }), /1 mm is 1000 µm/],
    ['a layer of half a metre', layerSchema, layer('l', 'p', 0, { wetThicknessUm: 500_000 }), /2 cm/],
    [
      'a room at 40 °C',
      settingsSchema,
      { ...defaultSettings, climate: { temperatureC: 40, relativeHumidityPct: 50, light: 1 } },
      /between 5 and 35/,
    ],
    ['a plan on a coin’s toss', settingsSchema, { ...defaultSettings, confidence: 0.3 }, /at least 50/],
    ['a lot of nothing in the book', shelfItemSchema, lot('x', { base: 'moon_oil' }), /no such material/],
    [
      'a material made of nothing',
      shelfItemSchema,
      lot('x', { base: null, densityGPerMl: 1 }),
      /what it is made of/,
    ],
    [
      'a material without a density',
      shelfItemSchema,
      lot('x', { base: null, stays: { oil: 1 } }),
      /Give its density/,
    ],
    ['less than none in stock', shelfItemSchema, lot('x', { stockG: -1 }), /less than none/],
    [
      'a price of nothing',
      shelfItemSchema,
      lot('x', { price: { coins: 0, for: { amount: 1, unit: 'l' } } }),
      /above zero/,
    ],
    [
      'a range upside down',
      shelfItemSchema,
      lot('x', { nonVolatile: { low: 0.7, high: 0.5 } }),
      /lower share first/,
    ],
    ['half a drop', shelfItemSchema, lot('x', { dropper: [{ drops: 0.5, grams: 1 }] }), /whole drops/],
    [
      'a recipe of 201 lines',
      mediumSchema,
      medium('m', {
        recipe: {
          lines: Array.from({ length: 201 }, () => ({ material: 'walnut', amount: 1, unit: 'g' as const })),
        },
      }),
      /./,
    ],
    ['a batch that all stays in the pot', batchSchema, emptyBatch('b', { loss: 0.9 }), /not a batch/],
    ['a jar of nothing', batchSchema, emptyBatch('b', { jarMl: 0 }), /more than nothing/],
    ['a batch of no size', createBatchRequest, { mediumId: 'm', by: { kind: 'mass', g: 0 } }, /above zero/],
    ['an order of nothing', orderRequest, { layerIds: [], was: [] }, /./],
    ['a feeling nobody has', touchRequest, { check: 'sponge' }, /./],
    ['something set aside of no kind', asideRequest, { kind: 'nothing', id: 'x', then: 'remove' }, /./],
  ]
  for (const [what, schema, value, sentence] of told)
    it(`${what}`, () => {
      expect(said(schema, value)).to.match(sentence)
    })
})

describe('good input is taken as it is meant', () => {
  it('names lose the space around them, and a body the fields nobody asked for', () => {
    expect(nameSchema.parse('  Evening oil ')).to.equal('Evening oil')
    expect(mediumSchema.parse({ ...medium('m'), colour: 'gold' })).to.deep.equal(medium('m'))
  })
  it('what came later has its usual value in an older body', () => {
    const { note: _note, ...older } = painting('p')
    expect(paintingSchema.parse(older).note).to.equal('')
    const { policies: _policies, dryingBounds: _bounds, ...room } = defaultSettings
    expect(settingsSchema.parse(room)).to.deep.equal(defaultSettings)
    const { stockG: _stock, iodine: _iodine, ...shelved } = lot('x')
    expect(shelfItemSchema.parse(shelved).stockG).to.equal(null)
  })
  it('leap days, the last minute of a day, and a lot of the book’s own name', () => {
    for (const date of ['2028-02-29', '1969-12-31', '2100-01-01'])
      expect(said(dateSchema, date), date).to.equal(null)
    expect(said(minuteSchema, '2026-11-24T23:59')).to.equal(null)
    expect(said(shelfItemSchema, lot('walnut'))).to.equal(null)
  })
})

import { expect } from 'chai'
import fc from 'fast-check'
import { afterEach, describe, it } from 'mocha'
import { parseQuantity } from '../../src/core/measure/quantity.ts'
import { dateText, datesText, dayText, minuteText } from '../../src/document/dateText.ts'
import { chosenIn, writingOf } from '../../src/writing/asked.ts'
import { readerOf } from '../../src/writing/readerOf.ts'
import { usField } from '../../src/writing/usUnits.ts'
import { inWriting, isPlain, plainWriting } from '../../src/writing/writing.ts'
import { wordsRead } from '../../src/writing/words.ts'
import { tickOf } from '../../src/ui/chart/chartLook.ts'

const inComma = (text: string): string => inWriting(text, { ...plainWriting, decimal: 'comma' })
const inUs = (text: string): string => inWriting(text, { ...plainWriting, units: 'us' })
const monthFirst = (text: string): string => inWriting(text, { ...plainWriting, dates: 'month' })

describe('numbers as their reader writes them', () => {
  it('a decimal comma stands in every number of a sentence, and in nothing else', () => {
    expect(inComma('1 part to 1.7 of paint; 0.45–0.5 g, 3.5× as fat.')).to.equal(
      '1 part to 1,7 of paint; 0,45–0,5 g, 3,5× as fat.',
    )
    expect(inComma('Layer 2. At 9:30, in v1.2 of grelta.studio')).to.equal(
      'Layer 2. At 9:30, in v1.2 of grelta.studio',
    )
  })
  it('where the comma is the decimal sign it does not set thousands apart', () => {
    expect(inComma('at most 20,000 µm')).to.equal('at most 20\u00a0000 µm')
  })
  it('a plain reader gets every sentence as it was written', () => {
    fc.assert(fc.property(fc.string(), (text) => inWriting(text, plainWriting) === text))
  })
  it('a comma before three digits is what its reader means by it', () => {
    const plain = readerOf(plainWriting)
    const comma = readerOf({ ...plainWriting, decimal: 'comma' })
    expect(parseQuantity(plain.typed('1,125'), 'g')).to.equal(1125)
    expect(parseQuantity(comma.typed('1,125'), 'g')).to.equal(1.125)
    expect(parseQuantity(comma.typed('1 000,5'), 'g')).to.equal(1000.5)
  })
  it('what a comma reader is shown in a field reads back as what it was', () => {
    const comma = readerOf({ ...plainWriting, decimal: 'comma' })
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 999_999 }), fc.integer({ min: 0, max: 3 }), (digits, places) => {
        const value = digits / 10 ** places
        expect(parseQuantity(comma.typed(comma.figure(String(value))), 'g')).to.equal(value)
      }),
    )
  })
})

describe('dates with the month first', () => {
  const day = 20_790
  it('every way a date is written on a page turns round', () => {
    expect(dateText('2026-12-03')).to.equal('3 Dec 2026')
    expect(monthFirst(dateText('2026-12-03'))).to.equal('Dec 3, 2026')
    expect(monthFirst(minuteText('2026-12-03T15:00'))).to.equal('Thu, Dec 3, 2026, 15:00')
    expect(monthFirst('shown Thursday 3 December')).to.equal('shown Thursday, December 3')
    expect(monthFirst('3–11 Dec')).to.equal('Dec 3–11')
    expect(monthFirst('28 Dec 2026–4 Jan 2027')).to.equal('Dec 28, 2026–Jan 4, 2027')
  })
  it('turned round they say the same days', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 0, max: 60 }), (from, more) => {
        for (const text of [dayText(day + from), datesText(day + from, day + from + more)]) {
          const numbers = (words: string) => words.match(/\d+/g)!.sort()
          expect(numbers(monthFirst(text))).to.deep.equal(numbers(text))
          expect(monthFirst(text)).to.not.match(/\d [A-Z]/)
        }
      }),
    )
  })
  it('a month alone, and a number before another word, stay', () => {
    expect(monthFirst('December 2026, layer 2 Maybe')).to.equal('December 2026, layer 2 Maybe')
  })
})

describe('US units', () => {
  it('lengths, areas, rooms and degrees turn, with no more digits than were told', () => {
    expect(inUs('60 × 80 cm')).to.equal('24 × 31 in')
    expect(inUs('a patch of 400 cm²')).to.equal('a patch of 62 sq in')
    expect(inUs('between 5 and 35 °C')).to.equal('between 41 and 95 °F')
    expect(inUs('a room of 40 m³')).to.equal('a room of 1400 cu ft')
  })
  it('a jar is told in fluid ounces, a spoonful in teaspoons, and a few drops stay in ml', () => {
    expect(inUs('180 ml')).to.equal('6.09 fl oz')
    expect(inUs('about 5 ml')).to.equal('about 1 tsp')
    expect(inUs('0.35 ml')).to.equal('0.35 ml')
    expect(inUs('10–20 ml')).to.equal('0.34–0.68 fl oz')
  })
  it('weights stay in grams, as scales show them, and rates as they are', () => {
    const kept = 'Pour 3.25 g: 60 ml/m², 4 g per 100 ml, 5 °C warmer, 2 tsp (5 ml)'
    expect(inUs(kept)).to.equal(kept)
  })
  it('a field turned there and back keeps its value', () => {
    for (const unit of ['cm', 'cm²', 'm', 'm²', 'm³', 'ml', 'l', '°C', 'kg'])
      fc.assert(
        fc.property(fc.double({ min: 0, max: 1000, noNaN: true }), (value) => {
          const { toShown, toKept } = usField(unit, 1000)!
          expect(toKept(toShown(value))).to.be.closeTo(value, 1e-9 * Math.max(1, value))
        }),
      )
    expect(usField('g', 100)).to.equal(null)
  })
  it('a field of inches takes inches bare and centimetres named, and one of °C takes °F', () => {
    const { toKept } = usField('cm', 1000)!
    expect(parseQuantity('10', 'cm', toKept)).to.equal(25.4)
    expect(parseQuantity('30 cm', 'cm', toKept)).to.equal(30)
    expect(parseQuantity('64.4 °F', '°C')).to.be.closeTo(18, 1e-9)
  })
})

describe('who reads', () => {
  it('a browser tells its decimal sign, its units and which comes first, day or month', () => {
    expect(writingOf('de-AT,en;q=0.7')).to.deep.equal({ decimal: 'comma', units: 'metric', dates: 'day' })
    expect(writingOf('en-US')).to.deep.equal({ decimal: 'point', units: 'us', dates: 'month' })
    expect(isPlain(writingOf('en-GB,en'))).to.equal(true)
    for (const odd of [null, '', '*', 'not a language', '😀'])
      expect(writingOf(odd), String(odd)).to.deep.equal(plainWriting)
  })
  it('a device that chose is heard before its browser, and only in words that are known', () => {
    expect(chosenIn('a=b; grelta-writing=comma.us; c=d')).to.deep.equal({ decimal: 'comma', units: 'us' })
    expect(chosenIn('grelta-writing=parsecs.comma')).to.deep.equal({ decimal: 'comma' })
    expect(chosenIn(null)).to.deep.equal({})
  })
  it('a number and its unit are read in one, and no child of an element changes its place', () => {
    const read = (children: unknown) => (wordsRead('p', { children }, inUs) as { children: unknown }).children
    expect(read([180, ' ml of ', null, 'oil'])).to.deep.equal(['6.09 fl oz of ', '', null, 'oil'])
    expect(read('60 cm')).to.equal('24 in')
  })
  it('a name marked as one stays, and so does what a component is given', () => {
    const name = { translate: 'no', children: 'Study 60 cm' }
    expect(wordsRead('h1', name, inUs)).to.equal(name)
    const given = { children: '60 cm' }
    expect(wordsRead(() => null, given, inUs)).to.equal(given)
  })
})

describe('along a chart', () => {
  afterEach(() => {
    globalThis.greltaReader = undefined
  })
  it('a figure is written as its reader has it, a warmth in their degrees', () => {
    expect(tickOf()(2.5)).to.equal('2.5')
    globalThis.greltaReader = readerOf({ decimal: 'comma', units: 'us', dates: 'day' })
    expect([tickOf()(2.5), tickOf(' °C')(20)]).to.deep.equal(['2,5', '68 °F'])
  })
})

import { expect } from 'chai'
import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { dayOf } from '../../src/core/plan/calendar.ts'
import {
  about,
  chanceText,
  datesText,
  dayText,
  gramsText,
  mlText,
  percentText,
  shortName,
  spanText,
  umText,
} from '../../src/ui/format.ts'
import { countFault, faultyFields } from '../../src/ui/faults.ts'
import { messages, drop, say } from '../../src/ui/messages.ts'
import { mixedColour, oilColour, pigmentColour } from '../../src/core/values/pigmentColours.ts'
import { ingredientChoices, materialRoles } from '../../src/ui/materials.ts'
import { library } from '../../src/core/materials/library.ts'
import { moved } from '../../src/ui/sorting.tsx'
import { scienceSections } from '../../src/core/science.ts'
import { requestTo } from '../../src/ui/client.ts'

const day = (date: string): number => dayOf(date)!

describe('the science as a page', () => {
  it('has a heading for every place a “why” leads to', () => {
    const text = readFileSync(new URL('../../docs/science.md', import.meta.url), 'utf8')
    const anchors = [...text.matchAll(/^## (.+)$/gm)].map(([, heading]) =>
      heading!
        .toLowerCase()
        .replace(/[^\w\s-]/g, '')
        .replaceAll(' ', '-'),
    )
    for (const anchor of Object.values(scienceSections)) expect(anchors).to.include(anchor)
  })
})

describe('how a painter is told', () => {
  it('a span of days is as wide as it is known, and months when it is long', () => {
    expect(spanText(9.2, 13.8)).to.equal('9–14 days')
    expect(spanText(0.2, 1.1)).to.equal('0–1 days')
    expect(spanText(1, 1.2)).to.equal('about 1 day')
    expect(spanText(6.8, 7.2)).to.equal('about 7 days')
    expect(spanText(150, 270)).to.equal('5–9 months')
    expect(spanText(180, 185)).to.equal('about 6 months')
  })
  it('a span of dates names a month once, and the year where it is not this one', () => {
    const year = new Date().getFullYear()
    expect(datesText(day(`${year}-12-03`), day(`${year}-12-11`))).to.equal('3–11 Dec')
    expect(datesText(day(`${year}-11-28`), day(`${year}-12-04`))).to.equal('28 Nov–4 Dec')
    expect(datesText(day(`${year}-11-28`), day(`${year}-11-28`))).to.equal('28 Nov')
    expect(datesText(day('2099-11-28'), day('2099-12-04'))).to.equal('28 Nov–4 Dec 2099')
    expect(datesText(day('2098-11-28'), day('2099-12-04'))).to.equal('28 Nov 2098–4 Dec 2099')
    expect(dayText(day('2099-12-03'))).to.equal('Thu 3 Dec 2099')
    expect(dayText(day(`${year}-12-03`))).to.match(/ 3 Dec$/)
  })
  it('a chance is never told as certain, either way', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (chance) => {
        expect(chanceText(chance)).to.not.match(/^(0|100).%$/)
      }),
    )
    expect(chanceText(0.42)).to.match(/^42.%$/)
  })
  it('no number comes as a power of ten, however small or large', () => {
    fc.assert(
      fc.property(fc.double({ min: 1e-300, max: 1e9, noNaN: true }), (value) => {
        expect(about(value)).to.match(/^\d+(\.\d+)?$/)
      }),
    )
  })
  it('a measure has the digits a hand can keep', () => {
    expect([gramsText(2.345), gramsText(23.45), gramsText(234.5)]).to.deep.equal([
      '2.35 g',
      '23.4 g',
      '235 g',
    ])
    expect([0, 0.5, 2.83, 55.55, 180].map(mlText)).to.deep.equal([
      '0 ml',
      '0.5 ml',
      '2.8 ml',
      '56 ml',
      '180 ml',
    ])
    expect([umText(2.345), umText(60), umText(1500)]).to.deep.equal(['2.3 µm', '60 µm', '1.5 mm'])
    expect(percentText(0.0004)).to.match(/^0.%$/)
    expect(percentText(0.034)).to.match(/^3\.4.%$/)
    expect([0.666, 0.0997].map(percentText)).to.deep.equal(['67\u00a0%', '10\u00a0%'])
  })
  it('a material goes by its name without what stands in brackets', () => {
    expect(shortName('Titanium white (rutile)')).to.equal('Titanium white')
  })
})

describe('colours for drawing', () => {
  it('of a mixture lie between those of its pigments, and white alone stays white', () => {
    expect(mixedColour([{ id: 'pw1', share: 2 }])).to.equal(pigmentColour('pw1'))
    const channel = (hex: string, at: number): number => parseInt(hex.slice(1 + 2 * at, 3 + 2 * at), 16)
    const [white, blue] = [pigmentColour('pw1'), pigmentColour('pb29')]
    const mixed = mixedColour([
      { id: 'pw1', share: 1 },
      { id: 'pb29', share: 1 },
    ])
    for (const at of [0, 1, 2]) {
      const [low, high] = [channel(white, at), channel(blue, at)].sort((a, b) => a - b) as [number, number]
      expect(channel(mixed, at)).to.be.within(low, high)
    }
    expect(mixedColour([])).to.equal(oilColour)
  })
  it('every pigment of the book has one', () => {
    for (const { id, family } of library)
      if (family === 'pigment') expect(pigmentColour(id)).to.match(/^#[\da-f]{3,6}$/)
  })
})

describe('lists to choose from', () => {
  it('bind paint with oils that dry, and with no other', () => {
    const ids = materialRoles.oil.options.map(({ id }) => id)
    expect(ids).to.include('walnut').and.not.include('olive')
    expect(materialRoles.pigment.options.every(({ name }) => name.length > 0)).to.equal(true)
  })
  it('hold everything a medium may, by family', () => {
    const choices = ingredientChoices(library)
    expect(choices).to.have.length(library.length)
    const groups = choices.map(({ group }) => group)
    expect([...new Set(groups)].length).to.equal(
      groups.filter((group, at) => group !== groups[at - 1]).length,
    )
  })
})

describe('small things pages share', () => {
  it('moving an item keeps all of them, and moving it back the order', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer(), { minLength: 1 }), fc.nat(), fc.nat(), (items, a, b) => {
        const [from, to] = [a % items.length, b % items.length]
        const there = moved(items, from, to)
        expect(there[to]).to.equal(items[from])
        expect(moved(there, to, from)).to.deep.equal(items)
      }),
    )
  })
  it('fields in error are counted, and never below none', () => {
    countFault(1)
    countFault(1)
    countFault(-1)
    expect(faultyFields.get()).to.equal(1)
    countFault(-1)
    countFault(-1)
    expect(faultyFields.get()).to.equal(0)
  })
  it('the last three messages stand, each until it is closed', () => {
    for (const text of ['one', 'two', 'three', 'four']) say(text)
    expect(messages.get().map(({ text }) => text)).to.deep.equal(['two', 'three', 'four'])
    expect(messages.get().every(({ undo }) => undo === undefined)).to.equal(true)
    say('painted', 7)
    expect(messages.get().at(-1)!.undo).to.be.a('function')
    messages.get().forEach(({ id }) => drop(id))
    expect(messages.get()).to.deep.equal([])
  })
  it('a route’s name becomes its address, with what is asked of it', () => {
    expect(requestTo('DELETE /api/layers/{id}', { seen: 3 }, { params: { id: 'a b' } })).to.deep.equal({
      method: 'DELETE',
      path: '/api/layers/a%20b',
      body: { seen: 3 },
    })
    expect(
      requestTo('GET /api/find', undefined, { query: { in: 'medium', find: 'harbour & co' } }).path,
    ).to.equal('/api/find?in=medium&find=harbour+%26+co')
  })
})

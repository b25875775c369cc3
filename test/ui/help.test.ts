import { readdirSync, readFileSync } from 'node:fs'
import { expect } from 'chai'
import { describe, it } from 'mocha'
import { thinFilmSpread } from '../../src/core/cure/forecast.ts'
import { stateNames } from '../../src/core/cure/states.ts'
import { answerOn } from '../../src/ui/help/pages.ts'
import { wordsIn } from '../../src/ui/help/onThisPage.ts'
import { anchorOf } from '../../src/ui/help/anchor.ts'
import { words } from '../../src/ui/help/words.ts'

const explained = Object.keys(words)

describe('help', () => {
  it('explains the states by the finger that tells them', () => {
    for (const state of Object.values(stateNames)) expect(explained).to.include(state)
  })
  it('has a place of its own for every word', () => {
    expect(new Set(explained.map(anchorOf)).size).to.equal(explained.length)
  })
  it('finds the words that stand on a page, alone or as several, and none inside another', () => {
    expect(wordsIn('Two heaps, one sunken')).to.deep.equal(
      ['sunken', 'heap', 'sunken, matt, satin, glossy'].sort(byOrder),
    )
    expect(wordsIn('Watch. After 19 days it is touch dry')).to.deep.equal([
      'sound, watch, unsound',
      'touch dry',
    ])
    expect(wordsIn('A fatal confirmation')).to.deep.equal([])
  })
  it('says of every page what it is for', () => {
    const pages = readdirSync(new URL('../../src/pages', import.meta.url), {
      recursive: true,
      encoding: 'utf8',
    })
      .filter((name) => name.endsWith('.astro') && !/^(help|science|trust|404)/.test(name))
      .map(
        (name) =>
          `/${name
            .replace(/\.astro$/, '')
            .replace(/\/?index$/, '')
            .replaceAll(/\[\w+\]/g, 'x')}`,
      )
    expect(pages.length).to.be.above(20)
    expect(pages.filter((path) => answerOn(path) === null)).to.deep.equal([])
  })
  it('tells the range of a drying forecast as the model has it', () => {
    const trust = readFileSync(new URL('../../docs/trust.md', import.meta.url), 'utf8').replaceAll('\n', ' ')
    const [low, high] = [-1, 1].map((side) => Math.round(10 * Math.exp(side * 1.2816 * thinFilmSpread)))
    expect([low, high]).to.deep.equal([6, 16])
    expect(trust).to.include('ten days is touch dry between six and sixteen days, eight times in ten')
  })
})

const byOrder = (a: string, b: string): number => explained.indexOf(a) - explained.indexOf(b)

import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { Invalid } from '../../src/studio/computing/compute.ts'
import { withDecimalComma } from '../../src/studio/csv/csv.ts'
import { saveMediums } from '../../src/studio/mediums.ts'
import { recipeBook, recipesFromCsv, recipesToCsv } from '../../src/studio/csv/recipesCsv.ts'
import type { RecipeBook } from '../../src/studio/csv/recipesCsv.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import type { OpenStudio } from '../../src/store/open.ts'
import { demoStudio, now } from './desk.ts'

const faultsOf = (csv: string, book: RecipeBook): readonly string[] => {
  try {
    recipesFromCsv(csv, book)
    return []
  } catch (error) {
    if (error instanceof Invalid) return error.issues.map(({ message }) => message)
    throw error
  }
}

describe('recipes as a list', () => {
  let demo: OpenStudio
  let book: RecipeBook
  before(async () => {
    demo = await demoStudio()
    book = await recipeBook(demo.db)
  })
  after(() => demo.close())

  it('come back as they were, with either decimal sign', () => {
    const csv = recipesToCsv(book)
    const written = book.mediums.filter(({ recipe }) => recipe.lines.length > 0)
    expect(recipesFromCsv(csv, book)).to.deep.equal(written)
    expect(recipesFromCsv(withDecimalComma(csv), book)).to.deep.equal(written)
  })
  it('may be typed by hand: amounts as a painter writes them, things by their names', () => {
    const csv = [
      'medium;amount;material',
      'Slow start;2 tsp;Poppyseed oil',
      'Slow start;1,5 ml;clove_oil',
      'Slower;3 parts;Slow start',
    ].join('\n')
    const [start, slower] = recipesFromCsv(csv, book)
    expect(start!.recipe.lines).to.deep.equal([
      { amount: 2, unit: book.spoons === 'us' ? 'tsp' : 'tsp_metric', material: 'poppy' },
      { amount: 1.5, unit: 'ml', material: 'clove_oil' },
    ])
    expect(slower!.recipe.lines).to.deep.equal([{ amount: 3, unit: 'part', medium: start!.id }])
  })
  it('a fault is told by line and column, and nothing is taken', () => {
    const csv = [
      'medium,amount,unit,material,parts_by',
      'Odd,2,tsp,Moon oil,volume',
      'Odd,a lot,,Poppyseed oil,weight',
      'Odd,3,ml,Poppyseed oil,weight',
      ',1,ml,Poppyseed oil,',
    ].join('\n')
    const [amount, name, ...more] = faultsOf(csv, book)
    expect(amount).to.match(/^Line 3, column "amount": "a lot/)
    expect(name).to.equal('Line 5, column "medium": Name the medium this goes into.')
    expect(more).to.deep.equal([])
    const [material, parts] = faultsOf(csv.split('\n').toSpliced(2, 1).slice(0, 3).join('\n'), book)
    expect(material).to.match(/^Line 2, column "material": "Moon oil" is nothing/)
    expect(parts).to.match(/^Line 3, column "parts_by": Line 2 of the same medium/)
  })
  it('are taken in one step, keep what a list does not tell, and are undone in one', async () => {
    const known = book.mediums.find(({ id }) => id === 'harbour-glaze')!
    const csv = 'medium,amount,material\nHarbour glaze,20 ml,walnut\nBrought,5 g,damar'
    const write = { db: demo.db, at: now }
    const { event } = await saveMediums(write, recipesFromCsv(csv, book))
    const brought = await recipeBook(demo.db)
    expect(brought.mediums.length).to.equal(book.mediums.length + 1)
    const glaze = brought.mediums.find(({ id }) => id === known.id)!
    expect(glaze.recipe.lines).to.deep.equal([{ amount: 20, unit: 'ml', material: 'walnut' }])
    expect(known.note).not.to.equal('')
    expect([glaze.note, glaze.mostPasses]).to.deep.equal([known.note, known.mostPasses])
    await undoEvent(write, event)
    expect((await recipeBook(demo.db)).mediums).to.have.deep.members([...book.mediums])
  })
})

import { describe, it } from 'mocha'
import { analyseMedium } from '../../src/core/medium/medium.ts'
import type { Recipe } from '../../src/core/medium/recipe.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { filmOf } from '../../src/core/film/film.ts'
import type { Mixture } from '../../src/core/film/film.ts'
import { expectClose, vectors } from '../vectors.ts'

describe('medium vectors', () => {
  for (const { name, request, expect: expected } of vectors<{
    name: string
    request: Recipe
    expect: object
  }>('medium'))
    it(name, () => {
      const result = analyseMedium(request, findInLibrary)
      if (!result.ok) throw new Error(result.problems[0]!.message)
      expectClose(result.medium, expected, 1e-6)
    })
})

type FilmRequest = Omit<Mixture, 'medium'> & { medium?: Recipe & { parts: number } }
describe('film vectors', () => {
  for (const { name, request, expect: expected } of vectors<{
    name: string
    request: FilmRequest
    expect: object
  }>('film'))
    it(name, () => {
      const { medium, ...rest } = request
      const made = medium && analyseMedium(medium, findInLibrary)
      if (made && !made.ok) throw new Error(made.problems[0]!.message)
      const result = filmOf(
        { ...rest, ...(made && { medium: { ingredients: made.medium.ingredients, parts: medium.parts } }) },
        findInLibrary,
      )
      if (!result.ok) throw new Error(result.message)
      expectClose(result.film, expected, 1e-6)
    })
})

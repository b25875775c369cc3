import { looksLikeGlaze } from '../film/kindOfFilm.ts'
import type { LaidLayer } from './lay.ts'

/** Whether a layer is a glaze: by its purpose, where it has one, else by its mixture (rules.md, Terms). */
export const isGlaze = ({ purpose, film }: Pick<LaidLayer, 'purpose' | 'film'>): boolean =>
  purpose === 'glaze' || (purpose === null && looksLikeGlaze(film))

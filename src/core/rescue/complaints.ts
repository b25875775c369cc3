import type { Complaint } from './complaint.ts'
import { tooFat } from './complaints/tooFat.ts'
import { tooThin } from './complaints/tooThin.ts'
import { tooFast } from './complaints/tooFast.ts'
import { tooDark } from './complaints/tooDark.ts'
import { goneDull } from './complaints/goneDull.ts'
import { lifted } from './complaints/lifted.ts'
import { wrinkled } from './complaints/wrinkled.ts'
import { cracked } from './complaints/cracked.ts'
import { sticky } from './complaints/sticky.ts'
import { bloomed } from './complaints/bloomed.ts'
import { oilCreeping } from './complaints/oilCreeping.ts'

/** Eleven complaints: what to look at, what it probably is, what to do and what to leave (rules.md, Rescue). */
export const complaints: readonly Complaint[] = [
  tooFat,
  tooThin,
  tooFast,
  tooDark,
  goneDull,
  lifted,
  wrinkled,
  cracked,
  sticky,
  bloomed,
  oilCreeping,
]

/** Words as short as these say nothing of what is wrong. */
const wordsFrom = 4
/** So much of a word is enough to know it by. */
const stemLetters = 5

/** The complaints a painter's own words are nearest to, the nearest first; all of them where no word is known. */
export function complaintsFor(words: string): readonly Complaint[] {
  const asked = words.toLowerCase().match(/[a-z]+/g) ?? []
  const stems = asked.filter((word) => word.length >= wordsFrom).map((word) => word.slice(0, stemLetters))
  const known = complaints.map((complaint) => {
    const text = `${complaint.name} ${complaint.alsoSaid}`.toLowerCase()
    return { complaint, matches: stems.filter((stem) => text.includes(stem)).length }
  })
  const found = known.filter(({ matches }) => matches > 0).sort((a, b) => b.matches - a.matches)
  return found.length > 0 ? found.map(({ complaint }) => complaint) : complaints
}

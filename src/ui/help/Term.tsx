import type { ReactNode } from 'react'
import { anchorOf } from './anchor.ts'
import type { Word } from './words.ts'

/** A word that says what it means where it stands; without scripts it leads to the page of words. */
export const Term = ({ of, children }: { readonly of: Word; readonly children: ReactNode }) => (
  <a className="term" href={`/help#${anchorOf(of)}`}>
    {children}
  </a>
)

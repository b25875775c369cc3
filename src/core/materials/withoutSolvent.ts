/** What solvent is used for, in the order one can do without it (reckonings.md, Without solvent, in steps). */
export const solventUses = ['starts', 'thinning', 'medium', 'cleaning', 'oiling-out', 'varnish'] as const
export type SolventUse = (typeof solventUses)[number]

export interface WithoutIt {
  readonly use: string
  readonly instead: string
  readonly changes: string
}

export const withoutSolvent: Readonly<Record<SolventUse, WithoutIt>> = {
  starts: {
    use: 'Starting with a wash',
    instead: 'a waterborne start, or paint scrubbed in thin with a stiff brush',
    changes: 'dry in hours instead of days, brushes of its own; scrubbed in it needs a tooth',
  },
  thinning: {
    use: 'Thinning paint',
    instead: 'a little fluid oil, or a medium without solvent, in less paint',
    changes: 'fatter: count it in the layers above; it stays open longer',
  },
  medium: {
    use: 'Solvent in a medium',
    instead: 'an oil, or an oil with extender, of the same flow',
    changes: 'no damar, no soft resin: they need solvent; gloss comes from bodied oil',
  },
  cleaning: {
    use: 'Cleaning brushes',
    instead: 'oil first, wiped out; then soap and lukewarm water at the end of the day',
    changes: 'oil stays in the hair: wipe before a lean layer; the rags heat themselves as before',
  },
  'oiling-out': {
    use: 'Oiling out',
    instead: 'neat oil, a drop to a hand’s breadth, wiped off',
    changes: 'more oil is left: wipe longer, to under 3 µm',
  },
  varnish: {
    use: 'Varnishing',
    instead: 'a wax by brush, the spirit varnish outdoors, or by somebody with an extraction',
    changes: 'wax is softer and duller; outdoors dust and wind decide the day',
  },
}

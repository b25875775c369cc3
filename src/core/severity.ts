/** A note says something worth knowing and changes no verdict. */
export const severities = ['note', 'watch', 'unsound'] as const
export type Severity = (typeof severities)[number]
export const verdicts = ['sound', 'watch', 'unsound'] as const
export type Verdict = (typeof verdicts)[number]

/** How grave a finding is: 0 for a note, 2 for unsound. */
export const gravity: Readonly<Record<Severity, number>> = { note: 0, watch: 1, unsound: 2 }

/** One step less; null: silent. */
export const milder: Readonly<Record<Severity, Severity | null>> = {
  unsound: 'watch',
  watch: 'note',
  note: null,
}

/** Orders findings gravest first. */
export const byGravity = (a: { readonly severity: Severity }, b: { readonly severity: Severity }): number =>
  gravity[b.severity] - gravity[a.severity]

/** The gravest of several verdicts. */
export const worstVerdict = (given: readonly Verdict[]): Verdict =>
  verdicts[Math.max(0, ...given.map((verdict) => verdicts.indexOf(verdict)))]!

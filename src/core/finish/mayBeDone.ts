import type { Stage } from './stageOf.ts'

/** What a picture bears at each stage (reckonings.md, Packing by stage). */
export const mayBeDone: Readonly<Record<Stage, string>> = {
  bare: 'Nothing lies on it.',
  wet: 'It is wet somewhere: leave it flat and bare in its own studio.',
  touch: 'It may be shown, and travel upright in a spacer box with nothing before its face.',
  firm: 'It may be stacked with corner spacers, and wrapped round its frame only, for two days.',
  varnishSoft:
    'A soft removable varnish may go on, after a swab on the slowest spot; release paper without pressure.',
  cured: 'Any final varnish may go on; it may be wrapped.',
}

/** The same in a few words, for a list. */
export const mayBeDoneInShort: Readonly<Record<Stage, string | null>> = {
  bare: null,
  wet: 'wet somewhere, not to be moved',
  touch: 'safe to show and to carry upright, not to wrap',
  firm: 'safe to wrap round its frame and to send',
  varnishSoft: 'safe for a soft varnish, after a swab',
  cured: 'safe for any varnish, after a swab',
}

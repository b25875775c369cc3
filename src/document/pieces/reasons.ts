import type { Severity } from '../../core/severity.ts'

/** What is wrong with a picture, in the words one learns them by; each gathers the rules that say so. */
export interface FaultReason {
  readonly id: string
  readonly name: string
  readonly rules: readonly string[]
}

export const faultReasons = [
  { id: 'leaner', name: 'leaner than what is under it', rules: ['fat-over-lean', 'less-oil-above'] },
  {
    id: 'too-soon',
    name: 'put on too soon',
    rules: ['too-soon', 'solvent-leaving', 'oil-over-wet-waterborne', 'mismatch'],
  },
  { id: 'thin-over-thick', name: 'thin over thick', rules: ['thick-under-thin'] },
  {
    id: 'faster',
    name: 'dries faster than what is under it',
    rules: ['slow-under-fast', 'faster-above', 'retarder-below'],
  },
  { id: 'stiffer', name: 'stiffer than what is under it', rules: ['stiffer-above', 'support-strain'] },
  { id: 'underbound', name: 'too little binder', rules: ['underbound'] },
  {
    id: 'soluble',
    name: 'too much resin or wax',
    rules: ['resin-limit', 'wax-limit', 'resin-and-wax-limit'],
  },
  { id: 'medium', name: 'too much medium', rules: ['medium-limit', 'alkyd-limit', 'passes'] },
  { id: 'thinner', name: 'too much thinner', rules: ['thinner-limit', 'thinner-glaze'] },
  { id: 'water', name: 'water-based over oil', rules: ['water-over-oil'] },
  { id: 'never', name: 'never hardens, or wrinkles', rules: ['will-not-harden', 'wrinkling'] },
  {
    id: 'varnish',
    name: 'varnish too early, or in between',
    rules: ['varnish-too-early', 'varnish-between', 'unremovable-varnish'],
  },
  {
    id: 'ground',
    name: 'the ground or what it stands on',
    rules: ['ground-age', 'ground-on-support', 'zinc', 'cissing', 'old-picture'],
  },
] as const satisfies readonly FaultReason[]

export type ReasonId = (typeof faultReasons)[number]['id']
export const reasonIds = faultReasons.map(({ id }) => id) as readonly ReasonId[]

/** The reasons behind findings, each once; notes are none, and what no reason gathers stays unsaid. */
export function reasonsOf(
  findings: readonly { readonly rule: string; readonly severity: Severity }[],
): readonly ReasonId[] {
  const rules = findings.filter(({ severity }) => severity !== 'note').map(({ rule }) => rule)
  return faultReasons
    .filter(({ rules: gathered }) => rules.some((rule) => (gathered as readonly string[]).includes(rule)))
    .map(({ id }) => id)
}

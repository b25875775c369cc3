import type { ComplaintId } from './complaint.ts'

/** What a painter would call what a rule finds, once it is on the picture. */
const complaints: Readonly<Record<string, ComplaintId>> = {
  'fat-over-lean': 'too-fat',
  'less-oil-above': 'too-fat',
  'medium-limit': 'too-fat',
  underbound: 'too-thin',
  remover: 'lifted',
  'thinner-limit': 'too-thin',
  'thinner-glaze': 'lifted',
  'drier-over-maximum': 'too-fast',
  'slow-under-fast': 'cracked',
  mismatch: 'cracked',
  'support-strain': 'cracked',
  'thick-under-thin': 'cracked',
  zinc: 'cracked',
  'too-soon': 'cracked',
  wrinkling: 'wrinkled',
  'will-not-harden': 'sticky',
  'retarder-below': 'sticky',
  'opaque-in-glaze': 'too-dark',
  bloom: 'bloomed',
  halo: 'oil-creeping',
  'oiled-out-not-reworked': 'oil-creeping',
  'solvent-bite': 'lifted',
  'resin-limit': 'lifted',
  'wax-limit': 'lifted',
  'resin-and-wax-limit': 'lifted',
}

export const complaintOf = (rule: string): ComplaintId | null => complaints[rule] ?? null

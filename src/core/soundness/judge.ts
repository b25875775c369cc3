import { byGravity, worstVerdict } from '../severity.ts'
import type { Verdict } from '../severity.ts'
import type { Area } from '../stack/area.ts'
import type { Finding } from './finding.ts'
import type { LaidPicture } from './lay.ts'
import { rules } from './rules/index.ts'

export interface Judgement {
  readonly verdict: Verdict
  /** Gravest first; of equals the topmost layer. */
  readonly findings: readonly Finding[]
  /** What it comes to in each area. */
  readonly areas: readonly { readonly area: Area; readonly verdict: Verdict }[]
}

const none = (): boolean => false

/** What every rule finds in a picture, and the verdict it comes to; what is taken on knowingly is found, and counts not. */
export function judge(picture: LaidPicture, isTakenOn: (finding: Finding) => boolean = none): Judgement {
  const everywhere = rules.flatMap((rule) => rule.find(picture))
  const counted = everywhere.filter((finding) => !isTakenOn(finding))
  return {
    verdict: verdictOf(counted),
    findings: onceEach(everywhere).sort((a, b) => byGravity(a, b) || b.layer - a.layer),
    areas: picture.areas.map(({ area }) => ({
      area,
      verdict: verdictOf(counted.filter((finding) => finding.area === area.id)),
    })),
  }
}

/** What is found of the same layers in several areas is told once, where it is gravest. */
function onceEach(findings: readonly Finding[]): Finding[] {
  const byPlace = new Map<string, Finding>()
  for (const finding of findings) {
    const place = `${finding.rule} ${finding.layer} ${finding.under ?? ''}`
    const before = byPlace.get(place)
    if (!before || byGravity(before, finding) > 0) byPlace.set(place, finding)
  }
  return [...byPlace.values()]
}

/** The gravest finding decides; notes and what is only about the look do not. */
export const verdictOf = (findings: readonly Pick<Finding, 'severity' | 'about'>[]): Verdict =>
  worstVerdict(
    findings.map(({ severity, about }) => (severity === 'note' || about === 'look' ? 'sound' : severity)),
  )

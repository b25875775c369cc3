import type { Finding } from './finding.ts'
import type { Verdict } from './mismatch.ts'
import { rules } from './rules/index.ts'
import type { LaidStack } from './stack.ts'

export interface Judgement {
  readonly verdict: Verdict
  readonly findings: readonly Finding[]
}

const weight = { note: 0, watch: 1, unsound: 2 } as const

/**
 * What every rule finds in a stack, gravest first, and the verdict they come to.
 * With no practice named, rules that rest on a practice's choice make notes only.
 */
export function judge(stack: LaidStack): Judgement {
  const findings = rules.flatMap((rule) =>
    rule
      .find(stack)
      .map((finding): Finding =>
        rule.byPractice && !stack.practice ? { ...finding, severity: 'note' } : finding,
      ),
  )
  return {
    verdict: verdictOf(findings),
    findings: findings.sort((a, b) => weight[b.severity] - weight[a.severity] || b.layer - a.layer),
  }
}

/** The gravest finding decides; notes do not. */
export const verdictOf = (findings: readonly Pick<Finding, 'severity'>[]): Verdict =>
  findings.some(({ severity }) => severity === 'unsound')
    ? 'unsound'
    : findings.some(({ severity }) => severity === 'watch')
      ? 'watch'
      : 'sound'

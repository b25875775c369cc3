import { readFileSync } from 'node:fs'
import { expect } from 'chai'

/** The cases of one shipped vector file. */
export const vectors = <Case>(name: string): readonly Case[] =>
  (
    JSON.parse(readFileSync(new URL(`vectors/${name}.json`, import.meta.url), 'utf8')) as {
      cases: readonly Case[]
    }
  ).cases

/** Every number under `expected` is met by `actual` within a relative tolerance; other values exactly. */
export function expectClose(actual: unknown, expected: unknown, tolerance: number, path = ''): void {
  if (typeof expected === 'number') {
    expect(actual, path).to.be.a('number')
    expect(
      Math.abs((actual as number) - expected),
      `${path}: ${String(actual)} for ${expected}`,
    ).to.be.at.most(tolerance * Math.max(1e-3, Math.abs(expected)))
  } else if (expected !== null && typeof expected === 'object') {
    for (const [key, value] of Object.entries(expected))
      expectClose((actual as Record<string, unknown>)[key], value, tolerance, `${path}.${key}`)
  } else expect(actual, path).to.equal(expected)
}

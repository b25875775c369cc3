import { readFileSync } from 'node:fs'
import { expect } from 'chai'
import { describe, it } from 'mocha'

const read = (name: string): unknown =>
  JSON.parse(readFileSync(new URL(`../${name}`, import.meta.url), 'utf8'))

interface Manifest {
  readonly dependencies: Readonly<Record<string, string>>
  readonly devDependencies: Readonly<Record<string, string>>
}
const { dependencies, devDependencies } = read('package.json') as Manifest
const { packages } = read('package-lock.json') as {
  packages: Readonly<Record<string, { readonly version: string; readonly dev?: boolean }>>
}

/** The framework brings the older one for its own settings; no page loads it. */
const knownTwice = ['zod']

describe('packages', () => {
  it('are named by exact versions, so that every machine gets the same', () => {
    const loose = Object.entries({ ...dependencies, ...devDependencies }).filter(
      ([, version]) => !/^\d+\.\d+\.\d+$/.test(version),
    )
    expect(loose).to.deep.equal([])
  })
  it('that the program rests on are there once', () => {
    const versions = new Map<string, Set<string>>()
    for (const [path, { version, dev }] of Object.entries(packages)) {
      const name = path.split('node_modules/').at(-1)!
      if (dev || !(name in dependencies)) continue
      versions.set(name, new Set([...(versions.get(name) ?? []), version]))
    }
    expect(versions.size).to.equal(Object.keys(dependencies).length)
    const twice = [...versions].filter(([, all]) => all.size > 1).map(([name]) => name)
    expect(twice).to.deep.equal(knownTwice)
  })
})

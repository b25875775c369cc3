import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { kinds, kindNames } from '../../src/document/kinds.ts'
import { pieceFileSchema } from '../../src/document/pieces/piece.ts'

const faultsOf = (written: unknown): readonly string[] =>
  pieceFileSchema
    .safeParse(written)
    .error!.issues.map(({ path, message }) => `${path.map(String).join('.')}: ${message}`)

describe('what is said of a file that does not fit', () => {
  it('names what is missing and what should stand there', () => {
    const faults = faultsOf({ format: 'grelta.piece', version: 1, title: 4, layers: {} })
    expect(faults).to.include('title: This should be text.')
    expect(faults).to.include('painting: This is missing.')
    expect(faults).to.include('layers: This should be a list.')
  })
  it('is in plain words, whatever is in it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...kindNames), fc.object(), (kind, written) => {
        const { error } = kinds[kind].schema.safeParse(written)
        for (const { message } of error?.issues ?? [])
          expect(message).not.to.match(/invalid|expected|received|undefined/i)
      }),
    )
  })
})

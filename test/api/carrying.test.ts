import { execFile } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { startServer } from '../server.ts'
import type { Server } from '../server.ts'
import { medium } from '../studio/bodies.ts'

const run = promisify(execFile)
const scratch = mkdtempSync(join(tmpdir(), 'grelta-carried-'))
const inScratch = (name: string): string => join(scratch, name)

/** `grelta` on the studio of a folder; what it says, and whether it was content. */
const grelta = (folder: string, ...given: string[]) =>
  run('node', ['scripts/grelta.mjs', ...given], {
    env: { ...process.env, GRELTA_DATA: folder },
    maxBuffer: 1e7,
  }).then(
    ({ stdout }) => ({ ok: true, said: stdout.trim() }),
    (error: { stderr: string }) => ({ ok: false, said: error.stderr.trim() }),
  )

const put = (server: Server, path: string, body: object): Promise<Response> =>
  fetch(server.url + path, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })

describe('a studio carried from one machine to another', () => {
  let demo: Server
  let other: Server
  before(async () => {
    demo = await startServer({ demo: true })
    other = await startServer()
  })
  after(() => Promise.all([demo.kill(), other.kill()]))

  it('by the command, asking the program that runs: the same zip comes out of both, photographs and all', async () => {
    expect((await grelta(demo.folder, 'export', inScratch('a.zip'))).said).to.match(/with \d+ photographs/)
    expect((await grelta(other.folder, 'import', inScratch('a.zip'))).said).to.match(
      /^Brought in a studio: \d+ new, 0 changed$/,
    )
    await grelta(other.folder, 'export', inScratch('b.zip'))
    expect(readFileSync(inScratch('b.zip')).equals(readFileSync(inScratch('a.zip')))).to.equal(true)
  })
  it('as one document over HTTP, in the form that is published', async () => {
    const document = (await (await fetch(`${demo.url}/api/export`)).json()) as Record<string, unknown>
    const schema = (await (await fetch(`${demo.url}/api/export/schema.json`)).json()) as {
      properties: Record<string, unknown>
    }
    expect(document['format']).to.equal('grelta.studio')
    expect(Object.keys(document)).to.deep.equal(Object.keys(schema.properties))
  })
  it('only whole: a zip cut short, or with a photograph that is none, changes nothing', async () => {
    const whole = readFileSync(inScratch('a.zip'))
    writeFileSync(inScratch('cut.zip'), whole.subarray(0, whole.length / 2))
    const cut = await grelta(other.folder, 'import', inScratch('cut.zip'))
    expect(cut).to.deep.include({ ok: false })
    expect(cut.said).to.include('damaged')
    const spoilt = Buffer.from(whole)
    spoilt.fill(0, spoilt.indexOf('photos/') + 500, spoilt.indexOf('photos/') + 600)
    writeFileSync(inScratch('spoilt.zip'), spoilt)
    const empty = mkdtempSync(join(tmpdir(), 'grelta-carried-'))
    expect((await grelta(empty, 'import', inScratch('spoilt.zip'))).ok).to.equal(false)
    expect((await grelta(empty, 'import', inScratch('a.zip'), '--look')).said).to.include('0 the same')
  })
  it('a backup is made while it runs, and puts back what was changed since', async () => {
    expect((await grelta(demo.folder, 'backup')).said).to.match(
      /^The backup is .*\d{4}-\d{2}-\d{2}\.sqlite\.$/,
    )
    await put(demo, '/api/mediums', { medium: medium('since'), seen: null })
    const date = new Date().toLocaleDateString('sv')
    expect((await grelta(demo.folder, 'restore', date)).said).to.match(/^Put back the backup of/)
    const { count } = (await (await fetch(`${demo.url}/api/find?in=medium&find=since`)).json()) as {
      count: number
    }
    expect(count).to.equal(0)
  })
  it('with no program running the command opens the file itself, and says what is wrong with it', async () => {
    await demo.stop()
    expect((await grelta(demo.folder, 'check')).said).to.match(/^Everything that is stored can be read\./)
    writeFileSync(join(demo.folder, 'studio.sqlite'), 'not a studio')
    expect((await grelta(demo.folder, 'check')).said).to.include('damaged')
    const date = new Date().toLocaleDateString('sv')
    expect((await grelta(demo.folder, 'restore', date)).said).to.include('is kept as')
    expect((await grelta(demo.folder, 'check')).ok).to.equal(true)
  })
})

describe('computing from a file', () => {
  it('needs no studio, answers as the interface does, and says where a body is wrong', async () => {
    const nowhere = '/proc/no-such-folder'
    writeFileSync(inScratch('values.json'), '{"start":{"L":60},"transmittances":[0.8]}')
    const { said } = await grelta(nowhere, 'compute', 'values', inScratch('values.json'))
    const answer = JSON.parse(said) as { readonly steps: readonly unknown[] }
    expect(answer.steps).to.have.length(1)
    writeFileSync(inScratch('wrong.json'), '{"start":{"L":60}}')
    const wrong = await grelta(nowhere, 'compute', 'values', inScratch('wrong.json'))
    expect(wrong.ok).to.equal(false)
    expect(wrong.said).to.match(/^transmittances: /)
  })
})

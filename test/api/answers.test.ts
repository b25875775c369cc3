import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { z } from 'zod'
import { pdfText } from '../pdfText.ts'
import { startServer } from '../server.ts'
import type { Server } from '../server.ts'
import { emptyHeap } from '../../src/document/palette/heaps.ts'
import { layer, medium, painting, tube } from '../studio/bodies.ts'

type JsonSchema = Parameters<typeof z.fromJSONSchema>[0]
interface Operation {
  readonly responses: Readonly<
    Record<string, { readonly content?: Readonly<Record<string, { schema?: JsonSchema }>> }>
  >
}

describe('every answer is as it is described', () => {
  let server: Server
  let paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>
  before(async function () {
    this.timeout(240_000)
    server = await startServer({ demo: true })
    const described: unknown = await (await fetch(`${server.url}/api/openapi.json`)).json()
    paths = (described as { paths: typeof paths }).paths
  })
  after(() => server.kill())

  /** Asks, and holds the answer against the description of its status. */
  async function asked(method: string, path: string, body?: unknown, params: Record<string, string> = {}) {
    const address = path.replace(/\{(\w+)\}/g, (_, name: string) => params[name]!)
    const response = await fetch(server.url + address, {
      method,
      headers: { 'content-type': 'application/json' },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    })
    const described = paths[path.split('?')[0]!]![method.toLowerCase()]!.responses[String(response.status)]
    expect(described, `${method} ${path} answered ${response.status}`).not.to.equal(undefined)
    const [type] = (response.headers.get('content-type') ?? '').split(';')
    const content = described!.content![type!]
    expect(content, `${method} ${path} answered ${type}`).not.to.equal(undefined)
    if (!content!.schema) return null
    const answer: unknown = await response.json()
    const fits = z.fromJSONSchema(content!.schema).safeParse(answer)
    expect(fits.success, `${method} ${path}: ${JSON.stringify(fits.error?.issues.slice(0, 3))}`).to.equal(
      true,
    )
    return answer as Record<string, unknown>
  }

  it('a paper is in the writing of the one who asks', async () => {
    for (const paper of ['letter', 'sheet'])
      for (const [language, size] of [
        ['en-GB', '60 × 80 cm'],
        ['en-US', '24 × 31 in'],
      ] as const) {
        const headers = { 'accept-language': language }
        const answer = await fetch(`${server.url}/api/paintings/glasshouse/${paper}.pdf`, { headers })
        expect(await pdfText(new Uint8Array(await answer.arrayBuffer())), `${paper} ${language}`).to.include(
          size,
        )
      }
  })
  it('of everything that only reads', async () => {
    for (const path of [
      ...[
        '/api/settings',
        '/api/mediums',
        '/api/shelf',
        '/api/paintings',
        '/api/batches',
        '/api/today',
        '/api/done',
      ],
      ...['/api/tubes', '/api/tubes.csv', '/api/shopping'],
      ...[
        '/api/rack',
        '/api/telling',
        '/api/horizon',
        '/api/room',
        '/api/room/pictures',
        '/api/readings.csv',
        '/api/ahead',
      ],
      '/api/sensor',
      ...['/api/aside', '/api/judging', '/api/health', '/api/find', '/api/shelf.csv', '/api/calendar.ics'],
    ])
      await asked('GET', path)
    for (const [path, id] of [
      ['/api/paintings/{id}', 'glasshouse'],
      ['/api/paintings/{id}', 'nothing'],
      ['/api/mediums/{id}', 'harbour-glaze'],
      ['/api/batches/{id}', 'glaze-1'],
      ['/api/batches/{id}/label.pdf', 'glaze-1'],
      ['/api/tubes/{id}', 'titanium'],
      ['/api/tubes/{id}', 'nothing'],
      ['/api/tubes/{id}/need', 'titanium'],
      ['/api/shelf/{id}', 'walnut'],
      ['/api/shelf/{id}', 'nothing'],
      ['/api/paintings/{id}/promise', 'clock-mender'],
      ['/api/paintings/{id}/promise', 'nothing'],
      ['/api/paintings/{id}/promise?lever=thinner', 'clock-mender'],
      ['/api/paintings/{id}/promise?lever=nothing', 'clock-mender'],
    ] as const)
      await asked('GET', path, undefined, { id })
  })
  it('of writes, of what is stale, and of what is refused', async () => {
    const written = await asked('PUT', '/api/mediums', { medium: medium('described'), seen: null })
    await asked('PUT', '/api/mediums', { medium: medium('described'), seen: 7 })
    await asked('PUT', '/api/mediums', { medium: medium('described', { name: '' }), seen: 1 })
    await asked('PUT', '/api/paintings', { painting: painting('p'), seen: null })
    await asked('PUT', '/api/layers', { layer: layer('l', 'p', 0), seen: null })
    await asked('PUT', '/api/layers', { layer: layer('k', 'nowhere', 0), seen: null })
    await asked('PUT', '/api/tubes', { tube: tube('t'), seen: null })
    await asked('PUT', '/api/tubes', { tube: tube('t', { pigments: [] }), seen: 1 })
    await asked('POST', '/api/tubes.csv', { csv: 'name,pigments,bound_in\nHarbour red,pr101,walnut' })
    await asked('POST', '/api/tubes.csv', { csv: 'name,pigments,bound_in\nHarbour red,pr999,walnut' })
    const poured = { mediumMl: 0, drops: null, thinnerMl: 0 }
    const heap = { ...emptyHeap('h', layer('l', 'p', 0).paints[0]!), ml: 5, poured }
    await asked('POST', '/api/layers/{id}/mixed', { heaps: [heap] }, { id: 'l' })
    await asked('POST', '/api/layers/{id}/mixed', { heaps: [] }, { id: 'l' })
    await asked('POST', '/api/layers/{id}/mixed', { heaps: [heap] }, { id: 'nothing' })
    await asked('DELETE', '/api/tubes/{id}', { seen: 1 }, { id: 't' })
    await asked('POST', '/api/layers/{id}/painted', {}, { id: 'l' })
    await asked('POST', '/api/layers/{id}/touch', { check: 'touch', passed: false }, { id: 'l' })
    await asked('POST', '/api/undo', { event: written!['event'] })
    await asked('POST', '/api/undo', { event: written!['event'] })
    const begun = await asked('POST', '/api/batches', {
      mediumId: 'harbour-glaze',
      by: { kind: 'mass', g: 50 },
    })
    const id = begun!['id'] as string
    await asked('POST', '/api/batches/{id}/pour', { material: 'damar', grams: 3 }, { id })
    await asked('POST', '/api/batches/{id}/finish', {}, { id })
    await asked('DELETE', '/api/batches/{id}', { seen: 99 }, { id })
  })
  it('of what is tried, read, planned and remembered', async () => {
    const {
      event: _event,
      areas,
      paints,
      medium: none,
      thinner,
      wetThicknessUm,
      ridgeWetUm,
    } = layer('l', 'p', 0)
    const laid = { areas, paints, medium: none, thinner, wetThicknessUm, ridgeWetUm }
    const swatch = (id: string) => ({ id, name: `Swatch ${id}`, laid })
    await asked('PUT', '/api/swatches', { swatch: swatch('s'), seen: null })
    await asked('PUT', '/api/swatches', { swatch: swatch('s'), seen: 9 })
    await asked('POST', '/api/swatches/{id}/touch', { check: 'smudge', passed: false }, { id: 's' })
    await asked('POST', '/api/swatches/{id}/touch', { check: 'lick', passed: true }, { id: 's' })
    await asked('POST', '/api/swatches/{id}/touch', { check: 'smudge', passed: true }, { id: 'nothing' })
    const trial = {
      question: 'Does it harden?',
      rule: { by: 'check', check: 'fingernail', day: 49 },
      lookDays: [49],
    }
    const begun = await asked('POST', '/api/trials', { trial, swatch: swatch('t'), control: swatch('c') })
    await asked('POST', '/api/trials', {
      trial: { ...trial, lookDays: [] },
      swatch: swatch('t'),
      control: swatch('c'),
    })
    await asked('DELETE', '/api/swatches/{id}', { seen: 1 }, { id: 't' })
    await asked('DELETE', '/api/trials/{id}', { seen: 1 }, { id: begun!['id'] as string })
    await asked('DELETE', '/api/swatches/{id}', { seen: 1 }, { id: 't' })
    const day = { placeId: 'studio', on: '2026-01-20', temperatureC: 12, relativeHumidityPct: 60 }
    await asked('PUT', '/api/readings', { reading: day })
    await asked('PUT', '/api/readings', { reading: { ...day, relativeHumidityPct: 160 } })
    await asked('DELETE', '/api/readings/{id}', { seen: 2 }, { id: 'studio-2026-01-20' })
    const csv = 'date,temperature_c,humidity_percent\n2026-01-21,13,55'
    await asked('POST', '/api/readings.csv', { placeId: 'studio', csv })
    await asked('POST', '/api/readings.csv', { placeId: 'studio', csv: 'date\n2026-01-21' })
    await asked('POST', '/api/sensor', { placeId: 'studio' })
    const reminder = { id: 'r', on: '2027-01-20', what: 'waste', text: 'Rags' }
    await asked('PUT', '/api/reminders', { reminder, seen: null })
    await asked('PUT', '/api/reminders', { reminder: { ...reminder, text: ' ' }, seen: 1 })
    await asked('DELETE', '/api/reminders/{id}', { seen: 1 }, { id: 'r' })
    await asked('POST', '/api/layers/{id}/plan', { on: '2027-01-20' }, { id: 'glasshouse-5' })
    await asked('POST', '/api/layers/{id}/plan', { on: 'soon' }, { id: 'glasshouse-5' })
    await asked('POST', '/api/layers/{id}/plan', { on: null }, { id: 'glasshouse-1' })
    await asked('POST', '/api/paintings/{id}/move', { placeId: 'rack', on: '2026-11-20' }, { id: 'quince' })
    await asked('PUT', '/api/tests/{id}', { counts: false, seen: 1 }, { id: 'clock-touch-1' })
    await asked('PUT', '/api/tests/{id}', { counts: false, seen: 1 }, { id: 'nothing' })
  })
  it('of the computations', async () => {
    const lines = [{ material: 'walnut', amount: 1, unit: 'ml' }]
    await asked('POST', '/api/compute/medium', { lines })
    await asked('POST', '/api/compute/medium', { lines: [{ material: 'moon', amount: 1, unit: 'ml' }] })
    const films = [{ thicknessUm: 50, rate: 1, q: 0.5, appliedDay: 0 }]
    await asked('POST', '/api/compute/cure', { layers: films, untilDay: 30 })
    await asked('POST', '/api/compute/mismatch', { layers: films.map((film) => ({ ...film, flex: 1 })) })
    const paints = layer('l', 'p', 0).paints
    await asked('POST', '/api/compute/palette', { heaps: [{ paints, ml: 5 }], by: { fatness: 1.2 } })
    await asked('POST', '/api/compute/palette', { heaps: [{ paints, ml: 0 }], by: { fatness: 1.2 } })
    const climb = { heapG: 25, fromShare: 0.36, layers: 5 }
    await asked('POST', '/api/compute/ladder', { ...climb, toShare: 0.46 })
    await asked('POST', '/api/compute/ladder', { ...climb, toShare: 0.2 })
    const film = { oils: { walnut: 1 }, powders: { pbk9: 1 }, thicknessUm: 60, bookDays: 6 }
    await asked('POST', '/api/compute/learn', { intervals: [{ ...film, passDays: 9 }], ask: [film] })
    await asked('POST', '/api/compute/learn', { intervals: [film], ask: [] })
    const week = [true, true, true, true, true, false, false]
    const plan = { from: '2026-12-01', workingDays: week, confidence: 0.8 }
    const thin = [{ thicknessUm: 30, rate: 1, gate: 'touch' }]
    await asked('POST', '/api/compute/plan', { ...plan, layers: thin })
    await asked('POST', '/api/compute/plan', { ...plan, layers: [] })
    await asked('POST', '/api/compute/design', { shelf: ['walnut'], wishes: [] })
    const clear = [{ clear: 'walnut', wetThicknessUm: 20, appliedDay: 0 }]
    await asked('POST', '/api/compute/soundness', { support: 'plywood', layers: clear })
  })
})

describe('one write, one time', () => {
  it('sent twice under one key is done once, and answered alike', async function () {
    this.timeout(120_000)
    const server = await startServer()
    const send = async () =>
      (
        await fetch(`${server.url}/api/mediums`, {
          method: 'PUT',
          headers: { 'content-type': 'application/json', 'idempotency-key': 'one-key-only' },
          body: JSON.stringify({ medium: medium('once'), seen: null }),
        })
      ).json() as Promise<{ event: number }>
    const answers = await Promise.all([send(), send(), send()])
    expect(new Set(answers.map(({ event }) => event)).size).to.equal(1)
    await server.kill()
  })
})

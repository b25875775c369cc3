import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import sharp from 'sharp'
import { startServer } from '../server.ts'
import type { Server } from '../server.ts'
import { expectClose, vectors } from '../vectors.ts'

interface Answer {
  readonly status: number
  readonly body: Record<string, never> & {
    error?: {
      code: string
      message: string
      issues: { path: string; message: string }[]
      current?: { revision: number }
    }
  }
}

let server: Server
const ask = async (
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
): Promise<Answer> => {
  const text = typeof body === 'string' ? body : JSON.stringify(body)
  const response = await fetch(server.url + path, {
    method,
    headers: { 'content-type': 'application/json', ...headers },
    ...(body !== undefined && { body: text }),
  })
  return { status: response.status, body: (await response.json()) as Answer['body'] }
}
const compute = (what: string, body: unknown) => ask('POST', `/api/compute/${what}`, body)

describe('over HTTP', () => {
  before(async function () {
    this.timeout(240_000)
    server = await startServer()
  })
  after(() => server.kill())

  describe('the stateless computations over HTTP', () => {
    for (const [name, tolerance] of [
      ['medium', 1e-6],
      ['film', 1e-6],
      ['cure', 0.03],
      ['mismatch', 0.06],
    ] as const)
      it(`${name} answers the first vector`, async () => {
        const [first] = vectors<{ request: unknown; expect: unknown }>(name)
        const { status, body } = await compute(name, first!.request)
        expect(status, JSON.stringify(body)).to.equal(200)
        expectClose(body, first!.expect, tolerance)
      })
    for (const name of ['finish', 'air'])
      it(`oiling out, varnish and air answer their vectors: ${name}`, async () => {
        for (const { path, request, expect: told } of vectors<{
          path: string
          request: unknown
          expect: unknown
        }>(name)) {
          const { status, body } = await compute(path, request)
          expect(status, JSON.stringify(body)).to.equal(200)
          expectClose(body, told, 0.005)
        }
      })
    it('air names a solvent nobody knows, and an hour that ends before it begins', async () => {
      const room = { roomM3: 40, airChangesPerHour: 1, hours: 8 }
      const unknown = { ...room, sources: [{ solvent: 'moonshine', grams: 1, overHours: 1 }] }
      const backwards = {
        ...room,
        sources: [{ solvent: 'acetone', openAreaCm2: 5, fromHour: 3, toHour: 2 }],
      }
      for (const body of [unknown, backwards]) expect((await compute('air', body)).status).to.equal(422)
    })
    it('soundness answers with the findings that make its verdict', async () => {
      const [first] = vectors<{ name: string; accept: string[] }>('stacks')
      const { name: _name, accept, ...stack } = first!
      const { body } = await compute('soundness', stack)
      expect(accept).to.include(body['verdict'])
    })
    it('mend answers several kinds of answer to a finding, cheapest first, each with what it leaves', async () => {
      const paint = (pigment: string) => ({
        paints: [{ pigments: [{ pigment, share: 1 }], oil: 'walnut', parts: 1 }],
        wetThicknessUm: 60,
      })
      const oil = { lines: [{ material: 'linseed_stand_oil', amount: 1, unit: 'ml' }], parts: 0.4 }
      const stack = {
        support: 'plywood',
        practice: 'oil-led',
        layers: [
          { ...paint('pb29'), medium: oil, appliedDay: 0 },
          { ...paint('pw6_rutile'), appliedDay: 6 },
        ],
      }
      const { body: judged } = await compute('soundness', stack)
      const findings = judged['findings'] as unknown as { rule: string }[]
      const finding = findings.findIndex(({ rule }) => rule === 'fat-over-lean')
      const { status, body } = await compute('mend', { ...stack, finding })
      expect(status, JSON.stringify(body)).to.equal(200)
      const mends = body['mends'] as unknown as {
        kind: string
        leaves: string
        cost: number
        change: object
      }[]
      expect(mends.map(({ kind }) => kind)).to.include.members(['medium', 'wait', 'leave-out'])
      const { change } = mends.find(({ kind }) => kind === 'medium')!
      const [under, over] = stack.layers
      const mended = { ...stack, layers: [under, { ...over, ...(change as { set: object }).set }] }
      const again = (await compute('soundness', mended)).body['findings'] as unknown as { rule: string }[]
      expect(again.map(({ rule }) => rule)).to.not.include('fat-over-lean')
      expect((await compute('mend', { ...stack, finding: 99 })).status).to.equal(422)
    })
    it('mend says what to leave out of a layer, so that a script can do it', async () => {
      const paints = [{ pigments: [{ pigment: 'pw1', share: 1 }], oil: 'walnut', parts: 1 }]
      const olive = { lines: [{ material: 'olive', amount: 1, unit: 'ml' }], parts: 0.5 }
      const layers = [{ paints, medium: olive, wetThicknessUm: 60, appliedDay: 0 }]
      const { body } = await compute('mend', { support: 'plywood', layers })
      const [first] = body['mends'] as unknown as { kind: string; change: object; leaves: string }[]
      expect(first).to.deep.include({ kind: 'without-medium', change: { drop: 'medium' }, leaves: 'sound' })
    })
    it('mend of a stack with nothing to find fault with has nothing to offer', async () => {
      const paints = [{ pigments: [{ pigment: 'pw1', share: 1 }], oil: 'walnut', parts: 1 }]
      const layers = [{ paints, wetThicknessUm: 60, appliedDay: 0 }]
      expect((await compute('mend', { support: 'plywood', layers })).body).to.deep.equal({ mends: [] })
    })
    it('values answers the vector, and refuses a glaze that lets nothing through', async () => {
      const [first] = vectors<{ request: unknown; expect: unknown }>('values')
      expectClose((await compute('values', first!.request)).body, first!.expect, 1e-6)
      expect((await compute('values', { start: { Y: 0.4 }, transmittances: [0] })).status).to.equal(422)
    })
    it('shares name every class, those absent with 0', async () => {
      const { body } = await compute('medium', { lines: [{ material: 'walnut', amount: 1, unit: 'ml' }] })
      expect(body['wet']!['byMass']).to.include({ oil: 1, resin: 0, other: 0 })
      expect(Object.keys(body['wet']!['byMass'])).to.have.length(13)
    })
  })

  const layer = { thicknessUm: 50, rate: 1, q: 0.5, appliedDay: 0 }
  const refused: readonly (readonly [what: string, body: unknown, path: string])[] = [
    ['medium', { lines: [] }, 'lines'],
    ['medium', { lines: [{ material: 'walnut', amount: 0, unit: 'ml' }] }, 'lines.0.amount'],
    ['medium', { lines: [{ material: 'walnut', amount: -2, unit: 'ml' }] }, 'lines.0.amount'],
    ['medium', { lines: [{ material: 'walnut', amount: 2e6, unit: 'g' }] }, 'lines.0.amount'],
    ['medium', { lines: [{ material: 'walnut', amount: 1e-300, unit: 'g' }] }, 'lines.0.amount'],
    ['medium', { lines: [{ material: 'walnut', amount: 2, unit: 'pint' }] }, 'lines.0.unit'],
    ['medium', { lines: [{ material: 'moon_oil', amount: 2, unit: 'ml' }] }, 'lines.0'],
    ['medium', { lines: [{ material: 'damar', amount: 2, unit: 'drop' }] }, 'lines.0'],
    [
      'medium',
      { lines: Array.from({ length: 201 }, () => ({ material: 'walnut', amount: 1, unit: 'g' })) },
      'lines',
    ],
    ['film', { paints: [], wetThicknessUm: 50 }, 'paints'],
    [
      'film',
      {
        paints: [{ pigments: [{ pigment: 'pw1', share: 1 }], oil: 'walnut', parts: 1 }],
        wetThicknessUm: 0.05,
      },
      'wetThicknessUm',
    ],
    [
      'film',
      { paints: [{ pigments: [{ pigment: 'mud', share: 1 }], oil: 'walnut', parts: 1 }], wetThicknessUm: 50 },
      'paints.0.pigments.0.pigment',
    ],
    ['cure', { layers: [{ ...layer, rate: 0 }], untilDay: 100 }, 'layers.0.rate'],
    ['cure', { layers: [{ ...layer, appliedDay: 9 }, layer], untilDay: 100 }, 'layers'],
    ['cure', { layers: [layer], untilDay: 9000 }, 'untilDay'],
    ['cure', { layers: Array.from({ length: 61 }, () => layer), untilDay: 100 }, 'layers'],
    [
      'mismatch',
      { climate: { temperatureC: 90, relativeHumidityPct: 50 }, layers: [{ ...layer, flex: 1 }] },
      'climate.temperatureC',
    ],
    [
      'soundness',
      { support: 'cheese', layers: [{ clear: 'walnut', wetThicknessUm: 5, appliedDay: 0 }] },
      'support',
    ],
    [
      'soundness',
      { support: 'plywood', layers: [{ clear: 'nothing', wetThicknessUm: 5, appliedDay: 0 }] },
      'layers.0.clear',
    ],
  ]
  describe('bad input', () => {
    for (const [what, body, path] of refused)
      it(`${what}: ${JSON.stringify(body).slice(0, 70)} is refused at ${path}, with a sentence`, async () => {
        const { status, body: answer } = await compute(what, body)
        expect(status).to.equal(422)
        expect(answer.error!.issues.map((issue) => issue.path)).to.include(path)
        expect(answer.error!.message).to.match(/\S+ \S+/)
      })
    it('no JSON is 422, over 1 MB 413, an unknown address 404', async () => {
      expect((await compute('medium', '{"lines": [')).status).to.equal(422)
      expect(
        (await compute('medium', JSON.stringify({ lines: [], pad: 'x'.repeat(1_100_000) }))).status,
      ).to.equal(413)
      expect((await ask('POST', '/api/compute/gold', {})).status).to.equal(404)
    })
    it('another site’s page and another name are kept out; a script without an origin is not', async () => {
      const body = { lines: [{ material: 'walnut', amount: 1, unit: 'ml' }] }
      expect(
        (await ask('POST', '/api/compute/medium', body, { origin: 'http://elsewhere.example' })).status,
      ).to.equal(403)
      expect((await ask('POST', '/api/compute/medium', body, { origin: server.url })).status).to.equal(200)
      expect((await compute('medium', body)).status).to.equal(200)
    })
  })

  describe('the bench over HTTP', () => {
    const recipe = {
      lines: [
        { material: 'linseed_cold_pressed', amount: 88, unit: 'g' },
        { material: 'damar', amount: 12, unit: 'g' },
      ],
    }
    it('with a paint and doses, a medium answers its dose curve and its largest dose', async () => {
      const { status, body } = await compute('medium', {
        ...recipe,
        paint: { pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'walnut' },
        doses: [0, 0.25, 0.5],
      })
      const answer = body as unknown as {
        doses: { ofMix: number; resinOfBinder: number }[]
        largestDose: { ofMix: number }
      }
      expect(status).to.equal(200)
      expect(answer.doses.map(({ ofMix }) => ofMix)).to.deep.equal([0, 0.25, 0.5])
      expect(answer.doses[0]!.resinOfBinder).to.equal(0)
      expect(answer.doses[2]!.resinOfBinder).to.be.above(answer.doses[1]!.resinOfBinder)
      expect(answer.largestDose.ofMix).to.be.within(0.3, 1)
      expect(
        (
          await compute('medium', {
            ...recipe,
            paint: { pigments: [{ pigment: 'mud', share: 1 }], oil: 'walnut' },
          })
        ).body.error!.issues[0]!.path,
      ).to.equal('paint.pigments.0.pigment')
    })
    it('a design answers a recipe, or the wishes that exclude each other', async () => {
      const shelf = ['linseed_cold_pressed', 'poppy', 'damar']
      const wishes = [
        { kind: 'most', what: 'resin', of: 'mix-mass', share: 0.02 },
        { kind: 'oils', only: ['poppy'] },
      ]
      const found = (await compute('design', { shelf, wishes, near: recipe, dose: 0.2 })).body as unknown as {
        ok: true
        recipe: { lines: { material: string; amount: number }[] }
      }
      expect(
        Object.fromEntries(found.recipe.lines.map(({ material, amount }) => [material, Math.round(amount)])),
      ).to.deep.equal({ poppy: 90, damar: 10 })
      const clash = (await compute('design', { shelf, wishes: [...wishes, { kind: 'speed', least: 0.9 }] }))
        .body as unknown as { ok: false; clash: number[] }
      expect(clash.clash).to.deep.equal([1, 2])
      expect((await compute('design', { shelf: ['gold'], wishes: [] })).status).to.equal(422)
    })
    const csv = [
      'id,name,lot_of,family,density_g_per_ml,stays_low_percent,stays_high_percent,stays_alkyd,note',
      'lot-b,"Thick oil, lot B",linseed_sun_thickened,oil,"0,975",,,,',
      "market-gel,Market gel,,ready_medium,0.95,55,75,1,'=odd",
    ]
    it('a CSV comes onto the shelf whole and goes out again the same; formulas are guarded', async () => {
      const { status, body } = await ask('POST', '/api/shelf.csv', { csv: csv.join('\n') })
      expect([status, body['count']]).to.deep.equal([200, 2])
      const text = await (await fetch(`${server.url}/api/shelf.csv`)).text()
      expect(text)
        .to.include('"lot-b","Thick oil, lot B","linseed_sun_thickened","oil","0.975"')
        .and.include("'=odd")
      expect((await ask('POST', '/api/shelf.csv', { csv: text })).body['count']).to.equal(2)
    })
    it('one bad cell stops the whole file, and every fault is told by line and column', async () => {
      const bad = [
        ...csv.slice(0, 1),
        'lot-c,Lot C,linseed_moon,oil,0.93,,,,',
        'lot-d,Lot D,,oil,heavy,,,,',
        'lot-e,Lot E,,oil,0.93,,,,',
      ]
      const { status, body } = await ask('POST', '/api/shelf.csv', { csv: bad.join('\n') })
      expect(status).to.equal(422)
      expect(body.error!.issues.map(({ path }) => path)).to.deep.equal([
        '2.lot_of',
        '3.density_g_per_ml',
        '4.stays_oil',
      ])
      expect(body.error!.issues[1]!.message).to.include(
        'Line 3, column "density_g_per_ml": "heavy" is not a number',
      )
      expect(await (await fetch(`${server.url}/api/shelf.csv`)).text()).to.not.include('lot-c')
    })
  })

  describe('batches', () => {
    const medium = {
      id: 'resin-oil',
      name: 'Resin oil',
      recipe: {
        lines: [
          { material: 'linseed_cold_pressed', amount: 90, unit: 'g' },
          { material: 'damar', amount: 10, unit: 'g' },
        ],
      },
      note: '',
    }
    const damar = {
      id: 'damar',
      name: 'Damar resin',
      base: 'damar',
      family: 'resin',
      densityGPerMl: null,
      nonVolatile: null,
      stays: {},
      iodine: null,
      rate: null,
      price: null,
      stockG: 30,
      dropper: [],
      openedOn: null,
      note: '',
    }
    let id: string
    const stock = async (): Promise<string> => {
      const text = await (await fetch(`${server.url}/api/shelf.csv`)).text()
      return /^"damar",.*$/m.exec(text)![0]
    }
    const batch = async (of = id) =>
      (await ask('GET', `/api/batches/${of}`)).body as unknown as {
        pours: { material: string; grams: number }[]
        targets: { grams: number }[]
        madeOn: string | null
        revision: number
      }
    it('a batch begins scaled; a jar too small for it is refused', async () => {
      await ask('PUT', '/api/mediums', { medium, seen: null })
      await ask('PUT', '/api/shelf', { item: damar, seen: null })
      expect(
        (
          await ask('POST', '/api/batches', {
            mediumId: 'resin-oil',
            by: { kind: 'mass', g: 240 },
            jarMl: 100,
          })
        ).body.error!.message,
      ).to.include('the jar holds 100 ml')
      const begun = await ask('POST', '/api/batches', {
        mediumId: 'resin-oil',
        by: { kind: 'mass', g: 240 },
        jarMl: 400,
      })
      id = begun.body['id'] as unknown as string
      expect((await batch()).targets.map(({ grams }) => Number(grams.toFixed(6)))).to.deep.equal([216, 24])
    })
    it('a pour and the stock it takes are one step: both stand after a kill, both come back together', async function () {
      this.timeout(120_000)
      const { body } = await ask('POST', `/api/batches/${id}/pour`, { material: 'damar', grams: 24 })
      const { folder } = server
      await server.kill()
      server = await startServer({ folder })
      expect((await batch()).pours.map(({ grams }) => grams)).to.deep.equal([24])
      expect(await stock()).to.include(',"6",')
      expect((await ask('POST', '/api/undo', { event: body['event'] })).status).to.equal(200)
      expect((await batch()).pours).to.deep.equal([])
      expect(await stock()).to.include(',"30",')
      await ask('POST', `/api/batches/${id}/pour`, { material: 'damar', grams: 24 })
      await ask('POST', `/api/batches/${id}/unpour`, {})
      expect(await stock()).to.include(',"30",')
    })
    it('an overpour is put right around itself, or refused when the jar cannot hold it', async () => {
      await ask('POST', `/api/batches/${id}/pour`, { material: 'damar', grams: 30 })
      expect((await ask('POST', `/api/batches/${id}/repair`, {})).status).to.equal(200)
      expect((await batch()).targets.map(({ grams }) => Number(grams.toFixed(6)))).to.deep.equal([270, 30])
      await ask('POST', `/api/batches/${id}/pour`, { material: 'damar', grams: 30 })
      expect((await ask('POST', `/api/batches/${id}/repair`, {})).body.error!.message).to.include(
        'the jar holds 400 ml',
      )
      await ask('POST', `/api/batches/${id}/unpour`, {})
    })
    it('C19: of 240 g, 160 g begin a putty with 200 g of marble: its resin is the parent’s times 160/360', async () => {
      await ask('POST', `/api/batches/${id}/pour`, { material: 'linseed_cold_pressed', grams: 270 })
      expect(
        (await ask('POST', `/api/batches/${id}/split`, { grams: 160, name: 'Putty' })).body.error!.message,
      ).to.include('Finish the batch')
      expect((await ask('POST', `/api/batches/${id}/finish`, {})).status).to.equal(200)
      const child = await ask('POST', `/api/batches/${id}/split`, { grams: 160, name: 'Putty' })
      const childId = child.body['id'] as unknown as string
      await ask('POST', `/api/batches/${childId}/pour`, { material: 'marble_dust', grams: 200 })
      const pours = (await batch(childId)).pours
      const total = pours.reduce((sum, { grams }) => sum + grams, 0)
      expect(pours.find(({ material }) => material === 'damar')!.grams / total).to.be.closeTo(
        0.1 * (160 / 360),
        1e-6,
      )
      expect(
        (await ask('POST', `/api/batches/${id}/split`, { grams: 9000, name: 'More' })).body.error!.message,
      ).to.match(/Only [\d.]+ ml are left/)
    })
    it('what was poured is what a layer is painted with, whatever becomes of the recipe', async () => {
      await ask('PUT', '/api/paintings', {
        painting: {
          id: 'gate',
          title: 'The gate',
          widthCm: 30,
          heightCm: 30,
          support: 'plywood',
          ground: null,
          practice: 'oil-led',
          note: '',
        },
        seen: null,
      })
      await ask('PUT', '/api/layers', {
        layer: {
          id: 'gate-1',
          paintingId: 'gate',
          position: 0,
          name: 'Glaze',
          event: { kind: 'glaze' },
          areas: [],
          paints: [],
          medium: { mediumId: id, parts: 1 },
          thinner: null,
          wetThicknessUm: 20,
          ridgeWetUm: null,
          wetInWet: false,
          plannedOn: null,
          note: '',
        },
        seen: null,
      })
      await ask('PUT', '/api/mediums', {
        medium: { ...medium, recipe: { lines: [{ material: 'poppy', amount: 1, unit: 'ml' }] } },
        seen: 1,
      })
      expect((await ask('POST', '/api/layers/gate-1/painted', {})).status).to.equal(200)
      const picture = (await ask('GET', '/api/paintings/gate')).body as unknown as {
        layers: {
          painted: { used: { name: string; recipe: { lines: { material: string; amount: number }[] } } }
        }[]
      }
      const { name, recipe } = picture.layers[0]!.painted.used
      expect(name).to.equal('Resin oil, batch 1')
      expect(recipe.lines.map(({ material, amount }) => [material, amount])).to.deep.equal([
        ['damar', 30],
        ['linseed_cold_pressed', 270],
      ])
    })
    it('C20: the label is a PDF in two sizes; a third size and an empty batch are refused', async () => {
      for (const size of ['small', 'large']) {
        const label = await fetch(`${server.url}/api/batches/${id}/label.pdf?size=${size}`)
        expect([label.status, (await label.text()).slice(0, 5)]).to.deep.equal([200, '%PDF-'])
      }
      expect((await ask('GET', `/api/batches/${id}/label.pdf?size=poster`)).status).to.equal(422)
    })
    it('a photograph is read, made smaller and stored by its content; anything else is refused', async () => {
      const photo = await sharp({ create: { width: 2400, height: 1800, channels: 3, background: '#a55' } })
        .png()
        .toBuffer()
      const put = async (body: BlobPart) =>
        (
          await fetch(`${server.url}/api/batches/${id}/photo`, { method: 'PUT', body: new Blob([body]) })
        ).json() as Promise<{
          photo?: string
          error?: { message: string }
        }>
      const { photo: hash } = await put(new Uint8Array(photo))
      const kept = await fetch(`${server.url}/api/photos/${hash!}`)
      expect((await sharp(Buffer.from(await kept.arrayBuffer())).metadata()).width).to.equal(1600)
      expect((await put('no picture')).error!.message).to.include('no photograph')
      expect((await fetch(`${server.url}/api/photos/..%2Fstudio.sqlite`)).status).to.equal(404)
    })
    it('C30: a grid is a batch a cell, found again by its name, with a weighing sheet', async () => {
      await ask('PUT', '/api/mediums', {
        medium: {
          ...medium,
          id: 'three',
          name: 'Three',
          recipe: { lines: [...medium.recipe.lines, { material: 'beeswax', amount: 5, unit: 'g' }] },
        },
        seen: null,
      })
      const grid = await ask('POST', '/api/batches/grid', {
        mediumId: 'three',
        across: { material: 'beeswax', shares: [0.02, 0.04, 0.06] },
        down: { material: 'damar', shares: [0.05, 0.1, 0.15] },
        cellG: 10,
      })
      expect(grid.body['cells']).to.equal(9)
      expect((await (await fetch(`${server.url}/api/mediums/three/sheet.pdf`)).text()).slice(0, 5)).to.equal(
        '%PDF-',
      )
      const list = await (await fetch(`${server.url}/batches`)).text()
      expect(list).to.include('Three B2, batch')
    })
  })

  describe('what is stored', () => {
    const medium = {
      id: 'slow-glaze',
      name: 'Slow glaze',
      recipe: { lines: [{ material: 'linseed_stand_oil', amount: 30, unit: 'ml' }] },
      note: '',
    }
    const painting = {
      id: 'kiln',
      title: 'The kiln door',
      widthCm: 30,
      heightCm: 40,
      support: 'plywood',
      ground: null,
      practice: 'oil-led',
      note: '',
    }
    const layerOf = (id: string, position: number) => ({
      id,
      paintingId: 'kiln',
      position,
      name: `Layer ${id}`,
      areas: [],
      paints: [{ pigments: [{ pigment: 'pw1', share: 1 }], oil: 'walnut', parts: 1 }],
      medium: { mediumId: 'slow-glaze', parts: 0.2 + position },
      thinner: null,
      wetThicknessUm: 60,
      ridgeWetUm: null,
      wetInWet: false,
      plannedOn: null,
      note: '',
    })
    const read = async () =>
      (await ask('GET', '/api/paintings/kiln')).body as unknown as {
        layers: {
          id: string
          name: string
          revision: number
          painted: { used: { recipe: unknown } | null } | null
        }[]
        touchTests: unknown[]
      }

    it('what was acknowledged is there after a kill', async function () {
      this.timeout(120_000)
      expect((await ask('PUT', '/api/mediums', { medium, seen: null })).status).to.equal(200)
      expect((await ask('PUT', '/api/paintings', { painting, seen: null })).status).to.equal(200)
      expect((await ask('PUT', '/api/layers', { layer: layerOf('a', 0), seen: null })).status).to.equal(200)
      expect((await ask('PUT', '/api/layers', { layer: layerOf('b', 1), seen: null })).status).to.equal(200)
      const { folder } = server
      await server.kill()
      server = await startServer({ folder })
      expect((await read()).layers.map(({ id }) => id)).to.deep.equal(['a', 'b'])
    })
    it('a stale write gets 409 with what stands now, and changes nothing', async () => {
      const changed = { ...layerOf('a', 0), name: 'First ground' }
      expect((await ask('PUT', '/api/layers', { layer: changed, seen: 1 })).status).to.equal(200)
      const late = await ask('PUT', '/api/layers', { layer: layerOf('a', 0), seen: 1 })
      expect([late.status, late.body.error!.current!.revision]).to.deep.equal([409, 2])
      expect((await read()).layers[0]!.name).to.equal('First ground')
    })
    it('an upper layer cannot be logged before the one under it; a touch test needs paint', async () => {
      const early = await ask('POST', '/api/layers/b/painted', {})
      expect([early.status, early.body.error!.message]).to.deep.equal([
        422,
        'First ground lies under Layer b and is not painted yet. Say first that it is painted, or change the order.',
      ])
      expect(
        (await ask('POST', '/api/layers/b/touch', { check: 'fingernail', passed: true })).body.error!.message,
      ).to.include('nothing to touch')
    })
    it('a painted layer keeps its medium whatever becomes of the recipe', async () => {
      expect((await ask('POST', '/api/layers/a/painted', {})).status).to.equal(200)
      await ask('PUT', '/api/mediums', {
        medium: { ...medium, recipe: { lines: [{ material: 'poppy', amount: 1, unit: 'ml' }] } },
        seen: 1,
      })
      expect((await read()).layers[0]!.painted!.used!.recipe).to.deep.equal(medium.recipe)
    })
    it('a lot changed later changes nothing that was painted with it', async () => {
      const item = {
        id: 'lot-b',
        name: 'Thick oil, lot B',
        base: 'linseed_sun_thickened',
        family: 'oil',
        densityGPerMl: 0.975,
        nonVolatile: null,
        stays: {},
        iodine: null,
        rate: null,
        price: null,
        dropper: [],
        openedOn: null,
        note: '',
      }
      const lots = {
        id: 'lot-medium',
        name: 'From the lot',
        recipe: { lines: [{ material: 'lot-b', amount: 10, unit: 'ml' }] },
        note: '',
      }
      expect((await ask('PUT', '/api/mediums', { medium: lots, seen: null })).status).to.equal(200)
      expect(
        (
          await ask('PUT', '/api/layers', {
            layer: { ...layerOf('c', 2), areas: ['sky'], medium: { mediumId: 'lot-medium', parts: 1 } },
            seen: null,
          })
        ).status,
      ).to.equal(200)
      const consequences = await ask('POST', '/api/mediums/lot-medium/consequences', {
        recipe: { lines: [{ material: 'poppy', amount: 1, unit: 'ml' }] },
      })
      expect(consequences.body['layers']).to.have.length(1)
      await ask('POST', '/api/layers/b/painted', {})
      expect((await ask('POST', '/api/layers/c/painted', {})).status).to.equal(200)
      await ask('PUT', '/api/shelf', { item: { ...item, densityGPerMl: 0.9 }, seen: 2 })
      const painted = (await read()).layers.find(({ id }) => id === 'c')!.painted as unknown as {
        materials: { densityGPerMl: number }[]
      }
      expect(painted.materials.map(({ densityGPerMl }) => densityGPerMl)).to.deep.equal([0.975])
    })
    it('the plan is a calendar file with the next layer in it', async () => {
      await ask('PUT', '/api/layers', { layer: layerOf('d', 3), seen: null })
      const text = await (await fetch(`${server.url}/api/calendar.ics`)).text()
      expect(text)
        .to.match(/^BEGIN:VCALENDAR/)
        .and.include('SUMMARY:The kiln door: Layer d')
    })
    it('a touch test is taken back in one step, and not twice', async () => {
      const { body } = await ask('POST', '/api/layers/a/touch', { check: 'touch', passed: false })
      expect((await read()).touchTests).to.have.length(1)
      expect((await ask('POST', '/api/undo', { event: body['event'] })).status).to.equal(200)
      expect((await read()).touchTests).to.have.length(0)
      expect((await ask('POST', '/api/undo', { event: body['event'] })).status).to.equal(404)
    })
  })
})

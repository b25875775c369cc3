import { spawn } from 'node:child_process'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { connect } from 'node:net'
import SQLite from 'better-sqlite3'
import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { openStudio, studioFile } from '../../src/store/open.ts'
import { list } from '../../src/store/records.ts'
import { routesSource } from '../../scripts/routes.ts'
import { freePort, startServer } from '../server.ts'
import type { Server } from '../server.ts'
import { medium } from '../studio/bodies.ts'
import { emptyFolder } from '../studio/desk.ts'

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms))

/** Starts the built program where it cannot start; answers what it says and how it ends. */
const failing = (
  env: Record<string, string>,
): Promise<{ readonly code: number | null; readonly said: string }> =>
  new Promise((resolve) => {
    const child = spawn('node', ['scripts/serve.mjs'], { env: { ...process.env, ...env } })
    let said = ''
    child.stdout.on('data', (text: Buffer) => (said += text.toString()))
    child.stderr.on('data', (text: Buffer) => (said += text.toString()))
    child.once('exit', (code) => resolve({ code, said }))
  })

const put = (server: Server, id: string) =>
  fetch(`${server.url}/api/mediums`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ medium: medium(id), seen: null }),
  })

describe('starting where it cannot', () => {
  it('a port something else answers on is named, and nothing is started', async () => {
    const other = createServer((_, response) => response.end('{"ok":true}')).listen(0, '127.0.0.1')
    await new Promise((resolve) => other.once('listening', resolve))
    const port = String((other.address() as AddressInfo).port)
    const folder = emptyFolder()
    const { code, said } = await failing({ PORT: port, GRELTA_DATA: folder })
    expect(code).to.equal(1)
    expect(said).to.include(`Something else answers at http://127.0.0.1:${port} already`)
    expect(existsSync(studioFile(folder))).to.equal(false)
    other.close()
  })
  it('where other machines could reach it, without a passphrase', async () => {
    const { code, said } = await failing({ HOST: '0.0.0.0', PORT: '1', GRELTA_DATA: emptyFolder() })
    expect(code).to.equal(1)
    expect(said).to.include('Set GRELTA_PASSPHRASE to a phrase of your own first.')
  })
  it('a second program on the same folder is told, and the first goes on', async function () {
    this.timeout(120_000)
    const server = await startServer()
    const { code, said } = await failing({ PORT: String(await freePort()), GRELTA_DATA: server.folder })
    expect([code, said]).to.satisfy(
      ([end, words]: [number, string]) => end === 1 && words.includes('Another Grelta'),
    )
    expect((await put(server, 'after')).status).to.equal(200)
    await server.kill()
  })
  for (const [what, env, sentence] of [
    ['a port that is none', { PORT: 'abc' }, 'PORT is "abc", which is no port'],
    ['a port out of range', { PORT: '99999' }, 'Give a number from 1 to 65535'],
    ['an address open to others without a passphrase', { HOST: '0.0.0.0' }, 'Set GRELTA_PASSPHRASE'],
    [
      'an address that is not this machine’s',
      { HOST: '203.0.113.7', PORT: '48733', GRELTA_PASSPHRASE: 'x' },
      'cannot be listened on',
    ],
  ] as const)
    it(`${what} is told in a sentence`, async () => {
      const { code, said } = await failing({ GRELTA_DATA: emptyFolder(), ...env })
      expect(code).to.equal(1)
      expect(said).to.include(sentence)
    })
  for (const [what, spoil, sentence] of [
    [
      'a damaged file',
      (file: string) => writeFileSync(file, 'not a database, but long enough to be read as one'.repeat(200)),
      'is damaged',
    ],
    ['a file of nothing', (file: string) => writeFileSync(file, ''), 'holds nothing (0 bytes)'],
    [
      'a newer file',
      (file: string) => {
        const raw = new SQLite(file)
        raw.prepare("insert into kysely_migration values ('9999-later', '2030')").run()
        raw.close()
      },
      'a newer Grelta',
    ],
  ] as const)
    it(`${what} is told in a sentence, on the console and nowhere as a stack`, async function () {
      this.timeout(120_000)
      const folder = emptyFolder()
      await (await openStudio(folder)).close()
      spoil(studioFile(folder))
      const { code, said } = await failing({ PORT: String(await freePort()), GRELTA_DATA: folder })
      expect(code).to.equal(1)
      expect(said.split('\n').at(-2)).to.include(sentence)
    })
})

describe('stopping', () => {
  it('politely leaves one file that is the whole studio', async function () {
    this.timeout(120_000)
    const server = await startServer()
    for (const id of ['a', 'b', 'c']) expect((await put(server, id)).status).to.equal(200)
    await server.stop()
    expect(existsSync(`${studioFile(server.folder)}-wal`)).to.equal(false)
    const copy = emptyFolder()
    writeFileSync(studioFile(copy), readFileSync(studioFile(server.folder)))
    const { db, close } = await openStudio(copy)
    expect((await list(db, 'medium')).map(({ id }) => id)).to.deep.equal(['a', 'b', 'c'])
    await close()
  })
  it('tells nobody who still asks that something failed: the next program is asked again', async function () {
    this.timeout(120_000)
    const server = await startServer({ demo: true })
    const asked = Array.from({ length: 6 }, () =>
      fetch(`${server.url}/api/rack`).then(
        ({ status }) => status,
        () => 'no answer',
      ),
    )
    await pause(50)
    await server.stop()
    expect(await Promise.all(asked))
      .to.include('no answer')
      .and.not.include(500)
    expect(server.said().trim().split('\n').at(-1)).to.include('Grelta is open')
  })
  it('or a pause, puts everything into the one file, so that a copy of it is a copy of all', async function () {
    this.timeout(120_000)
    const server = await startServer()
    await put(server, 'paused')
    await pause(2500)
    const copy = emptyFolder()
    writeFileSync(studioFile(copy), readFileSync(studioFile(server.folder)))
    const { db, close } = await openStudio(copy)
    expect((await list(db, 'medium')).map(({ id }) => id)).to.deep.equal(['paused'])
    await close()
    await server.kill()
  })
})

describe('when something goes wrong while it runs', () => {
  let server: Server
  before(async function () {
    this.timeout(120_000)
    server = await startServer({ demo: true })
  })
  after(() => server.kill())

  it('what is not there is a page, or a refusal, with a sentence', async () => {
    const page = await fetch(`${server.url}/nowhere`)
    expect(page.status).to.equal(404)
    expect(await page.text()).to.include('There is nothing here')
    for (const path of [
      ...[
        '/api/nowhere',
        '/api/paintings/x',
        '/api/paintings/%2525',
        '/api/mediums/x',
        '/api/batches/x',
        '/api/shelf/x',
      ],
      ...['/api/batches/x/label.pdf', '/api/mediums/x/sheet.pdf', `/api/photos/${'0'.repeat(64)}`],
    ]) {
      const answer = await fetch(server.url + path)
      expect(answer.status, path).to.equal(404)
      const { error } = (await answer.json()) as { error: { message: string } }
      expect(error.message, path).to.match(/\w+ \w+/)
    }
    expect((await fetch(`${server.url}/_image?href=/etc/passwd`)).status).to.equal(404)
  })
  it('an address with a host it does not go by, or none, is refused; never a failure', async () => {
    const raw = (head: string): Promise<string> =>
      new Promise((resolve) => {
        const socket = connect(Number(new URL(server.url).port), '127.0.0.1', () =>
          socket.write(`${head}\r\n\r\n`),
        )
        let said = ''
        socket.on('data', (text) => (said += text.toString()))
        socket.on('close', () => resolve(said))
        setTimeout(() => socket.destroy(), 1500)
      })
    expect(await raw('GET / HTTP/1.0')).to.match(/^HTTP\/1\.1 (400|403)/)
    expect(await raw('GET / HTTP/1.1\r\nHost: 127.0.0.1:80:90\r\nConnection: close')).to.match(
      /^HTTP\/1\.1 (400|403)/,
    )
    expect(await raw('GET / HTTP/1.1\r\nHost: evil.example\r\nConnection: close')).to.match(/^HTTP\/1\.1 403/)
  })
  it('a file that breaks under it is a page and a refusal that say what is safe; the rest goes on', async () => {
    const raw = new SQLite(studioFile(server.folder))
    raw.exec('alter table medium rename to hidden')
    raw.close()
    const page = await fetch(`${server.url}/mediums`)
    expect(page.status).to.equal(500)
    expect(await page.text()).to.include('What was saved before is safe')
    const answer = await put(server, 'm')
    expect(answer.status).to.equal(500)
    const { error } = (await answer.json()) as { error: { code: string; message: string } }
    expect([error.code, error.message.includes('What was saved before is safe')]).to.deep.equal([
      'failed',
      true,
    ])
    expect((await fetch(`${server.url}/studio`)).status).to.equal(200)
    const mended = new SQLite(studioFile(server.folder))
    mended.exec('alter table hidden rename to medium')
    mended.close()
    expect((await fetch(`${server.url}/mediums`)).status).to.equal(200)
  })
})

describe('the passphrase over HTTP', () => {
  it('is asked of pages and of the interface, and ten wrong guesses are enough', async function () {
    this.timeout(120_000)
    process.env['GRELTA_PASSPHRASE'] = 'chalk'
    const server = await startServer()
    delete process.env['GRELTA_PASSPHRASE']
    const ask = async (path: string, phrase?: string): Promise<number> => {
      const authorization = phrase && `Basic ${Buffer.from(`x:${phrase}`).toString('base64')}`
      return (await fetch(server.url + path, { headers: authorization ? { authorization } : {} })).status
    }
    for (const path of ['/', '/api/health', '/api/scale', '/nowhere'])
      expect(await ask(path), path).to.equal(401)
    expect(await ask('/', 'chalk')).to.equal(200)
    for (let guess = 0; guess < 10; guess++) await ask('/', `guess ${guess}`)
    expect(await ask('/', 'chalk')).to.equal(429)
    await server.kill()
  })
})

describe('a device that gave the passphrase', () => {
  const signIn = (url: string, phrase: string, to = '/shelf') =>
    fetch(`${url}/sign-in?to=${encodeURIComponent(to)}`, {
      method: 'POST',
      redirect: 'manual',
      headers: { 'content-type': 'application/x-www-form-urlencoded' },
      body: new URLSearchParams({ phrase }),
    })
  const start = async (phrase: string, given: Parameters<typeof startServer>[0]) => {
    process.env['GRELTA_PASSPHRASE'] = phrase
    const server = await startServer(given)
    delete process.env['GRELTA_PASSPHRASE']
    return server
  }
  const cookieOf = (response: Response): string => response.headers.get('set-cookie')!.split(';')[0]!
  const statusWith = async (url: string, cookie: string): Promise<number> =>
    (await fetch(`${url}/api/settings`, { headers: { cookie } })).status

  it('is remembered over a restart until it signs out, or the phrase is another', async function () {
    this.timeout(120_000)
    const port = await freePort()
    let server = await start('chalk', { port })
    expect((await signIn(server.url, 'umber')).status).to.equal(401)
    const entered = await signIn(server.url, 'chalk')
    expect([entered.status, entered.headers.get('location')]).to.deep.equal([303, '/shelf'])
    expect(entered.headers.get('set-cookie')).to.match(/=[0-9a-f]{64}; .*HttpOnly; SameSite=Lax/)
    const [first, second] = [cookieOf(entered), cookieOf(await signIn(server.url, 'chalk'))]
    await server.stop()
    server = await start('chalk', { port, folder: server.folder })
    expect(await statusWith(server.url, first)).to.equal(200)
    const left = await fetch(`${server.url}/sign-out`, {
      method: 'POST',
      redirect: 'manual',
      headers: { cookie: first },
    })
    expect(left.status).to.equal(303)
    expect([await statusWith(server.url, first), await statusWith(server.url, second)]).to.deep.equal([
      401, 200,
    ])
    await server.stop()
    server = await start('ochre', { port, folder: server.folder })
    expect(await statusWith(server.url, second)).to.equal(401)
    await server.kill()
  })
  it('is sent on to pages of the studio only, and another site cannot sign it in', async function () {
    this.timeout(60_000)
    const server = await start('chalk', {})
    for (const to of ['https://elsewhere.example', '//elsewhere.example', '/\\elsewhere.example'])
      expect((await signIn(server.url, 'chalk', to)).headers.get('location'), to).to.equal('/')
    const foreign = await fetch(`${server.url}/sign-in`, {
      method: 'POST',
      headers: { origin: 'https://elsewhere.example' },
      body: new URLSearchParams({ phrase: 'chalk' }),
    })
    expect(foreign.status).to.equal(403)
    await server.kill()
  })
})

describe('the routes as the views know them', () => {
  it('are those of the endpoint files', () => {
    expect(readFileSync('src/ui/routes.ts', 'utf8')).to.equal(routesSource)
  })
})

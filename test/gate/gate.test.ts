import { networkInterfaces } from 'node:os'
import { expect } from 'chai'
import { afterEach, describe, it } from 'mocha'
import { failurePage } from '../../src/gate/failurePage.ts'
import { guarded } from '../../src/gate/headers.ts'
import { isOurHost, isOurs } from '../../src/gate/origin.ts'
import { entryOf } from '../../src/gate/passphrase.ts'

const asked = (method: string, headers: Record<string, string> = {}): Request =>
  new Request('http://127.0.0.1:4870/api/layers', { method, headers: { host: '127.0.0.1:4870', ...headers } })

describe('who may ask', () => {
  afterEach(() => {
    delete process.env['GRELTA_NAMES']
  })
  it('by the names of this machine, in either case, and by those it was given; by no other', () => {
    for (const host of ['127.0.0.1:4870', 'localhost', 'LOCALHOST:4870', '[::1]:4870'])
      expect(isOurHost(host), host).to.equal(true)
    for (const host of [
      '',
      'evil.example',
      '127.0.0.1.evil.example',
      'localhost.',
      '127.1',
      '127.0.0.1:80:90',
    ])
      expect(isOurHost(host), host).to.equal(false)
    expect(isOurHost('studio.lan')).to.equal(false)
    process.env['GRELTA_NAMES'] = 'studio.lan, easel.lan'
    expect(isOurHost('easel.lan:4870')).to.equal(true)
    expect(isOurHost('')).to.equal(false)
  })
  it('by the numbers of this machine on its networks, which no other site can come as', () => {
    const own = Object.values(networkInterfaces()).flatMap((all = []) => all)
    expect(own).to.not.have.length(0)
    for (const { address, family } of own)
      expect(isOurHost(`${family === 'IPv6' ? `[${address}]` : address}:4870`), address).to.equal(true)
    expect(isOurHost('198.51.100.7')).to.equal(false)
  })
  it('a page of this program or a script may write; a page of another site may not', () => {
    expect(
      isOurs(asked('PUT', { origin: 'http://127.0.0.1:4870', 'sec-fetch-site': 'same-origin' })),
    ).to.equal(true)
    expect(isOurs(asked('PUT'))).to.equal(true)
    for (const origin of [
      'null',
      'http://evil.example',
      'file://',
      '',
      'http://127.0.0.1:9999',
      'http://localhost:4870',
    ])
      expect(isOurs(asked('PUT', { origin })), origin).to.equal(false)
    expect(isOurs(asked('PUT', { 'sec-fetch-site': 'cross-site' }))).to.equal(false)
    expect(isOurs(asked('GET', { 'sec-fetch-site': 'cross-site' }))).to.equal(true)
  })
})

describe('the passphrase', () => {
  afterEach(() => {
    delete process.env['GRELTA_PASSPHRASE']
  })
  const phrase = (text: string, scheme = 'Basic'): string =>
    `${scheme} ${Buffer.from(`anyone:${text}`).toString('base64')}`

  it('is asked only where one is set; any name does, and a colon in it', () => {
    expect(entryOf(null, 'a', 0)).to.equal('open')
    process.env['GRELTA_PASSPHRASE'] = 'linseed: and chalk'
    expect(entryOf(null, 'a', 0)).to.equal('wrong')
    expect(entryOf(phrase('linseed: and chalk'), 'a', 0)).to.equal('open')
    expect(entryOf(phrase('linseed: and chalk', 'basic'), 'a', 0)).to.equal('open')
    expect(entryOf(phrase('linseed'), 'a', 0)).to.equal('wrong')
  })
  it('after ten wrong guesses is not looked at for a minute, from there only', () => {
    process.env['GRELTA_PASSPHRASE'] = 'right'
    for (let guess = 0; guess < 10; guess++) expect(entryOf(phrase(`g${guess}`), 'b', 1000)).to.equal('wrong')
    expect(entryOf(phrase('right'), 'b', 2000)).to.equal('too-many')
    expect(entryOf(phrase('right'), 'c', 2000)).to.equal('open')
    expect(entryOf(phrase('right'), 'b', 62_000)).to.equal('open')
  })
})

describe('what every answer says', () => {
  it('keeps a page to its own scripts, and lets an answer that runs nothing load nothing', () => {
    const page = guarded(
      new Response('', {
        headers: { 'content-security-policy': "default-src 'self'; script-src 'sha256-x'; " },
      }),
    )
    const policy = page.headers.get('content-security-policy')!
    expect(policy).to.include("script-src 'sha256-x'").and.include("frame-ancestors 'none'")
    const bare = guarded(new Response('{}')).headers
    expect(bare.get('content-security-policy')).to.include("default-src 'none'")
    expect(bare.get('cross-origin-opener-policy')).to.equal('same-origin')
    expect(bare.get('cache-control')).to.equal('no-store')
    const kept = guarded(new Response('', { headers: { 'cache-control': 'private, max-age=5' } }))
    expect(kept.headers.get('cache-control')).to.equal('private, max-age=5')
  })
  it('a failure is a page with a sentence, whatever stands in it', async () => {
    const page = failurePage(503, 'This page cannot be shown now', 'Disk <b>full</b> & "closed"')
    expect(page.status).to.equal(503)
    const text = await page.text()
    expect(text).to.include('Disk &#60;b&#62;full').and.not.include('<b>')
  })
})

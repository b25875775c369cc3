import { createHash, randomBytes } from 'node:crypto'
import { readFileSync, renameSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

/**
 * Devices that gave the passphrase, remembered until they sign out or the phrase is another. What is kept of each is a
 * mark of its secret and the phrase together, which opens nothing.
 */

const mostDevices = 50
const daysRemembered = 400

/** A cookie goes to every port of a host; each program has its own. */
const cookieName = (): string => `grelta-${process.env['PORT'] ?? ''}`

const fileIn = (folder: string): string => join(folder, 'signed-in.json')

const markOf = (secret: string): string =>
  createHash('sha256')
    .update(`${secret} ${process.env['GRELTA_PASSPHRASE'] ?? ''}`)
    .digest('hex')

function marksIn(folder: string): readonly string[] {
  try {
    const marks: unknown = JSON.parse(readFileSync(fileIn(folder), 'utf8'))
    return Array.isArray(marks) ? marks.filter((mark) => typeof mark === 'string') : []
  } catch {
    return []
  }
}

function keepMarks(folder: string, marks: readonly string[]): void {
  writeFileSync(`${fileIn(folder)}.part`, JSON.stringify(marks), { mode: 0o600 })
  renameSync(`${fileIn(folder)}.part`, fileIn(folder))
}

function secretIn(cookies: string | null): string | null {
  const found = (cookies ?? '')
    .split(';')
    .map((pair) => pair.trim().split('='))
    .find(([name]) => name === cookieName())
  return found?.[1] ?? null
}

const cookie = (secret: string, days: number): string =>
  `${cookieName()}=${secret}; Path=/; Max-Age=${days * 86_400}; HttpOnly; SameSite=Lax`

/** The secret of a device that is remembered; null: it is not. */
export function knownDevice(folder: string, cookies: string | null): string | null {
  const secret = process.env['GRELTA_PASSPHRASE'] ? secretIn(cookies) : null
  return secret !== null && marksIn(folder).includes(markOf(secret)) ? secret : null
}

/** Remembers a device; answers the cookie it is known by. */
export function rememberDevice(folder: string): string {
  const secret = randomBytes(32).toString('hex')
  keepMarks(folder, [...marksIn(folder), markOf(secret)].slice(-mostDevices))
  return cookie(secret, daysRemembered)
}

/** The cookie anew, so that it does not run out on a device that is used. */
export const renewedCookie = (secret: string): string => cookie(secret, daysRemembered)

/** Forgets a device; answers the cookie that ends its own. */
export function forgetDevice(folder: string, cookies: string | null): string {
  const secret = secretIn(cookies)
  if (secret !== null)
    keepMarks(
      folder,
      marksIn(folder).filter((mark) => mark !== markOf(secret)),
    )
  return cookie('', 0)
}

import { openAsBlob, readFileSync } from 'node:fs'
import { writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { dataFolder } from '../store/open.ts'
import { backupFile } from '../studio/backups/files.ts'
import type { BackupsTold } from '../studio/backups/backups.ts'
import type { Preview } from '../studio/carrying/bringIn.ts'
import type { Ready } from '../studio/carrying/carry.ts'
import { refused } from '../studio/refused.ts'
import type { Checked, Door } from './door.ts'

/** The program that serves this studio, asked over HTTP. */
export function serverDoor(): Door {
  const address = addressOrRefuse()
  const phrase = process.env['GRELTA_PASSPHRASE']
  const headers: Readonly<Record<string, string>> = phrase
    ? { authorization: `Basic ${Buffer.from(`command:${phrase}`).toString('base64')}` }
    : {}

  async function ask(method: string, path: string, sent?: object | Blob): Promise<Response> {
    const body = sent instanceof Blob || sent === undefined ? sent : JSON.stringify(sent)
    const response = await fetch(address + path, {
      method,
      headers,
      ...(body !== undefined && { body }),
    }).catch(() => {
      throw refused(`The program at ${address} holds this studio, but does not answer.`)
    })
    if (response.ok) return response
    const told = (await response.json().catch(() => ({}))) as { error?: { message?: string } }
    throw refused(told.error?.message ?? `The program at ${address} answered ${response.status}.`)
  }

  async function answerOf<Answer>(method: string, path: string, sent?: object | Blob): Promise<Answer> {
    return (await (await ask(method, path, sent)).json()) as Answer
  }

  /** Begins work and waits for what comes of it. */
  async function work<Answer>(path: string, sent?: object | Blob): Promise<Answer> {
    const { job } = await answerOf<{ job: string }>('POST', path, sent)
    for (;;) {
      const { is, answer } = await answerOf<{ is: string; answer: Answer }>('GET', `/api/jobs/${job}`)
      if (is === 'done') return answer
      await pause(100)
    }
  }

  const received = async (file: string) =>
    work<Preview & { readonly file: string }>('/api/import', await openAsBlob(file))

  return {
    takeOut: async (file, photographs) => {
      const ready = await work<Ready>('/api/export', { photographs })
      const { body } = await ask('GET', `/api/export/${ready.file}`)
      await writeFile(file, body!)
      return ready.photographs
    },
    look: async (file) => {
      const { file: id, ...preview } = await received(file)
      await ask('DELETE', `/api/import/${id}`)
      return preview
    },
    bringIn: async (file, choice) => {
      const { file: id } = await received(file)
      return (await work<{ what: string }>(`/api/import/${id}`, choice)).what
    },
    check: async () => {
      const { entries: aside } = await answerOf<{ entries: Checked['aside'] }>('GET', '/api/aside')
      const { entries: backups } = await answerOf<BackupsTold>('GET', '/api/backups')
      return { aside, backups }
    },
    backUp: async () => {
      const { folder, entries } = await work<BackupsTold>('/api/backups')
      return backupFile(folder, entries[0]!.date)
    },
    putBack: async (date) => (await work<{ what: string }>(`/api/backups/${date}/restore`)).what,
    close: () => Promise.resolve(),
  }
}

function addressOrRefuse(): string {
  try {
    const told = JSON.parse(readFileSync(join(dataFolder(), 'serving.json'), 'utf8')) as { address: string }
    return told.address
  } catch {
    throw refused('Another program holds this studio and does not say where it answers. Stop it first.')
  }
}

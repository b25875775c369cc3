/** Why the studio's file cannot be used, as a sentence that says what is safe and what to do. */

export type FailureCode =
  'disk-full' | 'read-only' | 'damaged' | 'newer' | 'in-use' | 'no-folder' | 'upgrade' | 'unknown'

export class StudioFailure extends Error {
  constructor(
    readonly code: FailureCode,
    message: string,
    options?: ErrorOptions,
  ) {
    super(message, options)
  }
}

const sentences: Readonly<Record<Exclude<FailureCode, 'newer' | 'no-folder' | 'upgrade'>, string>> = {
  'disk-full':
    'The disk is full, so nothing more can be saved. What was saved before is safe. Make room on the disk, then try again; what you typed stays here until then.',
  'read-only':
    'The studio’s folder cannot be written to. What was saved before is safe and can be read. Give this program the right to write there, or put the folder on a disk that can be written to.',
  damaged:
    'The studio’s file is damaged. Nothing more is written to it. Stop the program and put a backup in its place with grelta restore and its day, such as 2026-11-28; what is there now is kept beside it.',
  'in-use':
    'Another Grelta has this studio open. Nothing is lost. Use that one, or stop it first; two programs on one folder would overwrite each other.',
  unknown:
    'The studio’s file does not answer. What was saved before is safe. Stop the program and start it again; if that does not help, keep a copy of the folder and look at the message on the console.',
}

/** The failure behind an error of the database or the file system; null when it is neither. */
export function failureOf(error: unknown): StudioFailure | null {
  if (error instanceof StudioFailure) return error
  const code = codeOf(error)
  const known = code && failureCodeOf(code)
  return known ? new StudioFailure(known, sentences[known], { cause: error }) : null
}

const codeOf = (error: unknown): string | null =>
  error instanceof Error && 'code' in error && typeof error.code === 'string' ? error.code : null

function failureCodeOf(code: string): keyof typeof sentences | null {
  if (code === 'SQLITE_FULL' || code === 'ENOSPC' || code === 'EDQUOT') return 'disk-full'
  if (code === 'EACCES' || code === 'EROFS' || code === 'EPERM') return 'read-only'
  if (code.startsWith('SQLITE_READONLY') || code.startsWith('SQLITE_CANTOPEN')) return 'read-only'
  if (code.startsWith('SQLITE_CORRUPT') || code === 'SQLITE_NOTADB') return 'damaged'
  if (code.startsWith('SQLITE_BUSY') || code.startsWith('SQLITE_LOCKED')) return 'in-use'
  return code.startsWith('SQLITE_IOERR') ? 'unknown' : null
}

/** A failure of its own making, in the words above. */
export const failure = (code: keyof typeof sentences, cause?: unknown): StudioFailure =>
  new StudioFailure(code, sentences[code], { cause })

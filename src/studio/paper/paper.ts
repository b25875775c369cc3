import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js'
import { asRead } from '../../writing/reader.ts'

/** Sheets of paper as PDF, calm and black on white. */

const { resolve } = createRequire(import.meta.url)
const roboto = (style: string): string =>
  join(dirname(resolve('pdfmake/package.json')), 'fonts', 'Roboto', `Roboto-${style}.ttf`)

const faces = {
  Times: {
    normal: 'Times-Roman',
    bold: 'Times-Bold',
    italics: 'Times-Italic',
    bolditalics: 'Times-BoldItalic',
  },
  Roboto: {
    normal: roboto('Regular'),
    bold: roboto('Medium'),
    italics: roboto('Italic'),
    bolditalics: roboto('MediumItalic'),
  },
} as const

const ofFaces = new Set<string>(Object.values(faces).flatMap((face) => Object.values(face)))

let loading: ReturnType<typeof load> | undefined

/** What sets the type: it reads its own faces and nothing else. Large, so it is loaded for the first sheet. */
async function load() {
  const { default: pdfmake } = await import('pdfmake')
  pdfmake.setFonts(faces)
  pdfmake.setUrlAccessPolicy(() => false)
  pdfmake.setLocalAccessPolicy((path) => ofFaces.has(path))
  return pdfmake
}

/** Letters every PDF reader has a face for; a sheet with any other is set in the one that ships with the program. */
const ownLetters = /^[\u0020-\u007e\u00a0-\u00ff\u2013\u2014\u2018-\u201e\u2022\u2026\u20ac\n]*$/

const faceFor = (content: Content): keyof typeof faces =>
  ownLetters.test(textIn(content)) ? 'Times' : 'Roboto'

/** Everything a sheet says, for its letters. */
function textIn(content: unknown): string {
  if (typeof content === 'string') return content
  if (Array.isArray(content)) return content.map(textIn).join('')
  if (content === null || typeof content !== 'object' || 'svg' in content) return ''
  return Object.values(content).map(textIn).join('')
}

const mm = (length: number): number => (length * 72) / 25.4
const ink = '#1f1b16'
const soft = '#5c554a'

/** A sheet with its words as its reader has numbers and dates. */
function readContent<Part>(content: Part): Part {
  if (typeof content === 'string') return asRead(content) as Part
  if (Array.isArray(content)) return content.map(readContent) as Part
  if (content === null || typeof content !== 'object' || 'svg' in content || 'qr' in content) return content
  const read = Object.entries(content).map(([key, value]) => [
    key,
    isSaid(key) ? readContent(value as unknown) : (value as unknown),
  ])
  return Object.fromEntries(read) as Part
}

/** The parts of a sheet that hold words or other parts. */
const isSaid = (key: string): boolean =>
  ['text', 'columns', 'stack', 'table', 'body', 'ul', 'ol'].includes(key)

/** A sheet of A4 with its pages numbered. */
export async function paperOf(title: string, content: Content): Promise<Uint8Array> {
  const definition: TDocumentDefinitions = {
    info: { title },
    pageSize: 'A4',
    pageMargins: [mm(24), mm(22), mm(22), mm(22)],
    defaultStyle: { font: faceFor([title, content]), fontSize: 10.5, lineHeight: 1.2, color: ink },
    styles: {
      title: { fontSize: 24, lineHeight: 1.05 },
      about: { fontSize: 10.5, color: soft, margin: [0, 2, 0, 12] },
      heading: { fontSize: 14, margin: [0, 12, 0, 3] },
      small: { fontSize: 8.5, color: soft },
      cell: { fontSize: 9, lineHeight: 1.12 },
    },
    footer: (page, pages) => ({
      text: `${title}, page ${page} of ${pages}`,
      style: 'small',
      alignment: 'center',
      margin: [0, mm(6), 0, 0],
    }),
    content: readContent(content),
  }
  const pdfmake = await (loading ??= load())
  return new Uint8Array(await pdfmake.createPdf(definition).getBuffer())
}

/** A title with what it is of, and a code that opens the record. */
export const headOf = (title: string, about: string, address: string): Content => ({
  columns: [
    [
      { text: title, style: 'title' },
      { text: about, style: 'about' },
    ],
    {
      width: mm(24),
      stack: [
        { qr: address, fit: mm(22), foreground: ink },
        { text: 'its record', style: 'small', margin: [0, 3, 0, 0] },
      ],
    },
  ],
  columnGap: mm(6),
})

/** Thin rules between rows, none at the sides. */
export const ruled = {
  hLineWidth: () => 0.4,
  vLineWidth: () => 0,
  hLineColor: () => '#b9b0a0',
  paddingTop: () => 3,
  paddingBottom: () => 3,
  paddingLeft: (at: number) => (at === 0 ? 0 : 4),
  paddingRight: () => 4,
}

import type { Content, TableCell } from 'pdfmake/interfaces.js'
import type { ConservatorSheet } from '../../document/finish/conservatorSheet.ts'
import type { Rehearsed } from '../../document/finish/wouldLift.ts'
import { upperFirst } from '../../core/words.ts'
import { headOf, paperOf, ruled } from './paper.ts'

const cell = (text: string): TableCell => ({ text, style: 'cell' })

/** The conservator's sheet on paper, with a section through every part and the map of them. */
export const conservatorPdf = (
  sheet: ConservatorSheet,
  drawings: { readonly map: string | null; readonly section: string },
  on: string,
  address: string,
): Promise<Uint8Array> =>
  paperOf(`${sheet.title}: for a conservator`, [
    headOf(sheet.title, `For a conservator, as it stands on ${on}.`, address),
    {
      table: { widths: ['auto', '*'], body: sheet.facts.map(([what, told]) => [cell(what), cell(told)]) },
      layout: ruled,
    },
    ...(sheet.hazards ? [{ text: sheet.hazards, margin: [0, 6, 0, 0] } as Content] : []),
    { text: 'Section, and map of its parts', style: 'heading' },
    {
      columns: [
        { svg: drawings.section, fit: [330, 190] },
        { width: 'auto', stack: drawings.map ? [{ svg: drawings.map, fit: [120, 160] }] : [] },
      ],
    },
    {
      text: 'Films to their thickness where they are thickest, numbered as below; what was taken off is not drawn. Thicknesses are estimates.',
      style: 'small',
    },
    { text: 'What happened to it, from the ground up', style: 'heading' },
    happened(sheet),
    ...listed('Taken on knowingly', sheet.departures),
    ...listed('Tests', sheet.tests),
    ...(sheet.lifts.length > 0 ? lifts(sheet.lifts) : []),
  ])

const happened = ({ rows }: ConservatorSheet): Content =>
  rows.length === 0
    ? { text: 'Nothing is painted on it yet.' }
    : {
        layout: ruled,
        table: {
          headerRows: 1,
          dontBreakRows: true,
          widths: ['auto', 'auto', '*', 'auto'],
          body: [
            ['', 'When', 'What, and of what', 'Where'].map(cell),
            ...rows.map(({ number, name, kind, on, where, of, notes }): TableCell[] => [
              cell(String(number)),
              cell(on),
              {
                style: 'cell',
                stack: [
                  { text: [{ text: name, bold: true }, `, ${kind}`] },
                  ...of.map((part) => ({ text: part })),
                  ...(notes.length > 0 ? [{ text: upperFirst(notes.join('; ')), italics: true }] : []),
                ],
              },
              cell(where),
            ]),
          ],
        },
      }

const listed = (heading: string, lines: readonly string[]): Content[] =>
  lines.length === 0
    ? []
    : [
        { text: heading, style: 'heading' },
        { ul: [...lines], style: 'cell' },
      ]

const lifts = (rows: readonly Rehearsed[]): Content[] => {
  const areas = rows[0]!.areas.map(({ area }) => area)
  return [
    { text: 'What would lift today', style: 'heading' },
    {
      layout: ruled,
      table: {
        headerRows: 1,
        widths: ['auto', ...areas.map(() => '*')],
        body: [
          ['With, mildest first', ...areas].map(cell),
          ...rows.map(({ solvent, areas: inAreas }) => [
            cell(solvent),
            ...inAreas.map(({ films }) =>
              cell(
                films.length === 0
                  ? 'nothing'
                  : films.map(({ name, because }) => `${name} (${because})`).join('; '),
              ),
            ),
          ]),
        ],
      },
    },
    {
      text: 'A rehearsal on paper, an estimate from the record, and no leave to try it.',
      style: 'small',
      margin: [0, 4, 0, 0],
    },
  ]
}

import type { OwnerLetter } from '../../document/finish/letter.ts'
import { headOf, paperOf } from './paper.ts'

const spaced: [number, number, number, number] = [0, 0, 0, 3]

/** The owner's letter on paper; `map` is a drawing of the picture's parts. */
export const letterPdf = (
  { title, about, parts }: OwnerLetter,
  map: string | null,
  address: string,
): Promise<Uint8Array> =>
  paperOf(`${title}: for its owner`, [
    headOf(title, about, address),
    {
      columnGap: 24,
      columns: [
        parts.flatMap(({ heading, lines }) => [
          { text: heading, style: 'heading' },
          ...lines.map((line) => ({ text: line, margin: spaced })),
        ]),
        { width: 'auto', margin: [0, 14, 0, 0], stack: map ? [{ svg: map, width: 100 }] : [] },
      ],
    },
    {
      text: 'Days are estimates, and told as such: what is under the hand decides. The code opens the studio’s own record where its network can be reached.',
      style: 'small',
      margin: [0, 14, 0, 0],
    },
  ])

import { asRead } from '../writing/reader.ts'
import { PDFDocument, rgb, StandardFonts } from 'pdf-lib'
import type { PDFFont } from 'pdf-lib'
import QRCode from 'qrcode'
import { hazardsOf, labelWordsFor } from '../core/materials/hazards.ts'
import { noDose, ratioText } from '../core/dosing/doseWords.ts'
import { usualLargestDose, usualPaintWords } from '../core/dosing/usualPaint.ts'
import { dateOf, dayOf } from '../core/plan/calendar.ts'
import { batchTitle, jarKeeping, poured } from '../document/batchMedium.ts'
import { dateText } from '../document/dateText.ts'
import type { Batch } from '../document/batch.ts'
import { findInStudio } from '../document/studioMaterials.ts'

/** Labels and weighing sheets, as PDF. Millimetres on paper. */

export const labelSizes = { small: { width: 62, height: 29 }, large: { width: 90, height: 60 } } as const
export type LabelSize = keyof typeof labelSizes

const mm = (length: number): number => (length * 72) / 25.4

/** Only letters the built-in face has; others become a question mark rather than no label. */
function printable(text: string, font: PDFFont): string {
  const set = new Set(font.getCharacterSet())
  return [...text].map((letter) => (set.has(letter.codePointAt(0)!) ? letter : '?')).join('')
}

function wrapped(text: string, font: PDFFont, size: number, width: number): readonly string[] {
  const lines: string[] = []
  for (const word of printable(text, font).split(' ')) {
    const longer = lines.length > 0 ? `${lines.at(-1)!} ${word}` : word
    if (lines.length > 0 && font.widthOfTextAtSize(longer, size) <= width) lines[lines.length - 1] = longer
    else lines.push(word)
  }
  return lines
}

/** What the label says, line by line; how much of it a paint can bear is the figure of every page. */
export function labelWords(
  batch: Batch,
): { readonly title: string; readonly lines: readonly string[] } | null {
  const made = poured(batch, findInStudio([]))
  if (!made) return null
  const { ofMix } = usualLargestDose(made.ingredients)
  const keeping = jarKeeping(made, batch)
  const hazards = hazardsOf(made.ingredients.map(({ material }) => material))
  return {
    title: batchTitle(batch),
    lines: [
      ofMix > 0 ? `at most ${ratioText(ofMix)} medium to paint ${usualPaintWords} (estimate)` : noDose,
      batch.madeOn
        ? `made ${dateText(batch.madeOn)} · use by about ${dateText(dateOf(dayOf(batch.madeOn)! + keeping.days))}${batch.keptCold ? ' · keep cold' : ''}`
        : 'not finished yet',
      `by mass: ${made.ingredients.map(({ material, massG }) => `${((100 * massG) / made.massG).toFixed(1)}\u00a0% ${material.name}`).join(', ')}`,
      `Care: ${[...hazards.map(labelWordsFor), 'oily rags heat themselves'].join(', ')}. Safety data sheet first.`,
    ],
  }
}

/** A label with make-up, largest dose, cautions, dates, and a QR code that opens the batch's record at `address`. */
export async function labelPdf(batch: Batch, size: LabelSize, address: string): Promise<Uint8Array | null> {
  const words = labelWords(batch)
  if (!words) return null
  const { width, height } = labelSizes[size]
  const pdf = await PDFDocument.create()
  pdf.setTitle(words.title)
  const [plain, bold] = [
    await pdf.embedFont(StandardFonts.Helvetica),
    await pdf.embedFont(StandardFonts.HelveticaBold),
  ]
  const page = pdf.addPage([mm(width), mm(height)])
  const code = size === 'small' ? 17 : 24
  const image = await pdf.embedPng(await QRCode.toBuffer(address, { margin: 0, scale: 8 }))
  page.drawImage(image, { x: mm(width - code - 2.5), y: mm(2.5), width: mm(code), height: mm(code) })
  const [titleSize, textSize] = size === 'small' ? [8, 4.6] : [12, 7]
  let y = mm(height) - mm(2) - titleSize
  const write = (lines: readonly string[], font: PDFFont, points: number): void => {
    for (const line of lines) {
      if (y < mm(1.5)) return
      // Beside the code the lines are shorter.
      page.drawText(line, { x: mm(2.5), y, size: points, font, color: rgb(0.1, 0.09, 0.07) })
      y -= points * 1.2
    }
  }
  write(wrapped(words.title, bold, titleSize, mm(width - 5)), bold, titleSize)
  for (const line of words.lines)
    write(wrapped(asRead(line), plain, textSize, mm(width - code - 8)), plain, textSize)
  return pdf.save()
}

/** A weighing sheet: a row a batch, a column a material, and a box to tick. */
export async function sheetPdf(
  title: string,
  batches: readonly Batch[],
  nameOf: (id: string) => string,
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create()
  pdf.setTitle(title)
  const [plain, bold] = [
    await pdf.embedFont(StandardFonts.Helvetica),
    await pdf.embedFont(StandardFonts.HelveticaBold),
  ]
  const materials = [...new Set(batches.flatMap(({ targets }) => targets.map(({ material }) => material)))]
  const [width, height, left, row] = [mm(297), mm(210), mm(15), mm(9)]
  const column = (width - left * 2 - mm(55)) / Math.max(1, materials.length)
  for (let first = 0; first < batches.length; first += 18) {
    const page = pdf.addPage([width, height])
    const write = (text: string, x: number, y: number, font = plain, size = 10): void =>
      page.drawText(wrapped(text, font, size, column - 6)[0] ?? '', { x, y, size, font })
    page.drawText(printable(title, bold), { x: left, y: height - mm(18), size: 16, font: bold })
    materials.forEach((material, at) =>
      write(nameOf(material), left + mm(55) + at * column, height - mm(27), bold, 8),
    )
    batches.slice(first, first + 18).forEach((batch, at) => {
      const y = height - mm(35) - at * row
      page.drawText(printable(batchTitle(batch), plain), { x: left, y, size: 10, font: plain })
      page.drawLine({ start: { x: left, y: y - 5 }, end: { x: width - left, y: y - 5 }, thickness: 0.4 })
      materials.forEach((material, index) => {
        const target = batch.targets.find((one) => one.material === material)
        if (!target) return
        const x = left + mm(55) + index * column
        page.drawRectangle({
          x,
          y: y - 1,
          width: 8,
          height: 8,
          borderWidth: 0.6,
          borderColor: rgb(0.1, 0.09, 0.07),
          opacity: 0,
        })
        write(asRead(`${target.grams.toFixed(2)} g`), x + 13, y)
      })
    })
  }
  return pdf.save()
}

import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'

/** Everything a PDF says, page after page, as another program reads it; a space stands for every gap. */
export async function pdfText(pdf: Uint8Array): Promise<string> {
  const read = await getDocument({
    data: new Uint8Array(pdf),
    standardFontDataUrl: new URL('../node_modules/pdfjs-dist/standard_fonts/', import.meta.url).pathname,
    verbosity: 0,
  }).promise
  const pages: string[] = []
  for (let page = 1; page <= read.numPages; page++) {
    const { items } = await (await read.getPage(page)).getTextContent()
    pages.push(items.map((item) => ('str' in item ? item.str : '')).join(' '))
  }
  return pages.join(' ').replace(/\s+/g, ' ').replaceAll('μ', 'µ')
}

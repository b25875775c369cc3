/** What the book says of a material: figures with their ranges, how sure they are and of what kind. */

export interface BookFigure {
  readonly is: string
  readonly low?: number | undefined
  readonly mid?: number | undefined
  readonly high?: number | undefined
  readonly unit: string
}

export interface BookEntry {
  readonly confidence: 'high' | 'medium' | 'low'
  /** "handbook value", "typical of literature", "estimate" ...: where several, the first is meant by the confidence. */
  readonly kind: string
  readonly notes: string
  readonly figures: readonly BookFigure[]
  /** Fatty acids of an oil, % by mass. */
  readonly acids?:
    Readonly<Record<'palmitic' | 'stearic' | 'oleic' | 'linoleic' | 'linolenic', number>> | undefined
  readonly acidsOf?: 'this oil' | 'the oil before bodying'
  readonly other?: { readonly percent: number; readonly iodine: number }
}

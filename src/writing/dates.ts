const weekday = '(?:(?:Mon|Tues?|Wed(?:nes)?|Thu(?:rs)?|Fri|Sat(?:ur)?|Sun)(?:day)? )'
const month =
  '(?:Jan(?:uary)?|Feb(?:ruary)?|Mar(?:ch)?|Apr(?:il)?|May|June?|July?|Aug(?:ust)?|Sep(?:tember)?|Oct(?:ober)?|Nov(?:ember)?|Dec(?:ember)?)'
const written = new RegExp(
  `(?<![\\w.])(${weekday})?(\\d{1,2}(?:–\\d{1,2})?) (${month})(?: (\\d{4}))?(?!\\w)`,
  'g',
)

/** Dates in a sentence with the month before the day: "Thu 3 Dec 2026" is "Thu, Dec 3, 2026". */
export const monthFirst = (text: string): string =>
  text.replace(
    written,
    (_, day: string | undefined, days: string, name: string, year: string | undefined) =>
      `${day ? `${day.trimEnd()}, ` : ''}${name} ${days}${year ? `, ${year}` : ''}`,
  )

import { plainWriting } from './writing.ts'
import type { Writing } from './writing.ts'

/** What a device's cookie and its browser ask for. */

export const writingCookie = 'grelta-writing'

const choices = {
  decimal: ['point', 'comma'],
  units: ['metric', 'us'],
  dates: ['day', 'month'],
} as const satisfies { readonly [Key in keyof Writing]: readonly Writing[Key][] }

/** What is chosen on a device; what is absent is as its browser has it. */
export type Chosen = { readonly [Key in keyof Writing]?: Writing[Key] }

/** "comma.us" chooses these two. Words it does not know choose nothing. */
export function chosenIn(cookies: string | null): Chosen {
  const [, value = ''] = new RegExp(`(?:^|;\\s*)${writingCookie}=([\\w.]*)`).exec(cookies ?? '') ?? []
  const words = value.split('.')
  return Object.fromEntries(
    Object.entries(choices).flatMap(([key, known]) =>
      known.filter((choice) => words.includes(choice)).map((choice) => [key, choice]),
    ),
  )
}

/** The countries that measure in inches and fluid ounces. */
const usCountries = ['US', 'LR', 'MM']

/** As the first language of this browser has it, "de-AT,en;q=0.7"; plain where it names none. */
export function writingOf(acceptLanguage: string | null): Writing {
  const tag = (acceptLanguage ?? '').split(/[,;]/)[0]!.trim()
  try {
    const locale = new Intl.Locale(tag)
    const [first] = new Intl.DateTimeFormat(tag, { month: 'short', day: 'numeric' })
      .formatToParts(0)
      .filter(({ type }) => type === 'month' || type === 'day')
    return {
      decimal: new Intl.NumberFormat(tag).format(1.5).includes('.') ? 'point' : 'comma',
      units: usCountries.includes(locale.region ?? '') ? 'us' : 'metric',
      dates: first?.type === 'month' ? 'month' : 'day',
    }
  } catch {
    return plainWriting
  }
}

export const askedBy = ({ headers }: Request): Writing => ({
  ...writingOf(headers.get('accept-language')),
  ...chosenIn(headers.get('cookie')),
})

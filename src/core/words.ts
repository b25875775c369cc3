/** How the core writes numbers inside sentences. */

/** Two significant figures, no exponent: 0.483 is "0.48", 1234 is "1200". */
export const about = (value: number, figures = 2): string => String(Number(value.toPrecision(figures)))

export const percent = (fraction: number): string => `${about(100 * fraction)}\u00a0%`

export function dayCount(days: number): string {
  if (days < 1) {
    const hours = Math.max(1, Math.round(days * 24))
    return hours === 1 ? '1 hour' : `${hours} hours`
  }
  const whole = Math.round(days)
  return whole === 1 ? '1 day' : `${whole} days`
}

export const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

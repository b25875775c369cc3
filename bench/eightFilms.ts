/** The eight films that are solved here, by bench/cure.ts, and in C. */
export const eightFilms = Array.from({ length: 8 }, (_, at) => ({
  thicknessUm: [15, 60, 80, 300, 70, 40, 30, 25][at]!,
  rate: [2, 1.3, 0.7, 0.65, 0.9, 0.8, 1.1, 0.9][at]!,
  q: 0.55,
  appliedDay: at * 12,
}))

/** Writes the core's library.ts, book.ts and exposures.ts from data/*.csv. Run `npm run library` after changing a CSV. */
import { readFileSync, writeFileSync } from 'node:fs'
import Papa from 'papaparse'
import { hazardIds } from '../src/core/materials/hazards.ts'
import type { Hazard } from '../src/core/materials/hazards.ts'
import { solvency } from '../src/core/materials/material.ts'
import type { Exposure } from '../src/core/air/exposure.ts'
import type { BookEntry, BookFigure } from '../src/core/materials/bookEntry.ts'
import type { Family, Material, Range, Shares, Solvency } from '../src/core/materials/material.ts'

type Row = Record<string, string>
const root = new URL('..', import.meta.url)
const read = (name: string): Row[] =>
  Papa.parse<Row>(readFileSync(new URL(`data/${name}.csv`, root), 'utf8'), {
    header: true,
    skipEmptyLines: true,
  }).data

const number = (text: string | undefined): number | undefined => (text ? Number(text) : undefined)
const range = (low?: string, mid?: string, high?: string): Range | undefined =>
  mid ? { low: number(low) ?? Number(mid), mid: Number(mid), high: number(high) ?? Number(mid) } : undefined
const ranged = (row: Row, name: string, mid = name): Range | undefined =>
  range(row[`${name}_low`], row[mid], row[`${name}_high`])

const dropMl = new Map(read('drops').map((row) => [row['id']!, Number(row['drop_ml'])]))

/** Stretch of the cured film: heat-bodied oils above raw linseed, the pale slow oils below it. */
const flexFactors: Record<string, number> = {
  linseed_stand_oil: 1.15,
  linseed_vacuum_bodied: 1.15,
  linseed_light_bodied: 1.15,
  safflower: 0.8,
  sunflower_high_linoleic: 0.8,
  sunflower_high_oleic: 0.8,
  poppy: 0.7,
}

const common = (row: Row, density: Range): Pick<Material, 'id' | 'densityGPerMl' | 'dropMl'> => ({
  id: row['id']!,
  densityGPerMl: density,
  dropMl: dropMl.get(row['id']!),
})

const hazards = (row: Row, vapour = false): readonly Hazard[] | undefined => {
  const named = (row['hazard'] ?? '').split('; ').filter(Boolean)
  for (const name of named)
    if (!hazardIds.includes(name as Hazard)) throw new Error(`${row['id']}: no hazard is called ${name}`)
  const all = hazardIds.filter((id) => named.includes(id) || (vapour && id === 'solvent vapour'))
  return all.length > 0 ? all : undefined
}

/** Conjugated oils dry faster than their iodine value says; bodied ones have used bonds up. */
const conjugated = ['tung', 'castor_dehydrated']
const bodiedAs = (row: Row): Material['bodied'] =>
  conjugated.includes(row['id']!)
    ? 'conjugated'
    : row['fa_basis'] === 'measured_typical'
      ? undefined
      : 'heat or air'

const oils = read('oils').map((row): Material => ({
  ...common(row, ranged(row, 'density_g_per_ml_20c')!),
  name: row['name']!,
  family: 'oil',
  shares: { oil: 1 },
  rate: ranged(row, 'relative_touch_dry_rate'),
  flexFactor: flexFactors[row['id']!] ?? 1,
  iodineValue: ranged(row, 'iodine_value', 'iodine_value_mid'),
  yellowing: number(row['yellowing_1to5']),
  strength: number(row['film_strength_1to5']),
  viscosityMPas: number(row['viscosity_mpas_25c']),
  bodied: bodiedAs(row),
  waterMixable: row['water_mixable'] === 'yes' || undefined,
  hazards: hazards(row),
}))

/** From this share of volatile by mass a material gives off solvent vapour. */
const vapourFrom = 0.01

const percentRange = (row: Row, name: string): Range | undefined => {
  const found = ranged(row, name)
  return found && { low: share(found.low), mid: share(found.mid), high: share(found.high) }
}

const share = (percent: number): number => Number((percent / 100).toFixed(6))
const families: Record<string, Family> = {
  balsam: 'balsam',
  oxidising_binder: 'alkyd',
  wax: 'wax',
  wax_paste: 'wax_paste',
  metal_soap: 'metal_soap',
}
const resinsAndWaxes = read('resins_waxes').map((row): Material => {
  const family = families[row['material_class']!] ?? 'resin'
  const volatile = Number(row['volatile_fraction_percent'] || 0) / 100
  const shares: Partial<Shares> =
    family === 'wax_paste'
      ? { wax: 0.33, volatile, resin: Number((1 - 0.33 - volatile).toFixed(6)) }
      : family === 'alkyd'
        ? { alkyd: 1 - volatile, volatile }
        : family === 'wax'
          ? { wax: 1 }
          : family === 'metal_soap'
            ? { other: 1 }
            : { resin: 1 - volatile, ...(volatile > 0 && { volatile }) }
  const volatileRange = ranged(row, 'volatile_fraction_percent')
  const solid = family === 'resin' || family === 'wax' || family === 'metal_soap'
  const solution = ranged(row, 'bulk_density_g_per_ml')!
  return {
    ...common(row, family === 'alkyd' ? solution : ranged(row, 'density_g_per_ml')!),
    name: row['name']!,
    family,
    shares,
    nonVolatile: volatileRange && {
      low: share(100 - volatileRange.high),
      high: share(100 - volatileRange.low),
    },
    bulkDensityGPerMl: solid ? solution : undefined,
    yellowing: number(row['yellowing_1to5']),
    rate: family === 'alkyd' ? { low: 3, mid: 5, high: 8 } : undefined,
    flexFactor: family === 'alkyd' ? 0.9 : undefined,
    mostOfFilm: family === 'alkyd' ? undefined : percentRange(row, 'recommended_max_percent_dried_film'),
    meltsC: row['softening_or_melting_c_high']
      ? {
          low: Number(row['softening_or_melting_c_low']),
          high: Number(row['softening_or_melting_c_high']),
        }
      : undefined,
    hazards: hazards(row, volatile >= vapourFrom),
  }
})

const solvents = read('solvents').map((row): Material => ({
  ...common(row, ranged(row, 'density_g_per_ml_20c')!),
  name: row['name']!,
  family: 'solvent',
  shares: row['id'] === 'water' ? { water: 1 } : { volatile: 1 },
  flashPointC: number(row['flash_point_c']),
  dissolves: Object.fromEntries(
    Object.entries(row).flatMap(([column, how]) =>
      column.startsWith('dissolves_') && solvency.includes(how as Solvency) && how !== 'no'
        ? [[column.slice('dissolves_'.length), how as Solvency]]
        : [],
    ),
  ),
  hazards: hazards(row),
}))

/** What thickens so strongly that more of it cannot be stirred, of the mix by mass. */
const thixotropes: Record<string, number> = {
  silica_fumed: 0.03,
  silica_hydrophobic: 0.03,
  organoclay: 0.015,
}

const extenders = read('extenders').map((row): Material => ({
  ...common(row, ranged(row, 'density_g_per_ml')!),
  name: row['name']!,
  family: 'extender',
  shares: { extender: 1 },
  bulkDensityGPerMl: ranged(row, 'bulk_density_g_per_ml'),
  oilAbsorption: ranged(row, 'oil_absorption_g_per_100g', 'oil_absorption_g_per_100g_mid'),
  sinkingTendency: 1,
  transparency: 'transparent',
  mostOfMix: thixotropes[row['id']!],
  hazards: hazards(row),
}))

const pigments = read('pigments').map((row): Material => ({
  ...common(row, ranged(row, 'density_g_per_ml')!),
  name: row['common_name']!,
  family: 'pigment',
  shares: { pigment: 1 },
  oilAbsorption: ranged(row, 'oil_absorption_g_per_100g', 'oil_absorption_g_per_100g_mid'),
  rate: ranged(row, 'relative_dry_rate'),
  sinkingTendency: number(row['sinking_tendency_1to5']),
  transparency: row['transparency'] as Material['transparency'],
  pigmentCode: row['ci'] || undefined,
  lightfastness: row['lightfastness'] || undefined,
  hazards: hazards(row),
}))

/** Umber acting as a drier is a pigment, and vitamin E in food oil is not something one doses: neither is a line of a recipe. */
const driers = read('driers')
  .filter((row) => dropMl.has(row['id']!))
  .map((row): Material => {
    const density = Number(row['solution_density_g_per_ml'])
    return {
      ...common(row, { low: density, mid: density, high: density }),
      name: row['name']!,
      family: row['role'] === 'retarder' ? 'retarder' : 'drier',
      shares: { drier: 1 },
      metalPercent: number(row['supplied_metal_percent']),
      maxMetalPercent: number(row['max_metal_on_oil_percent']),
      hazards: hazards(row),
    }
  })

const shareColumns = [
  'oil',
  'alkyd',
  'resin',
  'wax',
  'protein',
  'polymer',
  'gum',
  'extender',
  'pigment',
  'volatile',
  'water',
  'other',
] as const
const prepared = read('prepared').map((row): Material => {
  const density = Number(row['density_g_per_ml'])
  return {
    ...common(row, { low: density, mid: density, high: density }),
    name: row['name']!,
    family: row['kind'] as Family,
    shares: Object.fromEntries(
      shareColumns.filter((name) => Number(row[name]) > 0).map((name) => [name, Number(row[name])]),
    ),
    rate: range(undefined, row['relative_rate'], undefined),
    shelfDays: number(row['shelf_life_days']),
    waterMixable: row['id'] === 'alkyd_water_mixable' || undefined,
    hazards: hazards(row, row['kind'] !== 'acid' && Number(row['volatile']) >= vapourFrom),
  }
})

/** What the book says of each material beside what films need, with how sure it is. */
const bookColumns: Record<
  string,
  readonly (readonly [is: string, column: string, mid: string, unit: string])[]
> = {
  oils: [
    ['density at 20 °C', 'density_g_per_ml_20c', 'density_g_per_ml_20c', 'g/ml'],
    ['iodine value', 'iodine_value', 'iodine_value_mid', ''],
    ['viscosity at 25 °C', 'viscosity_mpas_25c', 'viscosity_mpas_25c', 'mPa·s'],
    ['drying speed, raw linseed = 1', 'relative_touch_dry_rate', 'relative_touch_dry_rate', ''],
    ['saponification value', 'saponification_value', 'saponification_value', 'mg KOH/g'],
    ['refractive index', 'refractive_index_20c', 'refractive_index_20c', ''],
    ['yellowing', 'yellowing_1to5', 'yellowing_1to5', 'of 5'],
    ['strength of the film', 'film_strength_1to5', 'film_strength_1to5', 'of 5'],
    ['flexibility', 'flexibility_1to5', 'flexibility_1to5', 'of 5'],
  ],
  resins_waxes: [
    ['density', 'density_g_per_ml', 'density_g_per_ml', 'g/ml'],
    ['bulk density, level spoon', 'bulk_density_g_per_ml', 'bulk_density_g_per_ml', 'g/ml'],
    ['volatile, by mass', 'volatile_fraction_percent', 'volatile_fraction_percent', '%'],
    ['softens or melts', 'softening_or_melting_c', '', '°C'],
    ['acid value', 'acid_value', '', 'mg KOH/g'],
    ['refractive index', 'refractive_index', 'refractive_index', ''],
    ['brittleness', 'brittleness_1to5', 'brittleness_1to5', 'of 5'],
    ['yellowing', 'yellowing_1to5', 'yellowing_1to5', 'of 5'],
    [
      'most advised, of the dried film by mass',
      'recommended_max_percent_dried_film',
      'recommended_max_percent_dried_film',
      '%',
    ],
  ],
  solvents: [
    ['density at 20 °C', 'density_g_per_ml_20c', 'density_g_per_ml_20c', 'g/ml'],
    ['boils', 'boiling_c', '', '°C'],
    ['flash point, closed cup', 'flash_point_c', 'flash_point_c', '°C'],
    [
      'evaporation, a middling thinner (butyl acetate) = 1',
      'evaporation_rate_nbuac_1',
      'evaporation_rate_nbuac_1',
      '',
    ],
    ['guidance limit over 8 h', 'exposure_limit_8h_mg_m3', 'exposure_limit_8h_mg_m3', 'mg/m³'],
    ['dissolving power for resin (kauri-butanol value)', 'kauri_butanol', 'kauri_butanol', ''],
  ],
  extenders: [
    ['density', 'density_g_per_ml', 'density_g_per_ml', 'g/ml'],
    ['bulk density, level spoon', 'bulk_density_g_per_ml', 'bulk_density_g_per_ml', 'g/ml'],
    ['oil absorption', 'oil_absorption_g_per_100g', 'oil_absorption_g_per_100g_mid', 'g per 100 g'],
    ['refractive index', 'refractive_index', 'refractive_index', ''],
  ],
  pigments: [
    ['density', 'density_g_per_ml', 'density_g_per_ml', 'g/ml'],
    ['oil absorption', 'oil_absorption_g_per_100g', 'oil_absorption_g_per_100g_mid', 'g per 100 g'],
    ['drying speed, none = 1', 'relative_dry_rate', 'relative_dry_rate', ''],
    ['tendency to sink', 'sinking_tendency_1to5', 'sinking_tendency_1to5', 'of 5'],
  ],
  driers: [
    ['metal as supplied, by mass', 'supplied_metal_percent', 'supplied_metal_percent', '%'],
    ['usual dose, metal on oil by mass', 'dose_metal_on_oil_percent', 'dose_metal_on_oil_percent', '%'],
    ['most advised, metal on oil by mass', 'max_metal_on_oil_percent', 'max_metal_on_oil_percent', '%'],
    [
      'touch-dry time in paint, without = 1',
      'touch_dry_time_factor_pigmented',
      'touch_dry_time_factor_pigmented',
      '',
    ],
  ],
  prepared: [
    ['density', 'density_g_per_ml', 'density_g_per_ml', 'g/ml'],
    ['drying speed, raw linseed = 1', 'relative_rate', 'relative_rate', ''],
    ['keeps', 'shelf_life_days', 'shelf_life_days', 'days'],
  ],
}

function bookFigures(file: string, row: Row): readonly BookFigure[] {
  return bookColumns[file]!.flatMap(([is, column, mid, unit]) => {
    const figure = {
      is,
      low: number(row[`${column}_low`]),
      mid: number(row[mid]),
      high: number(row[`${column}_high`]),
      unit,
    }
    return figure.low === undefined && figure.mid === undefined ? [] : [figure]
  })
}

const acidNames = ['palmitic', 'stearic', 'oleic', 'linoleic', 'linolenic'] as const

const entries = Object.keys(bookColumns).flatMap((file) =>
  read(file).map((row): readonly [string, BookEntry] => [
    row['id']!,
    {
      confidence: (row['confidence'] as BookEntry['confidence']) || 'low',
      kind: row['source_kind'] || 'estimate',
      notes: row['notes'] ?? '',
      figures: bookFigures(file, row),
      ...(row['fa_basis'] && {
        acids: Object.fromEntries(
          acidNames.map((name) => [name, Number(row[`${name}_percent`])]),
        ) as BookEntry['acids'],
        acidsOf:
          row['fa_basis'] === 'measured_typical'
            ? ('this oil' as const)
            : ('the oil before bodying' as const),
        other: { percent: Number(row['other_percent']), iodine: Number(row['other_iv_coefficient']) },
      }),
    },
  ]),
)

const all = [...oils, ...resinsAndWaxes, ...solvents, ...extenders, ...pigments, ...driers, ...prepared]

export const librarySource = `// Generated from data/*.csv by scripts/library.ts. Do not edit: change the CSV and run \`npm run library\`.
import type { Material } from './material.ts'

export const library: readonly Material[] = [
${all.map((material) => `  ${JSON.stringify(material)},`).join('\n')}
]
`

const kept = new Set(all.map(({ id }) => id))
export const bookSource = `// Generated from data/*.csv by scripts/library.ts. Do not edit: change the CSV and run \`npm run library\`.
import type { BookEntry } from './bookEntry.ts'

export const book: Readonly<Record<string, BookEntry>> = {
${entries
  .filter(([id]) => kept.has(id))
  .map(([id, entry]) => `  ${id}: ${JSON.stringify(entry)},`)
  .join('\n')}
}
`

const exposures = read('solvents').flatMap((row): readonly [string, Exposure][] => {
  const pressure = ranged(row, 'vapour_pressure_kpa_20c')
  if (!pressure || row['id'] === 'water') return []
  return [
    [
      row['id']!,
      {
        vapourKPa: pressure,
        molarG: Number(row['molar_mass_g_per_mol']),
        commonMgPerM3: number(row['exposure_limit_8h_mg_m3']) ?? null,
        strictMgPerM3: number(row['strict_exposure_limit_8h_mg_m3']) ?? null,
        sensitises: row['sensitiser'] === 'yes',
      },
    ],
  ]
})

export const exposuresSource = `// Generated from data/solvents.csv by scripts/library.ts. Do not edit: change the CSV and run \`npm run library\`.
import type { Exposure } from './exposure.ts'

export const exposures: Readonly<Record<string, Exposure>> = {
${exposures.map(([id, exposure]) => `  ${id}: ${JSON.stringify(exposure)},`).join('\n')}
}
`

if (process.argv[1]?.endsWith('library.ts')) {
  writeFileSync(new URL('src/core/materials/book.ts', root), bookSource)
  writeFileSync(new URL('src/core/materials/library.ts', root), librarySource)
  writeFileSync(new URL('src/core/air/exposures.ts', root), exposuresSource)
}

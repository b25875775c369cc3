import type { CheckId } from '../cure/checks.ts'
import type { StateId } from '../cure/states.ts'
import type { VarnishAt } from '../practice/practice.ts'

/** When a picture may be varnished, school by school (reckonings.md, Varnish readiness). */
export const varnishSchools = ['soft', 'six', 'year', 'wax'] as const
export type VarnishSchoolId = (typeof varnishSchools)[number]

export interface VarnishSchool {
  readonly name: string
  /** Of what it is. */
  readonly kind: string
  readonly needs: StateId
  /** Months by the calendar, at least. */
  readonly months: number
  /** From when those months count: the last film, or the day all is cured. */
  readonly from: 'last film' | 'cured'
  /** What has to pass first, and how it is made. */
  readonly check: CheckId
  readonly test: string
}

const swab =
  'cotton, the varnish’s own solvent, rolled five seconds on its slowest, thickest, darkest spot: colour means not yet'

export const schoolTable: Readonly<Record<VarnishSchoolId, VarnishSchool>> = {
  soft: {
    name: 'soft, removable',
    kind: 'a resin that mild spirit lifts again: hydrocarbon, aldehyde, ketone, butyl methacrylate',
    needs: 'varnishSoft',
    months: 2,
    from: 'last film',
    check: 'swab',
    test: swab,
  },
  six: {
    name: 'traditional, after six months',
    kind: 'damar, mastic, or any other',
    needs: 'cured',
    months: 6,
    from: 'last film',
    check: 'swab',
    test: swab,
  },
  year: {
    name: 'traditional, after a year',
    kind: 'damar, mastic, or any other',
    needs: 'cured',
    months: 12,
    from: 'last film',
    check: 'swab',
    test: swab,
  },
  wax: {
    name: 'wax, by brush',
    kind: 'a wax varnish, brushed and buffed: never rubbed in with spirit',
    needs: 'cured',
    months: 6,
    from: 'cured',
    check: 'thumb-pressure',
    test: 'a thumb pressed hard on its thickest spot leaves no print, and a dry cloth lifts no colour',
  },
}

/** The school a practice varnishes by. */
export const schoolOf: Readonly<Record<VarnishAt, VarnishSchoolId>> = {
  swab: 'soft',
  cured: 'six',
  'cured-and-six-months': 'wax',
}

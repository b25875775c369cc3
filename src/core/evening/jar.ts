/** A cleaning jar: what it is filled with, and what was rinsed in it since (C97). */
export interface JarState {
  /** Days since it was filled. */
  readonly ageDays: number
  readonly uses: number
  readonly tookUpLead: boolean
  /** Oil, not solvent. */
  readonly isOil: boolean
}

export interface JarAdvice {
  readonly is: 'good' | 'watch' | 'change'
  readonly says: string
}

/** So often and so long a jar is rinsed in before it gives more than it takes; estimates. */
const limits = {
  solvent: { watchUses: 3, changeUses: 12, changeDays: 90 },
  oil: { watchUses: 3, changeUses: 8, changeDays: 30 },
} as const

/** Whether a jar is still to be rinsed in, and what of it must not be forgotten. */
export function jarAdvice({ ageDays, uses, tookUpLead, isOil }: JarState): JarAdvice {
  const { watchUses, changeUses, changeDays } = limits[isOil ? 'oil' : 'solvent']
  const lead = tookUpLead
    ? ' It took up lead: apart from the others, never where food is, and its waste is hazardous.'
    : ''
  if (uses >= changeUses || ageDays >= changeDays) {
    const why = uses >= changeUses ? `used ${uses} times` : `${Math.round(ageDays)} days old`
    const how = isOil
      ? 'wipe it out into the can with the rags'
      : 'let it settle, pour the clear off, the sludge to the waste'
    return { is: 'change', says: `Change it: ${why}; ${how}.${lead}` }
  }
  if (uses >= watchUses)
    return { is: 'watch', says: `Used ${uses} times: it gives paint back into a glaze.${lead}` }
  return tookUpLead
    ? { is: 'watch', says: lead.trim() }
    : { is: 'good', says: uses === 0 ? 'Fresh.' : `Used ${uses === 1 ? 'once' : `${uses} times`}.` }
}

/** From this level on a waste container is taken to the collection point. */
export const fullFrom = 0.8

import { defaultLimits, levelOf } from '../practice/limits.ts'
import type { Limit } from '../practice/limits.ts'

/** How that stands against the practice's limit for a glaze; null: within it. It spoils the look, not the film. */
export const clouding = (
  share: number,
  limit: Limit = defaultLimits.opaqueInGlaze,
): 'watch' | 'unsound' | null => levelOf('opaqueInGlaze', limit, share)

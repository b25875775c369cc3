/** What stands about in the studio; it comes once the page answers. */
export { BrushSets } from './BrushSets.tsx'
export { Jars } from './Jars.tsx'
export { OwnChecks } from './OwnChecks.tsx'
export { Waste } from './Waste.tsx'

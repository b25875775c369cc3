/** What stands below the map, and comes once the page answers. */
export { Brighten } from './Brighten.tsx'
export { OilOut } from './OilOut.tsx'

/** What stands below the ladder, and comes once the page answers. */
export { HandOver } from './HandOver.tsx'
export { Packing } from './Packing.tsx'
export { TakingOff } from './TakingOff.tsx'
export { VarnishChoice } from './varnish/VarnishChoice.tsx'

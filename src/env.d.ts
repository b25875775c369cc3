import type { Climate } from './core/cure/climate.ts'

declare global {
  namespace App {
    interface Locals {
      /** What a page shows is no older than this event. */
      newestEvent?: number
      /** The studio's own room today, for the head of a page. */
      room?: Climate
    }
  }
}

declare namespace App {
  interface Locals {
    /** What a page shows is no older than this event. */
    newestEvent?: number
  }
}

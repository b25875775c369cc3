import type { StateId } from '../cure/states.ts'

/** What a picture bears once its slowest spot has come so far (reckonings.md, Packing by stage). */
export function mayBeDone(state: StateId | 'wet' | 'bare'): string {
  switch (state) {
    case 'bare':
      return 'Nothing lies on it.'
    case 'wet':
      return 'It is wet somewhere: leave it flat and bare in its own studio.'
    case 'touch':
      return 'It may be shown, and travel upright in a spacer box with nothing before its face.'
    case 'firm':
    case 'set':
      return 'It may be stacked with corner spacers, and wrapped round its frame only, for two days.'
    case 'varnishSoft':
      return 'A soft removable varnish may go on, after a swab on the slowest spot; release paper without pressure.'
    case 'cured':
      return 'Any final varnish may go on; it may be wrapped.'
  }
}

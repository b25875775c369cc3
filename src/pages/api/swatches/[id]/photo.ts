import { swatchOrRefuse } from '../../../../studio/swatches.ts'
import { photographOf } from '../../_photo.ts'

export const PUT = photographOf('a swatch', swatchOrRefuse)

import { tubeOrRefuse } from '../../../../studio/tubeList.ts'
import { photographOf } from '../../_photo.ts'

export const PUT = photographOf('a tube’s swatch', tubeOrRefuse)

import { batchOrRefuse } from '../../../../studio/lists/batchList.ts'
import { photographOf } from '../../_photo.ts'

export const PUT = photographOf('a batch', batchOrRefuse)

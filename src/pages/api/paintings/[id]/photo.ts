import { paintingOrRefuse } from '../../../../studio/pictures.ts'
import { photographOf } from '../../_photo.ts'

export const PUT = photographOf('a painting', paintingOrRefuse)

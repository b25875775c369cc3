import { pageAsked } from '../../../studio/listPage.ts'
import { studioPlaceId } from '../../../document/studioPlace.ts'

/** A place as an address asks for it, the studio itself if for none, with what is looked for in it. */
export const placeAsked = ({ searchParams }: URL) => ({
  place: searchParams.get('place') ?? studioPlaceId,
  ...pageAsked(searchParams),
})

/** The studio's own room among the places where pictures dry. */
export const studioPlaceId = 'studio'

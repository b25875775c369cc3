/** There is one studio in a file; its settings are stored under this id. */
export const settingsId = 'studio'

/** Picture files a project takes, as a file field is told. */
export const PICTURE_TYPES = 'image/png,image/jpeg,image/webp,image/svg+xml'

/** What may belong to a project beside pictures. */
export const FILE_TYPES = `${PICTURE_TYPES},application/pdf`

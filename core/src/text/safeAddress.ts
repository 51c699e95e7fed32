const LINK = /^(?:https?:|mailto:|tel:|\/(?!\/)|#|\.)/i
const OWN_DATA = /^data:(?:image\/(?:png|jpeg|webp|svg\+xml)|font\/(?:ttf|otf|woff2));base64,[a-z\d+/]*=*$/i
const OWN_PATH = /^(?:\/(?!\/)|\.{0,2}\/)?[\w.~%-]+(?:\/[\w.~%-]+)*$/

/** Whether a link may lead there: http, https, mailto, tel, or an address on the same site. */
export const isSafeLink = (address: string): boolean => LINK.test(address)

/** Whether something may be loaded from there: data that travels along, or a file beside the page. */
export const isOwnAddress = (address: string): boolean =>
  address === 'data:,' || OWN_PATH.test(address) || OWN_DATA.test(address)

import { version } from '../../package.json'

/** Changes whenever the same records and book could give another ranking. */
export const ENGINE_VERSION = '2'
/** The product's version, from the one place where it is written down. */
export const APPLICATION_VERSION: string = version

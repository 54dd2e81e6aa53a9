/** Every table, by what it is for. */
export * from './tables/shop'
export * from './tables/access'
export * from './tables/entries'
export * from './tables/attachments'
export * from './tables/found'
export * from './tables/experience'

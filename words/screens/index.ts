/** Every sentence of the screens, by view. */
export const SCREENS: Readonly<Record<string, string>> = {}

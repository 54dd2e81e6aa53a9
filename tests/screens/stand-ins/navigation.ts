/** Nobody walks on while a screen is rendered once. */
export const navigateTo = () => Promise.resolve()

import { keepFocus } from '../shortcuts/focus'

export default defineNuxtPlugin(() => void keepFocus(document))

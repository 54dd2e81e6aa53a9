import { refuse } from '../utils/api-error'
import { defineApi } from '../utils/define-api'

export default defineApi(() => {
  throw refuse.notFound()
})

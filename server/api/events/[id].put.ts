import { defineEntryRoute } from '../../utils/entry-route'

export default defineEntryRoute('events')

import { type CheckOutcome, RECORD_DATA, type RecordData, type RecordKind } from '#core'
import { fieldOfIssue, formFieldsOf, missingIn, recordOf, startOf, valuesOf } from './form-fields'

/** A check as its form needs it. */
export interface FormCheck {
  id: string
  cautions?: readonly string[] | undefined
  assess: (...parameters: never[]) => CheckOutcome<object>[]
}

type Values = Record<string, unknown>
export type Asked = (path: string, values: Readonly<Values>) => boolean

/**
 * What stands in the form of a kind of record, and the record that it is of: the newest, or, where a record is of one
 * device or face (`each` names the field that says which), the newest of the same. A form that is `anew` begins another
 * record always. `asked` says of a field whether it is asked at all by what was entered so far; what is not is not kept.
 */
export function useRecordForm(
  check: FormCheck,
  kind: RecordKind,
  {
    each,
    anew = false,
    asked = () => true,
  }: { each?: string | undefined; anew?: boolean | undefined; asked?: Asked | undefined },
) {
  const { say } = useWords()
  const { labelOf } = useFormWords(check.id)
  const { all, outcomeOf, mayRecord, keep, takeBack } = useCheck(check, kind)
  const known = useKnown()
  const schema = RECORD_DATA[kind]
  const fields = formFieldsOf(schema)

  const subjectOf = (said: object) => (each ? (said as Values)[each] : undefined)
  const blank = (): Values => ({ ...startOf(fields), ...known(fields) })
  const written = (data: object): Values => ({ ...startOf(fields), ...valuesOf(fields, data) })

  const newest = anew ? undefined : all.value.at(-1)
  const values = ref<Values>(newest ? written(newest.data) : blank())
  const last = computed(() =>
    all.value.findLast(({ data }) => subjectOf(data) === subjectOf(values.value)),
  )
  const outcome = computed(() => outcomeOf(last.value?.id))
  /** another record of the same is being made */
  const isRepeating = ref(anew)
  const isCorrection = computed(() => last.value !== undefined && !isRepeating.value)
  const problem = ref('')
  /** each showing draws the fields anew */
  const turn = ref(0)
  const asShown = ref(JSON.stringify(values.value))
  /** nothing was typed since it was shown or kept */
  const isUntouched = computed(() => JSON.stringify(values.value) === asShown.value)

  function show(next: Values) {
    values.value = next
    asShown.value = JSON.stringify(next)
    problem.value = ''
    turn.value += 1
  }
  function repeat() {
    const subject = subjectOf(values.value)
    isRepeating.value = true
    show(each ? { ...blank(), [each]: subject } : blank())
  }
  watch(
    () => subjectOf(values.value),
    (subject) => {
      isRepeating.value = anew
      show(last.value ? written(last.value.data) : { ...blank(), [each!]: subject })
    },
  )
  watch(
    () => last.value?.id,
    () => {
      // What somebody is typing is not replaced by what comes from elsewhere.
      if (last.value && isUntouched.value && !isRepeating.value) show(written(last.value.data))
    },
  )

  /** Rows of which nothing was typed are not meant. */
  function typed(): Values {
    const rows = fields.flatMap(({ path, entry }) => {
      if (entry.as !== 'rows') return []
      const begun = startOf(entry.columns)
      const isTyped = (row: Values) =>
        Object.entries(row).some(([key, value]) => value !== undefined && value !== begun[key])
      return [[path, ((values.value[path] ?? []) as Values[]).filter(isTyped)] as const]
    })
    const all = { ...values.value, ...Object.fromEntries(rows) }
    return Object.fromEntries(Object.entries(all).filter(([path]) => asked(path, all)))
  }

  /** What the first row that is not complete still lacks. */
  function problemInRows(data: Values): string {
    for (const { path, entry } of fields) {
      if (entry.as !== 'rows') continue
      const lacking = (data[path] as Values[]).map((row) => missingIn(entry.columns, row))
      const at = lacking.findIndex(Boolean)
      if (at >= 0)
        return say('form.rowLacks', {
          row: at + 1,
          what: labelOf(`${path}.${lacking[at]!.path}`),
        })
    }
    return ''
  }

  function problemIn(data: Values): string {
    const missing = missingIn(fields, data)
    if (missing) return say('form.missing', { what: labelOf(missing.path) })
    const inRows = problemInRows(data)
    if (inRows) return inRows
    const parsed = schema.safeParse(recordOf(fields, data))
    if (parsed.success) return ''
    const issue = parsed.error.issues[0]!
    const field = fieldOfIssue(fields, issue.path)
    const what = field ? labelOf(field.path) : ''
    if (issue.code === 'too_small' && field?.entry.as === 'rows')
      return say('form.missing', { what })
    const isSaid = issue.code === 'custom' || issue.code === 'invalid_format'
    const why = isSaid ? issue.message : say('form.lookAgain')
    return say('form.notPossible', { what, why })
  }

  /** Keeps what is typed, as a correction of what stands or as a record of its own; tells whether it was kept. */
  async function save(): Promise<boolean> {
    const data = typed()
    const asKept = JSON.stringify(values.value)
    problem.value = problemIn(data)
    if (problem.value) return false
    const replaces = isCorrection.value ? last.value?.id : undefined
    await keep(schema.parse(recordOf(fields, data)) as RecordData<RecordKind>, replaces)
    isRepeating.value = anew
    // What was typed while it was being kept is not kept yet.
    asShown.value = asKept
    return true
  }
  return {
    fields,
    values,
    last,
    outcome,
    isCorrection,
    isRepeating,
    isUntouched,
    problem,
    turn,
    mayRecord,
    repeat,
    save,
    takeBack,
  }
}

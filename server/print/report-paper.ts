import { DateTime } from 'luxon'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import {
  BOOK,
  type CaseFile,
  caseStateOf,
  evidenceFor,
  type Message,
  eventsOfKind,
  ofKind,
  type RankedCase,
  type Suspect,
  yearAndDistance,
} from '#core'
import { sentence } from '../../words/catalogue'
import { endLines } from '../../words/case-end'
import { comesNext } from '../../words/comes-next'
import { checkWhy, nameOfAny } from '../../words/check-names'
import { unitsTyped } from '../../words/figures'
import { formatChance, formatQuantity, type UnitPreferences } from '../../words/format'
import { goingOn } from '../../words/going-on'
import { keeperSentences } from '../../words/keeper'
import { leftWords, repairLines, repairWords } from '../../words/records'
import {
  dayOf,
  heading,
  INK,
  LINE,
  momentOf,
  pagesOf,
  type PaperSize,
  quiet,
  RULES,
  say,
} from './paper'
import { checksDone, keeperAnswers, notesWritten } from './report-checks'
import { pictures } from './report-pictures'

/** A case as it is reported: its file, how it was ranked, and its photographs as JPEG by their hash. */
export interface ReportOnPaper {
  file: CaseFile
  ranked: RankedCase
  photographs: ReadonlyMap<string, Buffer>
  /** moment at which it is printed */
  printedAt: DateTime
}

const SUSPECTS_TOLD = 5
const PHOTOGRAPHS_ON_FIRST_PAGE = 2

/**
 * The report of a case: a first page in plain words for the keeper, with pictures and cautions; then what is likely and
 * what is not proven, every check with its figures, charts, photographs, and the work that was done.
 */
export function reportPaper(paper: ReportOnPaper, size: PaperSize): TDocumentDefinitions {
  const { file, printedAt } = paper
  const units = unitsTyped(file)
  const about = [file.vehicle.name, file.vehicle.plate].filter(Boolean).join(' · ')
  const title = say('report.coolingSystemReport')
  return pagesOf({ title, shop: file.shop?.name ?? '', about }, size, [
    quiet(dayOf(printedAt)),
    ...firstPage(paper, units),
    { text: '', pageBreak: 'after' },
    ...suspectTable(paper.ranked),
    ...keeperAnswers(file),
    ...checksDone(file, paper.ranked.assessment.outcomes, units),
    ...notesWritten(file),
    ...photographs(paper),
    ...workDone(file),
    ...assumed(paper.ranked, units),
    closing(paper, units),
  ])
}

/** What a keeper wants to know: what it came with, what it is, what was found, what is to be done and heeded. */
function firstPage(paper: ReportOnPaper, units: UnitPreferences): Content[] {
  const { file, ranked } = paper
  const { vehicle } = file
  const { kilometres } = yearAndDistance(vehicle)
  const told = (message: Message) => sentence(message, units)
  const [lead] = ranked.ranking.suspects
  const openedBy = file.people.find(({ id }) => id === file.case.openedBy)?.name ?? ''
  const details = [
    vehicle.model,
    vehicle.plate,
    kilometres === undefined
      ? undefined
      : formatQuantity({ kind: 'distance', coreValue: kilometres }, units),
  ].filter(Boolean)
  return [
    { text: vehicle.name, fontSize: 18, bold: true, margin: [0, 14, 0, 0] },
    quiet(details.join(' · ')),
    {
      text: [
        { text: `${say(`complaint.${file.case.complaint}`)}: `, bold: true },
        say('report.openedBy', {
          title: file.case.title,
          openedAt: momentOf(file.case.openedAt),
          openedBy,
        }),
      ],
      margin: [0, 10, 0, 0],
    },
    heading(say('report.paper.inPlainWords')),
    { text: inPlainWords(ranked, lead, told).join(' '), fontSize: 13, lineHeight: 1.3 },
    ...whatComesNext(file, ranked),
    ...(ranked.assessment.drive.may !== 'yes'
      ? [
          {
            table: {
              widths: ['*'],
              body: [[{ text: told(ranked.assessment.drive.why), bold: true }]],
            },
            layout: { ...RULES, fillColor: () => '#f7e8c3' },
            margin: [0, 12, 0, 0],
          } satisfies Content,
        ]
      : []),
    heading(say('report.suspect-table.howLikely')),
    ...ranked.ranking.suspects.slice(0, 3).map((suspect) => chanceBar(suspect)),
    ...pictures(file, paper.photographs, 0, PHOTOGRAPHS_ON_FIRST_PAGE),
    { stack: [deference()], margin: [0, 18, 0, 0] },
  ]
}

/** What is likely as one would tell it to the keeper; that nothing is wrong, where that is likelier. */
function inPlainWords(
  ranked: RankedCase,
  lead: Suspect | undefined,
  told: (message: Message) => string,
): string[] {
  const { ranking } = ranked
  if (!lead || ranking.nothingWrong > lead.probability)
    return [say('report.paper.nothingWrong', { chance: formatChance(ranking.nothingWrong) })]
  const found = evidenceFor(ranking, lead.fault)
    .filter(({ decibans }) => decibans > 0)
    .map(({ says }) => [...new Set(says.map(told))].join('; '))
  return keeperSentences(lead, ranked, found, { say, goingOn })
}

function whatComesNext(file: CaseFile, ranked: RankedCase): Content[] {
  const lines = comesNext(ranked, caseStateOf(file), { say, checkName: nameOfAny, checkWhy })
  if (lines.length === 0) return []
  return [heading(say('report.paper.whatComesNext')), ...lines.map((text) => ({ text }))]
}

/** A suspect with a bar as long as it is likely. */
function chanceBar({ name, probability }: Suspect): Content {
  const whole = 200
  const bar = (w: number, color: string) =>
    ({ type: 'rect', x: 0, y: 0, w, h: 7, color, lineWidth: 0 }) as const
  return {
    columns: [
      { text: name, width: 190 },
      {
        canvas: [bar(whole, LINE), bar(Math.max(1, whole * probability), INK)],
        width: 210,
        margin: [0, 3, 0, 0],
      },
      { text: formatChance(probability), width: '*' },
    ],
    margin: [0, 2, 0, 2],
  }
}

function suspectTable({ ranking }: RankedCase): Content[] {
  const rows = ranking.suspects.slice(0, SUSPECTS_TOLD).map((suspect) => {
    const open = suspect.guards.filter(({ met }) => !met).map(({ text }) => text)
    const isConsequence = suspect.role === 'consequence'
    return [
      suspect.name + (isConsequence ? say('report.suspect-table.consequence') : ''),
      { text: formatChance(suspect.probability), noWrap: true },
      open.join('; ') ||
        (suspect.guards.length > 0 ? say('report.suspect-table.nothingAllOfItIs') : ''),
    ]
  })
  const head = ['suspect', 'howLikely', 'notProvenYet']
  return [
    heading(say('report.suspect-table.whatIsLikelyAndWhat')),
    {
      table: {
        headerRows: 1,
        widths: ['*', 'auto', '*'],
        body: [
          head.map((id) => ({ text: say(`report.suspect-table.${id}`), bold: true })),
          ...rows,
        ],
      },
      layout: RULES,
    },
    {
      text: say('report.suspect-table.nothingWrongAtAllSomething', {
        nothingWrong: formatChance(ranking.nothingWrong),
        notInTheBook: formatChance(ranking.notInTheBook),
      }),
      margin: [0, 6, 0, 0],
    },
  ]
}

function photographs({ file, photographs }: ReportOnPaper): Content[] {
  const rest = pictures(file, photographs, PHOTOGRAPHS_ON_FIRST_PAGE)
  return rest.length > 0 ? [heading(say('report.photographs')), ...rest] : []
}

function workDone(file: CaseFile): Content[] {
  const { records, events } = caseStateOf(file)
  const declared = ofKind(records, 'suspect.declared').map(({ data, observedAt }): Content => ({
    text: [
      {
        text: `${BOOK.faults.find(({ id }) => id === data.fault)?.name ?? data.fault}: `,
        bold: true,
      },
      say('report.declaredAs', { as: data.as, when: momentOf(observedAt) }),
      ` ${data.because}`,
    ],
  }))
  /** What stands out because it was not done; nothing where all was. */
  const notTicked = (left: string): Content[] =>
    left ? [{ text: say('case.repair-steps.left', { left }), bold: true }] : []
  const repaired = eventsOfKind(events, 'repaired').flatMap((event): Content[] => [
    { text: `${momentOf(event.observedAt)}: ${repairWords(event)}` },
    ...repairLines(event).map((text): Content => ({ text: `· ${text}`, margin: [8, 1, 0, 1] })),
    ...notTicked(leftWords(event)),
  ])
  const ends = endLines(events, { say, when: momentOf }).map((text): Content => ({ text }))
  return [
    ...(declared.length > 0 ? [heading(say('report.declared')), ...declared] : []),
    ...(repaired.length > 0 ? [heading(say('report.workDone')), ...repaired] : []),
    ...(ends.length > 0 ? [heading(say('report.end.title')), ...ends] : []),
  ]
}

function assumed({ assessment }: RankedCase, units: UnitPreferences): Content[] {
  if (assessment.assumptions.length === 0) return []
  return [
    heading(say('report.assumed')),
    { ul: assessment.assumptions.map((message) => sentence(message, units)) },
  ]
}

const deference = (): Content => quiet(say('report.supportsAQualifiedTechnicianThe'))

/** Who recorded, where, and by which book it was ranked. */
function closing({ file, ranked }: ReportOnPaper, units: UnitPreferences): Content {
  const rating = file.vehicle.profile.caps?.[0]?.ratingKPa
  const people = file.people.map(({ name }) => name).join(', ')
  return {
    stack: [
      quiet(
        say('report.recordedByElevationCapAsked', {
          people: people || say('report.nobodyYet'),
          elevationMetres: formatQuantity(
            { kind: 'elevation', coreValue: file.site.elevationMetres },
            units,
          ),
          ratingKPa:
            typeof rating === 'number'
              ? formatQuantity({ kind: 'pressure', coreValue: rating }, units)
              : say('report.notKnown'),
          version: ranked.book.version,
          hash: ranked.book.hash,
          engine: ranked.engine,
        }),
      ),
      deference(),
    ],
    margin: [0, 20, 0, 0],
  }
}

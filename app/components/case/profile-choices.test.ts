import { describe, expect, it } from 'vitest'
import { ENTRIES, PART_NAMES, type Part } from '#core'
import { formatted } from '../../../words/catalogue'
import { fieldNames, type Key, profileFields, SAME_PLACE } from './profile-choices'

const { choices, figures, isFlag, yesNo } = profileFields((id) => formatted(id, {}))
const allChoices = Object.values(choices).flat()
const allFigures = Object.values(figures).flat()
const systemProfile = ENTRIES.profiles.shape.profile
const takes = (profile: object) => systemProfile.safeParse(profile).success

describe('what is chosen of a system', () => {
  it.each(allChoices.map((choice) => [choice.key, choice] as const))(
    '%s: every answer is one that a profile takes',
    (key, choice) => {
      for (const { value } of choice.options)
        expect(takes({ [key]: isFlag(choice) ? value === 'yes' : value })).toBe(true)
      expect(takes({ [key]: 'not-known' })).toBe(true)
      expect(takes({ [key]: 'something else' })).toBe(false)
    },
  )
  it('offers every answer that a profile takes, where there are a few', () => {
    for (const { key, options } of allChoices.filter((choice) => !isFlag(choice))) {
      const refused = systemProfile.safeParse({ [key]: 'something else' }).error!.issues[0]!
      const named = [...JSON.stringify(refused).matchAll(/"values":\[([^\]]+)\]/g)].flatMap((m) =>
        m[1]!.split(',').map((value) => value.replaceAll('"', '')),
      )
      expect(named.filter((value) => value !== 'not-known').sort()).toEqual(
        options.map(({ value }) => value).sort(),
      )
    }
  })
  it('asks for nothing twice, and says each answer in words of its own', () => {
    const keys = [...allChoices, ...allFigures].map(({ key }) => key)
    expect(new Set(keys).size).toBe(keys.length)
    for (const { label, options } of allChoices) {
      expect(label).toMatch(/^[^{}]+$/)
      expect(new Set(options.map(({ text }) => text)).size).toBe(options.length)
    }
    expect(yesNo.map(({ value }) => value)).toEqual(['yes', 'no'])
  })
})

describe('what is typed of a system', () => {
  it.each(allFigures.map((figure) => [figure.key, figure] as const))(
    '%s: the limits of the field are those of the profile',
    (key, { min, max }) => {
      expect(takes({ [key]: min })).toBe(true)
      expect(takes({ [key]: max })).toBe(true)
      expect(takes({ [key]: min - 0.001 })).toBe(false)
      expect(takes({ [key]: max + 0.001 })).toBe(false)
    },
  )
})

describe('where it is asked', () => {
  it('is a part of the loop, which has a name', () => {
    for (const part of [...Object.keys(choices), ...Object.keys(figures)])
      expect(PART_NAMES[part as Part]).toMatch(/\S/)
  })
  it('is another part where a part has no fields of its own', () => {
    for (const [part, at] of Object.entries(SAME_PLACE)) {
      expect(choices[part as Part]).toBeUndefined()
      expect(choices[at] ?? figures[at]).toBeDefined()
    }
  })
})

describe('the name of a field away from its part', () => {
  const nameOf = fieldNames(
    (id) => formatted(id, {}),
    (part) => PART_NAMES[part],
  )
  it('is one in words, its own, for every field that a profile has', () => {
    const keys = Object.keys(systemProfile.def.out.shape) as Key[]
    const names = keys.map(nameOf)
    expect(keys.filter((key) => nameOf(key) === key)).toEqual([])
    expect(new Set(names).size).toBe(keys.length)
  })
})

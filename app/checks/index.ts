import type { Component } from 'vue'
import { ALL_CHECKS, type CheckId } from '#core'

interface Screens {
  panel: () => Promise<Component | { default: Component }>
  /** its part of the report; absent: findings, notes and what it does not clear, as of any check */
  report?: () => Promise<Component | { default: Component }>
  /** photographs are taken by its panel itself, or not at all */
  photographs?: 'its-own'
}

/** The screens of each check that a person can record, one line each; a device loads only what it shows. */
const SCREENS: Readonly<Partial<Record<CheckId, Screens>>> = {
  'belt-and-pump': { panel: () => import('./belt-and-pump/Panel.vue') },
  cap: { panel: () => import('./cap/Panel.vue'), report: () => import('./cap/Report.vue') },
  'clean-and-dry': { panel: () => import('./clean-and-dry/Panel.vue') },
  'cold-soak': { panel: () => import('./cold-soak/Panel.vue') },
  'cooler-test': { panel: () => import('./cooler-test/Panel.vue') },
  'cranking-rise': { panel: () => import('./cranking-rise/Panel.vue') },
  'cylinder-leakage': { panel: () => import('./cylinder-leakage/Panel.vue') },
  'earlier-work': { panel: () => import('./earlier-work/Panel.vue') },
  'felt-by-hand': { panel: () => import('./felt-by-hand/Panel.vue') },
  endoscope: { panel: () => import('./endoscope/Panel.vue') },
  'fan-by-hand': { panel: () => import('./fan-by-hand/Panel.vue') },
  'fan-circuit': { panel: () => import('./fan-circuit/Panel.vue') },
  interview: {
    panel: () => import('./interview/Panel.vue'),
    report: () => import('./interview/Report.vue'),
    photographs: 'its-own',
  },
  'leak-trace': { panel: () => import('./leak-trace/Panel.vue') },
  'level-and-condition': { panel: () => import('./level-and-condition/Panel.vue') },
  'look-round': {
    panel: () => import('./look-round/Panel.vue'),
    report: () => import('./look-round/Report.vue'),
    photographs: 'its-own',
  },
  mix: { panel: () => import('./mix/Panel.vue') },
  'pressure-hold': {
    panel: () => import('./pressure-hold/Panel.vue'),
    report: () => import('./pressure-hold/Report.vue'),
  },
  'pressure-hold-hot': { panel: () => import('./pressure-hold-hot/Panel.vue') },
  'tester-self-check': {
    panel: () => import('./tester-self-check/Panel.vue'),
    report: () => import('./tester-self-check/Report.vue'),
  },
  'vacuum-decay': { panel: () => import('./vacuum-decay/Panel.vue') },
  'warm-up-run': { panel: () => import('./warm-up-run/Panel.vue') },
  'sensor-agreement': { panel: () => import('./sensor-agreement/Panel.vue') },
  'fan-in-action': { panel: () => import('./fan-in-action/Panel.vue') },
  'clutch-hot': { panel: () => import('./clutch-hot/Panel.vue') },
  heater: { panel: () => import('./heater/Panel.vue') },
  'pump-delivery': { panel: () => import('./pump-delivery/Panel.vue') },
  'chemical-gas-test': { panel: () => import('./chemical-gas-test/Panel.vue') },
  'gas-analyser': { panel: () => import('./gas-analyser/Panel.vue') },
  'running-pressure': { panel: () => import('./running-pressure/Panel.vue') },
  'level-creep': { panel: () => import('./level-creep/Panel.vue') },
  actuators: { panel: () => import('./actuators/Panel.vue') },
  'thermostat-bath': { panel: () => import('./thermostat-bath/Panel.vue') },
  'radiator-flow': { panel: () => import('./radiator-flow/Panel.vue') },
  'pump-off': { panel: () => import('./pump-off/Panel.vue') },
  'level-follow-up': { panel: () => import('./level-follow-up/Panel.vue') },
  refill: { panel: () => import('./refill/Panel.vue') },
  'radiator-survey': { panel: () => import('./radiator-survey/Panel.vue') },
  'load-run': { panel: () => import('./load-run/Panel.vue') },
  teardown: { panel: () => import('./teardown/Panel.vue') },
}

const entries = Object.entries(SCREENS) as [CheckId, Screens][]
const panels = new Map<string, Component>(
  entries.map(([id, { panel }]) => [id, defineAsyncComponent(panel)]),
)
const reports = new Map<string, Component>(
  entries.flatMap(([id, { report }]) => (report ? [[id, defineAsyncComponent(report)]] : [])),
)

export const panelOf = (check: CheckId): Component | undefined => panels.get(check)
export const reportOf = (check: CheckId): Component | undefined => reports.get(check)

/** Whether photographs of a check are taken beside its panel. */
export const photographsOf = (check: CheckId): boolean =>
  SCREENS[check] !== undefined && SCREENS[check].photographs === undefined

/** Whether a check can be recorded here. */
export const hasPanel = (check: unknown): check is CheckId =>
  typeof check === 'string' && panels.has(check)

/** Checks that can be recorded here, in the order of the work. */
export const RECORDABLE = ALL_CHECKS.filter((check) => hasPanel(check.id))

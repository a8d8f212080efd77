import type { Said } from '../said'

export const alike = (quantity: Said) => `, ${quantity} alike`
export const partBItsCatalystByTheDepthOfTheLayer = ', part B its catalyst, by the depth of the layer'
export const toBy = (a: Said, b: Said, by: Said) => `, ${a} to ${b} by ${by}`
export const beforeThePour = 'Before the pour:'
export const whereItGoes = 'Where it goes'
export const allLifts = (length: Said) => `All ${length} lifts`
export const toMix = 'To mix'
export const notes = 'Notes'
export const openFor = 'Open for'
export const pass = (tool: Said, number: Said) => `${tool}, pass ${number}`
export const firstWipe = 'First wipe'
export const lastWipeOf = (length: Said) => `Last wipe, of ${length}`
export const catchBelowIt = 'Catch below it'
export const lastLook = 'Last look'
export const windowOpens = 'Window opens'
export const windowShuts = 'Window shuts'
export const canBeHandled = 'Can be handled'
export const cured = 'Cured'
export const theCoat = 'The coat'
export const itsCupTonight = 'Its cup tonight'
export const print = 'Print'
export const startTheClock = 'Start the clock?'
export const startTheClockNow = 'Start the clock'
export const startItWhenTheStirringEndsTheResinIs =
    'Start it when the stirring ends: the resin is setting from then on. What is planned now is copied, and stays as it is.'
export const toTheRunningPour = 'To the running pour'
export const itIsMixed = 'It is mixed'
export const itIsMixedPourIt = 'It is mixed: pour it'
export const goOnMixing = 'Go on mixing'
export const mixItNow = 'Mix it now'
export const howDoYouMeasure = 'How do you measure?'
export const youAreAskedOnceUnderStudioItCanBe = 'You are asked once; under Studio it can be changed.'
export const iWeighIt = 'I weigh it'
export const byTheMarksOfCups = 'By the marks of cups'
export const onSurface = (surface: Said, size: Said) => `on ${surface}, ${size}`
export const afterThePourAt = (temperature: Said) => `After the pour, at ${temperature}`

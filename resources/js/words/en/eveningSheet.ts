import type { Said } from '../said'

export const mixSheets = 'Mix sheets'
export const allCups = 'All cups'
export const print = 'Print'
export const nothingIsPlannedForTonight = 'Nothing is planned for tonight.'
export const glovesEyeProtectionMovingAirWashSkin =
    'Gloves, eye protection, moving air. Wash skin with soap and water, never with solvent.'
export const inWord = (toLowerCase: Said) => ` in ${toLowerCase}`
export const stirUntilItIsClear = 'Stir until it is clear.'
export const stirMin = (stirMin: Said) => `Stir ${stirMin} min.`
export const thenWord = 'Then'
export const emptyAfter = '. Empty after'
export const potLife = (potLifeMin: Said) => `, pot life ${potLifeMin}`
export const leftOver = 'Left over?'
export const takesEach = (name: Said, eachMl: Said) => `${name} takes ${eachMl} each`
export const haveSparesOut = ': have spares out.'
export const stirAgainBeforePouring = '; stir again before pouring'
export const stop = 'Stop. '
export const caution = 'Caution. '
export const catchBelow = (join: Said) => `Catch below ${join}. `
export const wipe = 'Wipe'
export const minAfterItIsMixed = 'min after it is mixed.'

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
export const pouredInTurn = (pieces: string[]) => `Then ${pieces.join(', then ')}.`
export const emptyAfter = (min: Said, potLife: Said | null) =>
    `Empty after ${min}${potLife === null ? '' : `, pot life ${potLife}`}.`
export const leftOver = (takers: string[]) => `Left over? ${takers.join(', ')}: have spares out.`
export const takes = (name: Said, count: number, ml: Said) =>
    count === 1 ? `${name} takes ${ml}` : `${name} takes ${ml} each`
export const stirAgainBeforePouring = '; stir again before pouring'
export const stop = 'Stop. '
export const caution = 'Caution. '
export const catchAndWipe = (amounts: Said, minutes: Said) =>
    `Catch below ${amounts}. Wipe ${minutes} min after it is mixed.`
export const laidWetOnWet = (piece: Said, parts: string[]) => `${piece}: ${parts.join(', then ')}.`

import type { Said } from '../said'

export const alike = (quantity: Said) => `, ${quantity} alike`
export const beingPoured = 'Being poured'
export const notPouredYet = 'Not poured yet'
export const lastPoured = (lastPouredAt: Said) => `Last poured ${lastPouredAt}`
export const measures = 'Measures'
export const lookBackAt = (name: Said) => `Look back at ${name}`
export const lookBack = 'Look back'
export const bringBack = (name: Said) => `Bring ${name} back`
export const bringBackShort = 'Bring back'
export const takeAway = (name: Said) => `Take away ${name}`
export const takeAwayShort = 'Take away'
export const wetResinIsOnIt = 'Wet resin is on it'
export const until = (wetUntil: Said) => `, until ${wetUntil}`
export const itStaysInSightTillThen = '. It stays in sight till then.'
export const takeItAwayAllTheSame = 'Take it away all the same'
export const pieces = 'Pieces'
export const takenAway = 'Taken away'
export const toThePieces = 'To the pieces'
export const takeInAPiece = 'Take in a piece'
export const nothingWasTakenAway = 'Nothing was taken away.'
export const noPieceIsCalledAnythingLike = (find: Said) => `No piece is called anything like "${find}".`
export const findAPieceByItsName = 'Find a piece by its name'
export const planFile = 'Plan file'
export const noPieceYetTakeOneInItsSizeAndItsEdge = 'No piece yet. Take one in: its size and its edge are enough.'
export const pagesOf = (name: Said) => `Pages of ${name}`
export const before = 'Before'
export const more = 'More'
export const measuresOf = (name: Said) => `Measures of ${name}`
export const numbered = (number: Said) => `no. ${number}`
export const wereTakenAway = (count: number) =>
    count === 1 ? 'One piece was taken away' : `${count} pieces were taken away`
export const pageOf = (page: Said, pages: Said) => `${page} of ${pages}`
export const soManyPieces = (count: Said) => `, ${count} pieces`

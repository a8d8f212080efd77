import type { Said } from '../said'

export const no = 'no.'
export const alike = (quantity: Said) => `, ${quantity} alike`
export const beingPoured = 'Being poured'
export const notPouredYet = 'Not poured yet'
export const lastPoured = (lastPouredAt: Said) => `Last poured ${lastPouredAt}`
export const measures = 'Measures'
export const lookBackAt = (name: Said) => `Look back at ${name}`
export const lookBack = 'Look back'
export const bringBack = (name: Said) => `Bring ${name} back`
export const bringBack2 = 'Bring back'
export const takeAway = (name: Said) => `Take away ${name}`
export const takeAway2 = 'Take away'
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
export const onePieceWas = 'One piece was'
export const piecesWere = (awayCount: Said) => `${awayCount} pieces were`
export const takenAway2 = 'taken away'
export const findAPieceByItsName = 'Find a piece by its name'
export const pieces2 = 'pieces'
export const planFile = 'Plan file'
export const noPieceYetTakeOneInItsSizeAndItsEdge = 'No piece yet. Take one in: its size and its edge are enough.'
export const pagesOf = (name: Said) => `Pages of ${name}`
export const before = 'Before'
export const of = 'of'
export const more = 'More'
export const measuresOf = (name: Said) => `Measures of ${name}`
